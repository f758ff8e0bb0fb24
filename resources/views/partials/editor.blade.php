@php($cell = $view->picked())
@php($output = $view->pickedOutput())
@php($action = $view->pickedAction())
@php($behaviour = $cell?->behaviour)
<header class="editor__head">
    <p class="editor__where"><span class="layer-dot layer--{{ array_search($view->layer, array_keys($place->set->layers), true) % 5 }}"></span>{{ $place->set->layers[$view->layer]->name }}</p>
    <h2>{{ $view->nameOf($view->ref) }}</h2>
    <p class="says">{{ $place->words->sentenceOf($view->layer, $view->ref) }}</p>
    <div class="editor__buttons">
        @if ($place->saysItself(Nailrod\Core\Set\PartPath::cell($view->layer, $view->ref)) && count($place->set->merged->chain) > 1)
            <form method="post" action="{{ route('give-back', $place->record->id) }}" data-edit novalidate><x-from :place="$place" /><input type="hidden" name="path" value="cells/{{ $view->layer }}/{{ $view->ref }}"><button class="link">Give back</button></form>
        @endif
        @if ($cell !== null)
            <form method="post" action="{{ route('cell.clear', $place->record->id) }}" data-edit novalidate><x-from :place="$place" /><input type="hidden" name="layer" value="{{ $view->layer }}"><input type="hidden" name="ref" value="{{ $view->ref }}"><button class="link">Clear</button></form>
        @endif
        @if ($cell === null || ! $cell->isNothing())
            <form method="post" action="{{ route('cell.assign', $place->record->id) }}" data-edit novalidate><x-from :place="$place" /><input type="hidden" name="layer" value="{{ $view->layer }}"><input type="hidden" name="ref" value="{{ $view->ref }}"><input type="hidden" name="does" value="nothing"><button class="link" title="Nothing happens in this layer, whatever the base layer says">Nothing</button></form>
        @endif
    </div>
</header>
@php($tick = ($place->set->rig->contacts[$view->ref] ?? null)?->encoder !== null)
@php($hidden = fn () => new Illuminate\Support\HtmlString('<input type="hidden" name="layer" value="'.e($view->layer).'"><input type="hidden" name="ref" value="'.e($view->ref).'">'))
@if (! $view->isAxis() && $cell !== null && ! $cell->isNothing())
    <div class="editor__fields editor__does">
        <form method="post" action="{{ route('cell.behave', $place->record->id) }}" data-edit novalidate data-autosave class="editor__form behaves">
            <x-from :place="$place" />{{ $hidden() }}
            <x-behaviour-fields :behaviour="$behaviour" :tick="$tick" />
        </form>
        <ol class="outputs">@foreach ($cell->outputs as $i => $one)
            <li>{{ $view->roleOf($i) }}{{ $place->words->output($one) }}
                @if (count($cell->outputs) > 1)<form method="post" action="{{ route('cell.remove-output', $place->record->id) }}" data-edit novalidate><x-from :place="$place" />{{ $hidden() }}<input type="hidden" name="index" value="{{ $i }}"><button class="link" title="Take this output away">✕<span class="sr-only">Take {{ $place->words->output($one) }} away</span></button></form>@endif
            </li>
        @endforeach</ol>
        <label class="check"><input type="checkbox" name="beside" value="1" form="action-list"> The next action comes beside these</label>
        <form method="post" action="{{ route('cell.depend', $place->record->id) }}" data-edit novalidate data-autosave class="editor__form whens">
            <x-from :place="$place" />{{ $hidden() }}
            <label class="field field--tall"><span>Works</span><select name="when">
                <option value="always">always</option>
                @foreach ($view->conditions() as $when => $words)<option value="{{ $when }}" @selected($when === $view->conditionOf($cell))>{{ $words }}</option>@endforeach
            </select></label>
            @if ($cell->when?->sort === 'variable')<label class="field field--tall"><span>Than</span><input type="number" name="when_to" step="any" value="{{ $cell->when->to }}"></label>@else<input type="hidden" name="when_to" value="0">@endif
        </form>
    </div>
