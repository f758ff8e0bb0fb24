<p class="panel__now">Now reads <b class="figure" data-show="{{ $view->axis->ref }}" data-part="reading">–</b> · <a class="link" href="{{ route('rig', ['set' => $place->record->id, 'do' => 'measure', 'ref' => $view->axis->ref]) }}">measure it</a></p>
@include('make.shape.parts.fields')
