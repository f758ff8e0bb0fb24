@props(['conditions', 'tall' => false])
{{-- What something depends on: a row for each question, and one more; several hold together, or one of them is enough. --}}
@php($offered = $conditions->offered())
@foreach ($conditions->rows() as $i => $question)
    @php($number = App\View\ConditionChoices::number($question))
    <label @class(['field', 'field--tall' => $tall])><span>{{ $i === 0 ? 'Works' : ($conditions->how() === Nailrod\Core\Mapping\Condition\Joined::ANY ? 'Or' : 'And') }}</span><select name="when[{{ $i }}]" data-of="condition">
        <option value="always">{{ $i === 0 ? 'always' : 'nothing else' }}</option>
        {{ App\Forms\Options::of($offered, App\View\ConditionChoices::chosen($question)) }}
    </select></label>
    @if ($number !== null)<label @class(['field', 'field--tall' => $tall])><span>Than</span><input type="number" name="when_to[{{ $i }}]" step="any" value="{{ $number }}"></label>@endif
@endforeach
@if ($conditions->how() !== null)
    <label @class(['field', 'field--tall' => $tall])><span>Of these</span><select name="when_how">{{ App\Forms\Options::of([Nailrod\Core\Mapping\Condition\Joined::ALL => 'all must hold', Nailrod\Core\Mapping\Condition\Joined::ANY => 'one is enough'], $conditions->how()) }}</select></label>
@endif