@endif
@if ($action !== null)
    <div class="editor__fields">
        <form method="post" action="{{ route('way.save', $place->record->id) }}" data-edit novalidate data-autosave class="editor__form">
            <x-from :place="$place" /><input type="hidden" name="action" value="{{ $action->id }}">
            <label class="field field--tall"><span>{{ $action->name }} reaches the game by</span><select name="way">
                @if ($view->wayOf($action) === null)<option value="">no way yet: choose one</option>@endif
                @foreach ($view->waysOf($action) as $json => $words)<option value="{{ $json }}" @selected($view->wayOf($action)?->inWords() === $words)>{{ $words }}</option>@endforeach
            </select></label>
        </form>
    </div>
@endif
@if ($view->isAxis() && $cell !== null && ! $cell->isNothing())
    <form method="post" action="{{ route('cell.hand-over', $place->record->id) }}" data-edit novalidate data-autosave class="editor__form editor__over">
        <x-from :place="$place" /><input type="hidden" name="layer" value="{{ $view->layer }}"><input type="hidden" name="ref" value="{{ $view->ref }}">
        <label class="field field--tall"><span>When this layer comes</span><select name="taking">@foreach (['at once' => 'sends its position at once', 'pick up' => 'waits until it passes the value'] as $taking => $words)<option value="{{ $taking }}" @selected(($cell->over?->picksUp ?? false) === ($taking === 'pick up'))>{{ $words }}</option>@endforeach</select></label>
        <label class="field field--tall"><span>When it goes</span><select name="leaving">@foreach (['keep' => 'the output keeps its value', 'return to rest' => 'the output returns to rest'] as $leaving => $words)<option value="{{ $leaving }}" @selected(($cell->over?->returnsToRest ?? false) === ($leaving !== 'keep'))>{{ $words }}</option>@endforeach</select></label>
    </form>
@endif
@if (($advice = $view->advice()) !== null)
    <div class="advice"><strong>The game only offers a flip for this.</strong> A two-way switch can fall out of step with it. Its variable can be written instead, one value each way.
        <form method="post" action="{{ route('cell.in-step', $place->record->id) }}" data-edit novalidate><x-from :place="$place" /><input type="hidden" name="layer" value="{{ $view->layer }}"><input type="hidden" name="ref" value="{{ $view->ref }}"><button class="link">Use the variable</button></form>
    </div>
