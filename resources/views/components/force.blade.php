@props(['view', 'force'])
@php($wheel = $force->force)
@php($bottom = $force::TOP + $force::HEIGHT)
<svg class="force" id="force" viewBox="0 0 700 118" role="img" aria-label="Force over the angle: the spring has {{ $wheel->spring }} % at {{ $wheel->end() }}°@if ($wheel->hasEndStop()), beyond that the end-stop holds with {{ $wheel->endStop }} % more @endif" data-force="{{ $view->axis->ref }}" data-left="{{ $force::LEFT }}" data-width="{{ $force::WIDTH }}" data-reach="{{ $force->reach() }}">
    <defs><pattern id="force-hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 0V6" class="plot__hatch" /></pattern></defs>
    @if ($wheel->hasEndStop())
        @foreach ([[-$force->reach(), -$wheel->end()], [$wheel->end(), $force->reach()]] as [$from, $to])
            <rect class="force__end" x="{{ $force->x($from) }}" y="{{ $force::TOP }}" width="{{ $force->x($to) - $force->x($from) }}" height="{{ $force::HEIGHT }}" fill="url(#force-hatch)" />
            <path class="plot__grid" d="M{{ $force->x($from < 0 ? $to : $from) }} {{ $force::TOP }}V{{ $bottom }}" />
        @endforeach
    @endif
    @foreach ([-$wheel->end(), -$wheel->end() / 2, 0, $wheel->end() / 2, $wheel->end()] as $angle)<text class="plot__mark" x="{{ $force->x($angle) }}" y="{{ $bottom + 16 }}" text-anchor="middle">{{ str_replace('-', '−', json_encode(round($angle, 1))) }}°</text>@endforeach
    @foreach ([0, 50, 100] as $percent)<path class="plot__grid" d="M{{ $force::LEFT }} {{ $force->y($percent) }}H{{ $force::LEFT + $force::WIDTH }}" /><text class="plot__mark" x="{{ $force::LEFT - 16 }}" y="{{ $force->y($percent) + 4 }}" text-anchor="end">{{ $percent }}</text>@endforeach
    <path class="force__line" d="{{ $force->spring() }}"><title>centring spring</title></path>
    @foreach ([-1, 1] as $side)<path class="force__line force__line--end" d="{{ $force->endStop($side) }}"><title>end-stop</title></path>@endforeach
    <text class="force__word" x="{{ $force->x(0) }}" y="{{ $force::TOP + 13 }}" text-anchor="middle">spring {{ json_encode($wheel->spring) }} %@if ($wheel->hasEndStop()), end-stop {{ json_encode($wheel->endStop) }} % beyond {{ json_encode($wheel->end()) }}°@endif</text>
    <rect class="plot__frame" x="{{ $force::LEFT }}" y="{{ $force::TOP }}" width="{{ $force::WIDTH }}" height="{{ $force::HEIGHT }}" />
    <path class="force__now" data-force-now d="M0 {{ $force::TOP }}V{{ $bottom }}" visibility="hidden" />
    <text class="plot__mark" transform="translate(11 {{ $force::TOP + $force::HEIGHT / 2 }}) rotate(-90)" text-anchor="middle">force, %</text>
    <text class="plot__mark" x="{{ $force::LEFT + $force::WIDTH / 2 }}" y="114" text-anchor="middle">the wheel is at <tspan data-show="{{ $view->axis->ref }}" data-part="angle">–</tspan></text>
</svg>
