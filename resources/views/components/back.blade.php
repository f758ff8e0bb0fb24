@props(['view', 'unit'])
@php($place = $view->place)
@php($device = $unit->device)
@php($modes = array_values($device->onboard->modes))
@php($at = $unit->state->modeOf($device)?->id)
@php($unlock = $device->onboard->unlock)
@php($open = $unit->tells()->open ?? 0)
<div class="back" data-back aria-label="The back of {{ $device->name }}" role="group">
    <svg class="back__plate" viewBox="0 0 640 300" aria-hidden="true">
        <rect class="back__body" x="6" y="6" width="628" height="288" rx="14" />
        @foreach ([[26, 26], [614, 26], [26, 274], [614, 274]] as [$x, $y])<circle class="back__screw" cx="{{ $x }}" cy="{{ $y }}" r="8" /><path class="back__slot" d="M{{ $x - 5 }} {{ $y }}H{{ $x + 5 }}" />@endforeach
        <text class="back__text back__text--name" x="320" y="52" text-anchor="middle">{{ $device->title() }}</text>
        <text class="back__text" x="320" y="76" text-anchor="middle">@if ($unit->serial() !== null)serial {{ $unit->serial() }} · @endif board {{ $device->onboard->board ?? '–' }} · firmware {{ $device->onboard->firmware ?? '–' }}</text>
        @if (count($modes) > 1)
            @php($step = 260 / (count($modes) - 1))
            <rect class="back__rail" x="60" y="140" width="300" height="44" rx="22" />
            @foreach ($modes as $i => $mode)
                <g data-press-for="slide-{{ $mode->id }}" class="back__stop"><rect x="{{ 50 + $i * $step }}" y="124" width="60" height="90" fill="transparent" /><text class="back__text" x="{{ 80 + $i * $step }}" y="214" text-anchor="{{ $i === 0 ? 'start' : ($i === count($modes) - 1 ? 'end' : 'middle') }}" dx="{{ $i === 0 ? -20 : ($i === count($modes) - 1 ? 20 : 0) }}">{{ $mode->name }}</text></g>
                @if ($mode->id === $at)<rect class="back__knob" x="{{ 64 + $i * $step }}" y="144" width="32" height="36" rx="16" /><path class="back__grip" d="M{{ 74 + $i * $step }} 152v20m6 -20v20m6 -20v20" />@endif
            @endforeach
        @endif
        @if ($unlock !== null)
            <g data-press-for="back-press" class="back__stop"><circle class="back__rim" cx="480" cy="162" r="30" /><circle class="back__push" cx="480" cy="162" r="21" /></g>
            <circle @class(['back__lamp', 'is-lit' => $open > 0]) data-back-lamp cx="570" cy="162" r="12" />
            <text class="back__text" x="480" y="214" text-anchor="middle">write</text>
        @endif
    </svg>
    <div class="back__hands">
        @if (count($modes) > 1)
        <form data-does="record" method="post" action="{{ route('desk.slide', ['set' => $place->record->id, 'device' => $device->id]) }}" data-edit novalidate class="panel__row" aria-label="Slide">@csrf
            @foreach ($modes as $mode)<button class="button" id="slide-{{ $mode->id }}" name="mode" value="{{ $mode->id }}" aria-pressed="{{ $mode->id === $at ? 'true' : 'false' }}">{{ $mode->setBy }}</button>@endforeach
        </form>
        @endif
        @if ($unlock !== null)
        <form data-does="record" method="post" action="{{ route('desk.press', ['set' => $place->record->id, 'device' => $device->id]) }}" data-edit novalidate class="panel__row">@csrf
            <button class="button" id="back-press">{{ $unlock->by }}</button>
            <span class="back__says" role="status" data-open-for="{{ $open }}">@if ($open > 0)A write can begin for <b class="figure" data-open-left>{{ $open }}</b> s more. @else No write can begin. @endif</span>
        </form>
        @endif
    </div>
</div>
