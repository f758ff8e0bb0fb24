<h3>Fit by pressing</h3>
<form data-does="edit" method="post" action="{{ route('shape.fit', $place->record->id) }}" data-edit novalidate class="part__body">
    {{ $place->from() }}<input type="hidden" name="axis" value="{{ $ref }}"><input type="hidden" name="centred" value="{{ (int) $view->isCentred() }}"><input type="hidden" name="travel" data-live-travel="{{ $ref }}" value="0">
    <p class="hint">Hold the axis as hard as you mean, then say what it is to send there. It is at <b class="figure" data-show="{{ $ref }}" data-part="travel">–</b> now.</p>
    <x-field name="sends" id="fit-sends" label="Is to send" value="60" :min="$view->isCentred() ? -100 : 0" />
    @if ($view->isCentred())<label class="check"><input type="checkbox" name="both" value="1" checked> The other half alike</label>@endif
    <button class="button">Send that here</button>
</form>
<h3>Begin with a shape</h3>
<form data-does="edit" method="post" action="{{ route('shape.begin', $place->record->id) }}" data-edit novalidate class="begin">
    {{ $place->from() }}<input type="hidden" name="axis" value="{{ $ref }}">
    @foreach ($view->startingShapes() as $id => $shape)<div><button class="link" name="what" value="{{ $id }}">{{ $shape->name }}</button><p>{{ $shape->why }}</p></div>@endforeach
</form>
<h3>Copy to other axes</h3>
<form data-does="edit" method="post" action="{{ route('shape.copy', $place->record->id) }}" data-edit novalidate class="part__body">
    {{ $place->from() }}<input type="hidden" name="axis" value="{{ $ref }}">
    <fieldset class="choice choice--wrap"><legend>Parts</legend>
        @foreach (['dead_zones' => 'dead zones', 'curve' => 'curve', 'range' => 'range', 'notches' => 'notches', 'steady' => 'steadying', 'rotation' => 'rotation', 'calibrate' => 'calibration'] as $part => $word)
            @continue($view->axis->isBuilt() && in_array($part, Nailrod\Core\Mapping\Axis\AxisParts::ofReadings(), true))
            @continue($part === 'rotation' && (! $view->isWheel() || $view->wheel->settings() !== null))
            <label><input type="checkbox" name="parts[]" value="{{ $part }}" @checked(in_array($part, ['dead_zones', 'curve', 'range', 'notches'], true))><span>{{ $word }}</span></label>
        @endforeach
    </fieldset>
    <fieldset class="choice choice--wrap"><legend>To</legend>
        @foreach ($view->copyTargets() as $target => $word)<label><input type="checkbox" name="to[]" value="{{ $target }}" @checked($target === $view->partner())><span>{{ $word }}</span></label>@endforeach
        <label><input type="checkbox" name="to[]" value="{{ $ref }}"><span>{{ $name }} itself</span></label>
    </fieldset>
    <label class="field"><span>In the set</span><select name="target">@foreach ($place->sets as $other)<option value="{{ $other['id'] }}" @selected($other['id'] === $place->record->id)>{{ $other['name'] }}</option>@endforeach</select></label>
    <button class="button">Copy</button>
</form>
