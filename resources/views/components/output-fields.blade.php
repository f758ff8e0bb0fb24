@props(['place', 'kinds', 'does', 'output' => null, 'axis' => false])
{{-- What can be driven by a contact, an axis or a step of a macro; the fields of the chosen kind are shown. --}}
@php($catalogue = $place->set->catalogue)
<label class="field field--tall"><span>Output</span><select name="does">{{ App\View\Options::of($kinds, $does) }}</select></label>
<label class="field field--tall for-button for-axis"><span>Number</span><input type="number" name="number" min="1" max="512" value="{{ $output->number ?? App\View\Options::freeNumber($place->set, $axis) }}"></label>
@if ($axis)
    <label class="field field--tall for-follow"><span>Variable</span><select name="variable">{{ App\View\Options::of(App\View\Options::variables($catalogue), $output->name ?? '') }}</select></label>
    <label class="field field--tall for-follow"><span>At 0 %</span><input type="number" name="low" step="any" value="{{ $output->low ?? 0 }}"></label>
    <label class="field field--tall for-follow"><span>At 100 %</span><input type="number" name="high" step="any" value="{{ $output->high ?? 1 }}"></label>
    <label class="field field--tall for-mouse"><span>Moves</span><select name="direction"><option value="x" @selected(($output->direction ?? 'x') === 'x')>left and right</option><option value="y" @selected(($output->direction ?? 'x') === 'y')>up and down</option></select></label>
    <label class="field field--tall for-mouse"><span>Pixels a second</span><input type="number" name="speed" min="1" max="10000" value="{{ $output->speed ?? 600 }}"></label>
@else
    <label class="field field--tall for-key"><span>Key</span><select name="code">{{ App\View\Options::of(Nailrod\Core\Output\KeyCodes::all(), ($output->code ?? '')) }}</select></label>
    <fieldset class="choice for-key"><legend>With</legend>@foreach (['ShiftLeft', 'ControlLeft', 'AltLeft'] as $code)<label><input type="checkbox" name="with[]" value="{{ $code }}" @checked(in_array($code, $output->with ?? [], true))><span>{{ Nailrod\Core\Output\KeyCodes::label($code) }}</span></label>@endforeach</fieldset>
    <label class="field field--tall for-variable"><span>Variable</span><select name="variable">{{ App\View\Options::of(App\View\Options::variables($catalogue), $output->name ?? '') }}</select></label>
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
    <label class="field field--tall for-lamp"><span>Lamp</span><select name="lamp">@foreach ($place->set->rig->devices as $device)@foreach ($device->lamps as $lamp)<option value="{{ $device->id }}/{{ $lamp->id }}" @selected(($output->lamp ?? '') === $device->id.'/'.$lamp->id)>{{ $device->name }} · {{ $lamp->name }}</option>@endforeach @endforeach</select></label>
    <label class="field field--tall for-flag"><span>Flag</span><select name="flag">{{ App\View\Options::of($place->set->flags, ($output->flag ?? '')) }}</select></label>
    <label class="field field--tall for-step-layer"><span>Goes to the</span><select name="step">@foreach (['next', 'previous'] as $step)<option @selected(($output->direction ?? '') === $step)>{{ $step }}</option>@endforeach</select></label>
    <fieldset class="choice choice--wrap for-step-layer"><legend>Of</legend>@foreach ($place->set->layers as $id => $layer)<label><input type="checkbox" name="layers[]" value="{{ $id }}" @checked(in_array($id, $output->layers ?? array_keys($place->set->layers), true))><span>{{ $layer->name }}</span></label>@endforeach</fieldset>
    <label class="field field--tall for-layer"><span>Layer</span><select name="hold">{{ App\View\Options::of(App\View\Options::names($place->set->layers), ($output->layer ?? array_keys($place->set->layers)[1] ?? '')) }}</select></label>
    <label class="field field--tall for-stop"><span>Stop</span><select name="stop">@foreach ($place->set->stops as $stop)<option value="{{ $stop->id }}" @selected(($output->stop ?? '') === $stop->id)>{{ $stop->name }}</option>@endforeach</select></label>
    <label class="field field--tall for-macro"><span>Macro</span><select name="macro">{{ App\View\Options::of(App\View\Options::names($place->set->macros), ($output->macro ?? '')) }}</select></label>
@endif
