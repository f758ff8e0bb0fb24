@props(['view'])
@php($place = $view->place)
<form data-does="look" class="compare" method="get" action="{{ route('shape', $place->record->id) }}" data-visit>
    <input type="hidden" name="axis" value="{{ $view->axis->ref }}"><input type="hidden" name="zoom" value="{{ $view->zoom() }}"><input type="hidden" name="tab" value="{{ $view->tab() === 'shape' ? '' : $view->tab() }}">
    <label><span class="adds__word">Beside</span> <select name="with" aria-label="Compare with" data-of="axis">
        <option value="">nothing else</option>
        @php($comparison = $view->comparison())
        {{ App\Forms\Options::of($comparison->choices(), $comparison->with) }}
    </select></label>
</form>
