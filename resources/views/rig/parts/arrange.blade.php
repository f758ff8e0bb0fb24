@if ($view->control === null && $view->isPhraseList())
@include('rig.parts.phrases')
@elseif ($view->control === null)
    <p class="says">Press or click a control to name it. Drag controls to where they lie on the real thing; the grid is 1 mm.</p>
    @foreach ($place->told->ofKey(Nailrod\Core\Set\Section\Controls::name(), $view->device->id) as $sentence)<p class="says says--warn">{{ $sentence }}</p>@endforeach
    <div class="scroll" id="arrange-scroll" tabindex="0" role="region" aria-label="Controls of {{ $view->device->name }}">
        <table class="inputs"><thead><tr><th scope="col">Control</th><th scope="col"><x-term word="Label" /></th><th scope="col">Kind</th><th scope="col">Numbers</th></tr></thead><tbody>
        @foreach ($view->device->controls as $control)
            <tr data-row="{{ $control->ref }}"><th scope="row"><a href="{{ $view->link(['ref' => $control->ref]) }}" data-refresh>{{ $control->name }}</a>@if ($view->isNoted($control))<small>yours</small>@endif</th><td>{{ $control->label }}</td><td>{{ $control->kind->inWords() }}</td>
                <td class="figure">{{ implode(' ', array_map(fn (string $port) => $place->set->rig->numberOf($port), Nailrod\Core\Engine\Survey\Verdict::inputs($control))) }}</td></tr>
        @endforeach
        </tbody></table>
    </div>
    <form data-does="edit" method="post" action="{{ route('rig.remove', $place->edited->id) }}" data-edit novalidate class="panel__row">{{ $place->from() }}<input type="hidden" name="device" value="{{ $view->device->id }}"><button class="link">Take {{ $view->device->name }} out of the rig</button></form>
@else
@php($control = $view->control)
<div class="scroll panel arrange" id="control-scroll" tabindex="0" role="region" aria-label="{{ $control->name }}">
    <p class="panel__row"><a class="link" href="{{ $view->link() }}" data-refresh>All controls</a></p>
    <form data-does="edit" method="post" action="{{ route('rig.note', $place->edited->id) }}" data-edit novalidate data-autosave class="panel__part">{{ $place->from() }}<input type="hidden" name="control" value="{{ $control->ref }}">
        <h3>{{ $control->name }}</h3>
        @foreach ($place->told->of(Nailrod\Core\Set\PartPath::control($control->ref)) as $sentence)<p class="says says--warn">{{ $sentence }}</p>@endforeach
        <label class="field"><span>Name</span><input name="name" id="n-name" value="{{ $control->name }}" maxlength="60"></label>
        <label class="field"><span>Label on the box</span><input name="label" id="n-label" value="{{ $control->label }}" maxlength="20"></label>
        <label class="field"><span>Kind</span><select name="kind"
            id="n-kind">{{ App\Forms\Options::of($view->kinds(), $control->kind::kind()) }}</select></label>
        <label class="field"><span>Across</span><span class="field__box"><input type="number" name="x" id="n-x" value="{{ $control->x }}" min="0" max="4000" step="10"><span class="field__unit"></span></span></label>
        <label class="field"><span>Down</span><span class="field__box"><input type="number" name="y" id="n-y" value="{{ $control->y }}" min="0" max="4000" step="10"><span class="field__unit"></span></span></label>
        @if ($control->reported() !== [])<label class="field" title="A change counts at once; what comes within this time after it is ignored"><span>Quiet after a change</span><span class="field__box"><input type="number" name="debounce" id="n-debounce" value="{{ $control->reported()[0]->debounce / 1000 }}" min="0" max="1000" step="1"><span class="field__unit">ms</span></span></label>@endif
    </form>
    @if ($view->isNoted($control))
        <form data-does="edit" method="post" action="{{ route('rig.give-back', $place->edited->id) }}" data-edit novalidate class="panel__row">{{ $place->from() }}<input type="hidden" name="control" value="{{ $control->ref }}"><button class="link">As the device says again</button></form>
    @endif
    @if ($view->turns() !== [])
    @php($rotary = $control->rotary())
    <form data-does="edit" method="post" action="{{ route('rig.turn', $place->edited->id) }}" data-edit novalidate data-autosave class="panel__part">{{ $place->from() }}<input type="hidden" name="control" value="{{ $control->ref }}">
        <h3>The other way</h3>
        <p class="says">{{ $view->turned() }}</p>
        <label class="field"><span>Also used as</span><select name="turns" id="n-turns">{{ App\Forms\Options::of($view->turns(), $rotary === null ? App\Http\Requests\Rig\TurnRequest::NOT : ($rotary->round ? App\Http\Requests\Rig\TurnRequest::ROUND : App\Http\Requests\Rig\TurnRequest::ENDS)) }}</select></label>
        @if ($rotary !== null && $control->encoder !== null)<label class="field"><span>Places</span><input type="number" name="places" id="n-places" value="{{ count($rotary->contacts) }}" min="{{ Nailrod\Core\Rig\Device\Rotary::FEWEST_PLACES }}" max="{{ Nailrod\Core\Rig\Device\Rotary::MOST_PLACES }}" step="1"></label>@endif
    </form>
    @endif
    @if ($view->canBeTaught())
        <section class="panel__part teach" aria-labelledby="teach-title">
            <h3 id="teach-title">Which number is which position</h3>
            <p class="says">{{ $view->positions() }}</p>
            <p class="panel__row"><button type="button" class="button" data-survey="teach" data-ref="{{ $control->ref }}" data-begin>Teach this switch</button></p>
            <div data-teaching hidden>
                <p class="says" data-teaching-words role="status"></p>
                <form data-does="edit" method="post" action="{{ route('rig.teach', $place->edited->id) }}" data-edit novalidate class="panel__row">{{ $place->from() }}
                    <button class="button button--main" data-teaching-take disabled>Use this</button>
                    <button class="button" name="turned" value="1" data-teaching-take disabled>Use it upside down</button>
                    <button type="button" class="link" data-survey="end">Stop</button>
                </form>
            </div>
        </section>
    @endif
</div>
@endif
<ul class="left-out-list" data-left-out aria-label="Left out, and why"></ul>
