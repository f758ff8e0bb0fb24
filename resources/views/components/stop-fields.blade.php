@props(['place', 'view', 'stop', 'id', 'openers'])
@php($axes = $stop->axes ?? [$view->axis->ref])
@php($opening = $stop?->opening ?? Nailrod\Core\Axis\Opening::UntilDrawnBack)
{{ $place->from() }}
<input type="hidden" name="stop" value="{{ $id }}"><input type="hidden" name="centred" value="{{ (int) $view->isCentred() }}">
<label class="field"><span>Name</span><input name="name" value="{{ $stop->name ?? 'Cruise' }}" maxlength="60" required></label>
<x-field name="at" id="stop-{{ $id }}-at" label="Holds at" :value="$view->at($stop->at ?? 0.92)" :min="$view->isCentred() ? -100 : 0" />
<fieldset class="choice choice--wrap"><legend>Opens</legend>
    @foreach (Nailrod\Core\Axis\Opening::cases() as $case)
        <label><input type="radio" name="opens" value="{{ $case->value }}" @checked($opening === $case)><span>{{ $case->value }}</span></label>
    @endforeach
</fieldset>
<fieldset class="choice"><legend>Side</legend>
    @foreach (Nailrod\Core\Axis\Side::cases() as $case)
        <label><input type="radio" name="side" value="{{ $case->value }}" @checked(($stop?->side ?? Nailrod\Core\Axis\Side::Above) === $case)><span>{{ $case === Nailrod\Core\Axis\Side::Above ? 'from above' : 'from below' }}</span></label>
    @endforeach
</fieldset>
<label class="field"><span>Opened by</span>
    <select name="opener">
        <option value="">nothing yet</option>
        @foreach ($openers as $ref => $label)
            <option value="{{ $ref }}" @selected($stop !== null && $view->stops->openerOf($stop) === $ref)>{{ $label }}</option>
        @endforeach
    </select>
</label>
<details class="acts" id="acts-{{ $id }}"><summary class="field"><span>Acts on</span><span>{{ implode(', ', array_map($place->set->rig->nameOf(...), $axes)) }}</span></summary>
<fieldset class="choice choice--wrap"><legend class="sr-only">Acts on</legend>
    @foreach ($place->set->rig->axes as $ref => $axis)
        @if ($axis->centred === $view->isCentred() || in_array($ref, $axes, true))
            <label><input type="checkbox" name="axes[]" value="{{ $ref }}" @checked(in_array($ref, $axes, true))><span>{{ $place->set->rig->nameOf($ref) }}</span></label>
        @endif
    @endforeach
</fieldset></details>
<x-field name="rearm" id="stop-{{ $id }}-rearm" label="Shuts again this far below" :value="$view->by($stop->rearm ?? Nailrod\Core\Axis\Stop::REARM)" :max="50" />
<x-field name="patience" id="stop-{{ $id }}-patience" label="Waits, 0 for ever" :value="($stop->patience ?? 1000 * Nailrod\Core\Axis\Stop::PATIENCE_MS) / 1000" unit="ms" :max="600000" step="1" />