@endif
<details class="editor__other" @if ($cell === null || ($action === null && ! $cell->isNothing())) open @endif>
    <summary>{{ $action === null ? 'Sends' : 'Something else than an action' }}</summary>
    <form method="post" action="{{ route('cell.assign', $place->record->id) }}" data-edit novalidate class="editor__form does">
        <x-from :place="$place" /><input type="hidden" name="layer" value="{{ $view->layer }}"><input type="hidden" name="ref" value="{{ $view->ref }}">
        <label class="field field--tall"><span>Output</span><select name="does">@foreach ($view->kinds() as $kind => $label)<option value="{{ $kind }}" @selected($view->does() === $kind)>{{ $label }}</option>@endforeach</select></label>
        <label class="field field--tall for-button for-axis"><span>Number</span><input type="number" name="number" min="1" max="512" value="{{ $output->number ?? 1 }}"></label>
        @if ($view->isAxis())
            <label class="field field--tall for-follow"><span>Variable</span><select name="variable">@foreach ($catalogue->variables ?? [] as $variable)@if ($variable->gauge === null)<option value="{{ $variable->id }}" @selected(($output->name ?? '') === $variable->id)>{{ $variable->name }}</option>@endif @endforeach</select></label>
            <label class="field field--tall for-follow"><span>At 0 %</span><input type="number" name="low" step="any" value="{{ $output->low ?? 0 }}"></label>
            <label class="field field--tall for-follow"><span>At 100 %</span><input type="number" name="high" step="any" value="{{ $output->high ?? 1 }}"></label>
            <label class="field field--tall for-mouse"><span>Moves</span><select name="direction"><option value="x" @selected(($output->direction ?? 'x') === 'x')>left and right</option><option value="y" @selected(($output->direction ?? 'x') === 'y')>up and down</option></select></label>
            <label class="field field--tall for-mouse"><span>Pixels a second</span><input type="number" name="speed" min="1" max="10000" value="{{ $output->speed ?? 600 }}"></label>
        @endif
        @unless ($view->isAxis())
            <label class="field field--tall for-key"><span>Key</span><select name="code">@foreach (Nailrod\Core\Output\KeyCodes::all() as $code => $label)<option value="{{ $code }}" @selected(($output->code ?? '') === $code)>{{ $label }}</option>@endforeach</select></label>
            <fieldset class="choice for-key"><legend>With</legend>@foreach (['ShiftLeft', 'ControlLeft', 'AltLeft'] as $code)<label><input type="checkbox" name="with[]" value="{{ $code }}" @checked(in_array($code, $output->with ?? [], true))><span>{{ Nailrod\Core\Output\KeyCodes::label($code) }}</span></label>@endforeach</fieldset>
            <label class="field field--tall for-variable"><span>Variable</span><select name="variable">@foreach ($catalogue->variables ?? [] as $variable)@if ($variable->gauge === null)<option value="{{ $variable->id }}" @selected(($output->name ?? '') === $variable->id)>{{ $variable->name }}</option>@endif @endforeach</select></label>
            <label class="field field--tall for-set"><span>Set to</span><input type="number" name="to" step="any" value="{{ $output->to ?? 1 }}"></label>
            <label class="field field--tall for-on"><span>Closed</span><input type="number" name="on_value" step="any" value="{{ $output->on ?? 1 }}"></label>
            <label class="field field--tall for-on"><span>Open</span><input type="number" name="off_value" step="any" value="{{ $output->off ?? 0 }}"></label>
            <label class="field field--tall for-hat"><span>Towards</span><select name="towards">@foreach (Nailrod\Core\Output\HatDirection::DIRECTIONS as $direction)<option @selected(($output->direction ?? '') === $direction)>{{ $direction }}</option>@endforeach</select></label>
            <label class="field field--tall for-mouse-button"><span>Button</span><select name="mouse">@foreach (Nailrod\Core\Output\MouseButton::BUTTONS as $button)<option @selected(($output->button ?? '') === $button)>{{ $button }}</option>@endforeach</select></label>
            <label class="field field--tall for-wheel"><span>Steps, up is +</span><input type="number" name="steps" min="-20" max="20" step="1" value="{{ $output instanceof Nailrod\Core\Output\MouseWheel ? $output->by : 1 }}"></label>
            <label class="field field--tall for-consumer"><span>Usage</span><input type="number" name="usage" min="1" max="65535" step="1" value="{{ $output->usage ?? 233 }}"></label>
            <label class="field field--tall for-step"><span>By</span><input type="number" name="by" step="any" value="{{ $output instanceof Nailrod\Core\Output\StepVariable ? $output->by : 0.1 }}"></label>
            <label class="field field--tall for-step"><span>From</span><input type="number" name="low" step="any" value="{{ $output->low ?? 0 }}"></label>
            <label class="field field--tall for-step"><span>To</span><input type="number" name="high" step="any" value="{{ $output->high ?? 1 }}"></label>
            <label class="field field--tall for-step"><span>At the end</span><select name="at_limit">@foreach (['stops', 'wraps'] as $end)<option @selected(($output->wraps ?? false) === ($end === 'wraps'))>{{ $end }}</option>@endforeach</select></label>
            <label class="field field--tall for-lamp"><span>Lamp</span><select name="lamp">@foreach ($place->set->rig->devices as $device)@foreach ($device->lamps as $lamp)<option value="{{ $device->id }}/{{ $lamp->id }}" @selected(($output->lamp ?? '') === $device->id.'/'.$lamp->id)>{{ $device->name }} · {{ $lamp->id }}</option>@endforeach @endforeach</select></label>
            <label class="field field--tall for-flag"><span>Flag</span><select name="flag">@foreach ($place->set->flags as $id => $flag)<option value="{{ $id }}" @selected(($output->flag ?? '') === $id)>{{ $flag }}</option>@endforeach</select></label>
            <label class="field field--tall for-step-layer"><span>Goes to the</span><select name="step">@foreach (['next', 'previous'] as $step)<option @selected(($output->direction ?? '') === $step)>{{ $step }}</option>@endforeach</select></label>
            <fieldset class="choice choice--wrap for-step-layer"><legend>Of</legend>@foreach ($place->set->layers as $id => $layer)<label><input type="checkbox" name="layers[]" value="{{ $id }}" @checked(in_array($id, $output->layers ?? array_keys($place->set->layers), true))><span>{{ $layer->name }}</span></label>@endforeach</fieldset>
            <label class="field field--tall for-layer"><span>Layer</span><select name="hold">@foreach ($place->set->layers as $id => $layer)<option value="{{ $id }}" @selected(($output->layer ?? array_keys($place->set->layers)[1] ?? '') === $id)>{{ $layer->name }}</option>@endforeach</select></label>
            <label class="field field--tall for-stop"><span>Stop</span><select name="stop">@foreach ($place->set->stops as $stop)<option value="{{ $stop->id }}" @selected(($output->stop ?? '') === $stop->id)>{{ $stop->name }}</option>@endforeach</select></label>
            <x-behaviour-fields :behaviour="$action === null ? $behaviour : null" :tick="$tick" />
            @if ($cell !== null && ! $cell->isNothing())<label class="check"><input type="checkbox" name="beside" value="1"> beside what it does</label>@endif
        @endunless
        <button class="button">{{ $cell === null || $action !== null ? 'Assign' : 'Change' }}</button>
    </form>
