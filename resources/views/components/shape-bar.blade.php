@props(['view'])
{{-- What is shown of the axis, what is put on the picture, what it is compared with. --}}
@php($place = $view->place)
@php($partner = $view->partner())
<div class="shape-bar">
    <span class="chips">
        <a class="chip" href="{{ $view->link(['zoom' => '', 'two' => '']) }}" data-refresh @if ($view->zoom() === '' && $view->two() === null) aria-current="true" @endif>Whole</a>
        <a class="chip" href="{{ $view->link(['zoom' => 'low', 'two' => '']) }}" data-refresh @if ($view->zoom() === 'low' && $view->two() === null) aria-current="true" @endif>Low 5 %</a>
        <a class="chip" href="{{ $view->link(['zoom' => 'high', 'two' => '']) }}" data-refresh @if ($view->zoom() === 'high' && $view->two() === null) aria-current="true" @endif>High 5 %</a>
        @if ($partner !== '')<a class="chip" href="{{ $view->link(['zoom' => '', 'two' => $partner]) }}" data-refresh @if ($view->two() !== null) aria-current="true" @endif title="Together with {{ $place->set->rig->nameOf($partner) }}">Two axes</a>@endif
    </span>
    <form data-does="edit" class="adds" method="post" action="{{ route('shape.add', $place->record->id) }}" data-edit data-opens novalidate aria-label="Put on the picture">
        {{ $place->from() }}<input type="hidden" name="axis" value="{{ $view->axis->ref }}"><input type="hidden" name="travel" data-live-travel="{{ $view->axis->ref }}" value="0.5">
        <span class="adds__word">Add</span>
        @foreach (['point' => 'point', 'notch' => 'notch', 'stop' => 'stop', 'threshold' => 'threshold', 'zones' => 'zones'] as $what => $word)<button class="chip" name="what" value="{{ $what }}" title="Add {{ $what === 'zones' ? 'zones' : 'a '.$word }} where the hand is now{{ $what === 'threshold' ? '; at rest, half-way from there to the end. It closes away from rest' : '' }}">{{ $word }}</button>@endforeach
    </form>
</div>
