@props(['place', 'view', 'stop', 'id'])
{{-- A stop: its fields, and which contact opens it. --}}
@php($now = $stop?->toArray() ?? ['axes' => [$view->axis->ref]])
@php($input = new App\Forms\PanelInput($view->figure(), 'stop-'.$id))
{{ $place->from() }}
<input type="hidden" name="stop" value="{{ $id }}"><input type="hidden" name="centred" value="{{ (int) $view->isCentred() }}">
@foreach (Nailrod\Core\Mapping\Axis\Stop::fields()->all as $field)
@if ($field->name === 'axes')
<label class="field"><span>Opened by</span><select name="opener" data-of="contact" data-any><option value="">nothing yet</option>{{ App\Forms\Options::of($view->stops->openers($stop), $stop === null ? '' : $view->stops->openerOf($stop)) }}</select></label>
<details class="acts" id="acts-{{ $id }}"><summary class="field"><span>{{ $field->label }}</span><span>{{ implode(', ', array_map($place->set->rig->nameOf(...), $now['axes'])) }}</span></summary>
<fieldset class="choice choice--wrap" title="{{ $field->help }}"><legend class="sr-only">{{ $field->label }}</legend>
    @foreach ($view->stops->mayHold($now['axes']) as $ref => $name)<label><input type="checkbox" name="axes[]" value="{{ $ref }}" @checked(in_array($ref, $now['axes'], true))><span>{{ $name }}</span></label>@endforeach
</fieldset></details>
@else
{{ $input->html($field, $now[$field->name] ?? $field->atFirst()) }}
@endif
@endforeach