</details>
@php($picked = $place->set->rig->contacts[$view->ref] ?? null)
@if ($picked !== null && $picked->isReported() && $view->others() !== [])
<details class="editor__other editor__chords" id="chords" @if ($view->chords() !== []) open @endif>
    <summary>Together with another</summary>
    <ul class="outputs chords">@foreach ($view->chords() as $id => $chord)
        <li>{{ implode(' + ', array_map($view->nameOf(...), $chord->of)) }} within {{ $chord->within / 1000 }} ms: {{ implode(' and ', array_map($place->words->output(...), $chord->outputs)) }}
            <form method="post" action="{{ route('cell.remove-chord', $place->record->id) }}" data-edit novalidate><x-from :place="$place" />{{ $hidden() }}<input type="hidden" name="chord" value="{{ $id }}"><button class="link" title="Take this chord away">✕<span class="sr-only">Take {{ $chord->name }} away</span></button></form>
        </li>
    @endforeach</ul>
    <form method="post" action="{{ route('cell.chord', $place->record->id) }}" data-edit novalidate class="editor__form">
        <x-from :place="$place" />{{ $hidden() }}
        <label class="field field--tall"><span>With</span><select name="together">@foreach ($view->others() as $other => $words)<option value="{{ $other }}">{{ $words }}</option>@endforeach</select></label>
        <label class="field field--tall"><span>Within, ms</span><input type="number" name="within" min="1" max="2000" step="1" value="60"></label>
        @if ($catalogue === null)
            <input type="hidden" name="does" value="button"><label class="field field--tall"><span>Output</span><input type="number" name="number" min="1" max="512" value="1"></label>
        @else
            <input type="hidden" name="does" value="action"><label class="field field--tall"><span>Does</span><select name="action">@foreach ($catalogue->actions as $one)@unless ($one->isAxis())<option value="{{ $one->id }}">{{ $one->name }}</option>@endunless @endforeach</select></label>
        @endif
        <button class="button">Put together</button>
    </form>
</details>
@endif
