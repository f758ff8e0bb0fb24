@php($cell = $view->picked())
@php($output = $view->pickedOutput())
@php($action = $view->pickedAction())
@php($behaviour = $cell?->behaviour)
@php($does = match (true) { $cell === null => $view->isAxis() ? 'axis' : 'button', $cell->isNothing() => 'nothing', default => $output::kind() })
@php($kinds = $view->isAxis()
    ? ['axis' => 'a controller axis']
    : ['key' => 'a key', 'button' => 'a controller button', 'on/off variable' => 'a variable, on and off', 'set variable' => 'a variable, set', 'hold layer' => 'hold a layer', 'open stop' => 'open a stop'])
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
@if ($action !== null)
    <div class="editor__fields">
        @if (! $view->isAxis())
            <form method="post" action="{{ route('cell.assign', $place->record->id) }}" data-edit novalidate data-autosave class="editor__form">
                <x-from :place="$place" /><input type="hidden" name="layer" value="{{ $view->layer }}"><input type="hidden" name="ref" value="{{ $view->ref }}"><input type="hidden" name="does" value="action"><input type="hidden" name="action" value="{{ $action->id }}">
                <x-behaviour-fields :behaviour="$behaviour" />
            </form>
        @endif
        <form method="post" action="{{ route('way.save', $place->record->id) }}" data-edit novalidate data-autosave class="editor__form">
            <x-from :place="$place" /><input type="hidden" name="action" value="{{ $action->id }}">
            <label class="field field--tall"><span>{{ $action->name }} reaches the game by</span><select name="way">
                @if ($view->wayOf($action) === null)<option value="">no way yet: choose one</option>@endif
                @foreach ($view->waysOf($action) as $json => $words)<option value="{{ $json }}" @selected($view->wayOf($action)?->inWords() === $words)>{{ $words }}</option>@endforeach
            </select></label>
        </form>
    </div>
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
        <label class="field field--tall"><span>Output</span><select name="does">@foreach ($kinds as $kind => $label)<option value="{{ $kind }}" @selected($does === $kind)>{{ $label }}</option>@endforeach</select></label>
        <label class="field field--tall for-button for-axis"><span>Number</span><input type="number" name="number" min="1" max="512" value="{{ $output->number ?? 1 }}"></label>
        @unless ($view->isAxis())
            <label class="field field--tall for-key"><span>Key</span><select name="code">@foreach (Nailrod\Core\Output\KeyCodes::all() as $code => $label)<option value="{{ $code }}" @selected(($output->code ?? '') === $code)>{{ $label }}</option>@endforeach</select></label>
            <fieldset class="choice for-key"><legend>With</legend>@foreach (['ShiftLeft', 'ControlLeft', 'AltLeft'] as $code)<label><input type="checkbox" name="with[]" value="{{ $code }}" @checked(in_array($code, $output->with ?? [], true))><span>{{ Nailrod\Core\Output\KeyCodes::label($code) }}</span></label>@endforeach</fieldset>
            <label class="field field--tall for-variable"><span>Variable</span><select name="variable">@foreach ($catalogue->variables ?? [] as $variable)@if ($variable->gauge === null)<option value="{{ $variable->id }}" @selected(($output->name ?? '') === $variable->id)>{{ $variable->name }}</option>@endif @endforeach</select></label>
            <label class="field field--tall for-set"><span>Set to</span><input type="number" name="to" step="any" value="{{ $output->to ?? 1 }}"></label>
            <label class="field field--tall for-on"><span>Closed</span><input type="number" name="on_value" step="any" value="{{ $output->on ?? 1 }}"></label>
            <label class="field field--tall for-on"><span>Open</span><input type="number" name="off_value" step="any" value="{{ $output->off ?? 0 }}"></label>
            <label class="field field--tall for-layer"><span>Layer</span><select name="hold">@foreach ($place->set->layers as $id => $layer)@if ($id !== 'base')<option value="{{ $id }}" @selected(($output->layer ?? '') === $id)>{{ $layer->name }}</option>@endif @endforeach</select></label>
            <label class="field field--tall for-stop"><span>Stop</span><select name="stop">@foreach ($place->set->stops as $stop)<option value="{{ $stop->id }}" @selected(($output->stop ?? '') === $stop->id)>{{ $stop->name }}</option>@endforeach</select></label>
            <x-behaviour-fields :behaviour="$action === null ? $behaviour : null" />
        @endunless
        <button class="button">{{ $cell === null || $action !== null ? 'Assign' : 'Change' }}</button>
    </form>
</details>
