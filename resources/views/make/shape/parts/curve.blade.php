{{-- The kind of a curve, and its own fields; points are rows of two figures. --}}
@php($points = $view->curvePoints())
@php($low = $view->isCentred() ? -100 : 0)
{{ $input->html($fields->all['kind'], $view->curveKind()) }}
@if ($points === [])
    @foreach ($view->curveFields() as [$kind, $field]){{ $input->html($field, $now[$field->name] ?? $field->atFirst(), attributes: ' data-picks="'.$kind.'"') }}@endforeach
@else
    <div class="points" role="group" aria-label="Points of the curve">
        @foreach ($points as $i => [$x, $y])
            @php([$from, $to] = [isset($points[$i - 1]) ? $view->at($points[$i - 1][0] + 0.001) : $low, isset($points[$i + 1]) ? $view->at($points[$i + 1][0] - 0.001) : 100])
            @php([$bottom, $top] = [isset($points[$i - 1]) ? $view->at($points[$i - 1][1]) : $low, isset($points[$i + 1]) ? $view->at($points[$i + 1][1]) : 100])
            <div class="field-row"><span class="field-row__name">Point {{ $i + 1 }}</span><input class="small" id="curve-x-{{ $i }}" name="x[]" type="number" step="0.1" min="{{ $from }}" max="{{ $to }}" value="{{ $view->at($x) }}" aria-label="Point {{ $i + 1 }}, across"><span aria-hidden="true">→</span><input class="small" id="curve-y-{{ $i }}" name="y[]" type="number" step="0.1" min="{{ $bottom }}" max="{{ $top }}" value="{{ $view->at($y) }}" aria-label="Point {{ $i + 1 }}, up"><button type="submit" class="link" form="remove-point-{{ $i }}" title="Take point {{ $i + 1 }} away">✕<span class="sr-only">Take point {{ $i + 1 }} away</span></button></div>
        @endforeach
    </div>
@endif
