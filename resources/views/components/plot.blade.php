@props(['view'])
@php($plot = $view->plot)
@php($shaping = $view->shaping())
@php($zones = $shaping->zones)
@php($ref = $view->axis->ref)
<svg class="plot" id="plot" viewBox="0 0 700 500" role="group" aria-label="Travel across, value sent upwards" data-axis="{{ $ref }}" data-shows="{{ $view->shows() }}" data-left="{{ $plot->left }}" data-top="{{ $plot->top }}" data-width="{{ $plot->width }}" data-height="{{ $plot->height }}" data-across="{{ json_encode($plot->across) }}" data-up="{{ json_encode($plot->up) }}">
    <defs>
        <pattern id="hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 0V6" class="plot__hatch" /></pattern>
        <clipPath id="frame"><rect x="{{ $plot->left }}" y="{{ $plot->top - 2 }}" width="{{ $plot->width }}" height="{{ $plot->height + 4 }}" /></clipPath>
    </defs>
    @foreach ($plot->marks(true) as $i => $mark)
        <path class="plot__grid" d="M{{ $plot->x($mark) }} {{ $plot->bottom() }}V{{ $plot->top }}" />
        @if ($i % 2 === 0)<text class="plot__mark" x="{{ $plot->x($mark) }}" y="{{ $plot->bottom() + 18 }}" text-anchor="middle">{{ $view->at($mark) }}</text>@endif
    @endforeach
    @foreach ($plot->marks(false) as $i => $mark)
        <path class="plot__grid" d="M{{ $plot->left }} {{ $plot->y($mark) }}H{{ $plot->right() }}" />
        @if ($i % 2 === 0)<text class="plot__mark" x="{{ $plot->left - 16 }}" y="{{ $plot->y($mark) + 4 }}" text-anchor="end">{{ $view->at($mark) }}</text>@endif
    @endforeach
    <text class="plot__mark" x="{{ $plot->left + $plot->width / 2 }}" y="494" text-anchor="middle">travel, %</text>
    <text class="plot__mark" transform="translate(11 {{ $plot->top + $plot->height / 2 }}) rotate(-90)" text-anchor="middle">sent to the game, %</text>
    <g clip-path="url(#frame)">
        @foreach ([[0.0, $zones->low], [1.0 - $zones->high, 1.0], [0.5 - $zones->rest, 0.5 + $zones->rest]] as [$from, $to])
            @if ($to > $from)<rect class="plot__zone" x="{{ $plot->x($from) }}" y="{{ $plot->top }}" width="{{ $plot->x($to) - $plot->x($from) }}" height="{{ $plot->height }}" fill="url(#hatch)" />@endif
        @endforeach
        @foreach ($view->made->fromIt() as $made)
            @continue(! $made instanceof Nailrod\Core\Mapping\Made\MarksAxis)
            @foreach ($made->strips() as [$from, $to])
                @if ($made->looksAt() === Nailrod\Core\Mapping\Made\MadeContacts::TRAVEL)<rect class="plot__band" x="{{ $plot->x($from) }}" y="{{ $plot->top }}" width="{{ max(0, $plot->x($to) - $plot->x($from)) }}" height="{{ $plot->height }}" />@else<rect class="plot__band" x="{{ $plot->left }}" y="{{ $plot->y($to) }}" width="{{ $plot->width }}" height="{{ max(0, $plot->y($from) - $plot->y($to)) }}" />@endif
            @endforeach
            @foreach ($made->cuts() as [$from, $to, $contact])
                <g class="plot__cut" data-closes="{{ $contact->ref }}"><rect x="{{ $plot->x($from) }}" y="{{ $plot->bottom() - 20 }}" width="{{ max(0, $plot->x($to) - $plot->x($from)) }}" height="20" /><text x="{{ ($plot->x($from) + $plot->x($to)) / 2 }}" y="{{ $plot->bottom() - 6 }}" text-anchor="middle">{{ $contact->name }}</text></g>
            @endforeach
        @endforeach
        @foreach ($shaping->notches->areStepped() ? [] : $shaping->notches->at as $at)<rect class="plot__band plot__band--notch" x="{{ $plot->left }}" y="{{ $plot->y($at + $shaping->notches->width) }}" width="{{ $plot->width }}" height="{{ max(0, $plot->y($at - $shaping->notches->width) - $plot->y($at + $shaping->notches->width)) }}" />@endforeach
        @if (($parent = $view->comparison()?->parentLine($plot)) !== null)<path class="plot__parent" d="{{ $parent }}"><title>As the parent set shapes it</title></path>@endif
        @if (($compared = $view->comparison()?->line($plot)) !== null)<path class="plot__compared" d="{{ $compared }}"><title>{{ $view->comparison()->choices()[$view->comparison()->with] ?? 'compared' }}</title></path>@endif
        <path class="plot__ghost" data-line="ghost" d="{{ $view->stops->holding() === [] ? '' : $plot->line($shaping) }}" />
        <path class="plot__line" data-line="line" d="{{ $plot->line($shaping, array_values($view->stops->holding())) }}" />
    </g>
    @foreach ($view->handles() as $handle)
        @php($isAcross = $handle->moves === App\View\Make\Shape\Handle::ACROSS)
        @php($isLine = in_array($handle->kind, ['zone', 'stop', 'threshold', 'bound'], true))
        @php($px = $handle->moves === 'up' && $handle->kind !== 'bend' ? ($handle->kind === 'notch' ? $plot->right() : $plot->left) : $plot->x($handle->x))
        @php($py = $isAcross ? $plot->bottom() : $plot->y($handle->y))
        <g key="{{ $handle->id }}" class="handle handle--{{ $handle->kind }}{{ $handle->isAside ? ' handle--aside' : '' }}" data-handle="{{ $handle->id }}" data-moves="{{ $handle->moves }}"
            @if ($handle->across !== null) data-across-field="{{ $handle->across['field'] }}" data-across-from="{{ round($handle->across['from'], 4) }}" data-across-to="{{ round($handle->across['to'], 4) }}" @endif
            @if ($handle->up !== null) data-up-field="{{ $handle->up['field'] }}" data-up-from="{{ round($handle->up['from'], 4) }}" data-up-to="{{ round($handle->up['to'], 4) }}" @endif
            @if ($handle->remove !== '') data-remove="{{ $handle->remove }}" @endif @if ($handle->stop !== '') data-stop="{{ $handle->stop }}" @endif
            transform="translate({{ $px }} {{ $py }})" tabindex="0" role="slider" aria-label="{{ $handle->label }}" @if (! $isAcross) aria-orientation="vertical" @endif aria-valuemin="{{ $view->isCentred() ? -100 : 0 }}" aria-valuemax="100" aria-valuenow="{{ $handle->now() }}" aria-valuetext="{{ $handle->now() }} %">
            @if ($isLine && $isAcross)
                <path class="handle__line" d="M0 0V{{ -$plot->height }}" /><rect class="handle__grip" x="-6" y="-13" width="12" height="13" rx="2" /><rect class="hit" x="-9" y="{{ -$plot->height }}" width="18" height="{{ $plot->height + 4 }}" />
                @if ($handle->flag !== '')<text class="handle__flag" x="{{ $handle->x > 0.7 ? -7 : 7 }}" y="{{ -$plot->height + 12 + 16 * $handle->row }}" text-anchor="{{ $handle->x > 0.7 ? 'end' : 'start' }}">{{ $handle->flag }}</text>@endif
            @elseif ($isLine)
                <path class="handle__line" d="M0 0H{{ $plot->width }}" />
                @php($below = isset($view->stops->all[$handle->stop]) && $view->stops->all[$handle->stop]->side->value === 'below')
                @if ($handle->stop !== '')
                    <g class="stop-flag" transform="translate(0 {{ $below ? -22 : 0 }})"><rect width="{{ round(16 + 7.3 * (mb_strlen($handle->flag) + ($handle->isAside ? 12 : 7))) }}" height="22" /><text x="8" y="15">{{ $handle->flag }} · @if ($handle->isAside)set aside @else<tspan data-stop-state="{{ $handle->stop }}">shut</tspan>@endif</text></g>
                @else
                    <rect class="handle__grip" x="0" y="-6" width="13" height="12" rx="2" /><text class="handle__flag" x="{{ $plot->width - 8 }}" y="-5" text-anchor="end">{{ $handle->flag }}</text>
                @endif
                <rect class="hit" x="0" y="-8" width="{{ $plot->width }}" height="24" />
            @elseif ($handle->kind === 'range')
                <path class="handle__grip" d="M-2 0L-13 -6V6Z" /><rect class="hit" x="-18" y="-9" width="20" height="18" />
            @elseif ($handle->kind === 'notch')
                <path class="handle__line" d="M0 0H{{ -$plot->width }}" /><path class="handle__grip" d="M2 0L13 -6V6Z" /><rect class="hit" x="-4" y="-8" width="22" height="16" />
            @else
                <circle class="handle__dot" r="{{ $handle->kind === 'bend' ? 5 : 6 }}" /><circle class="hit" r="12" />
            @endif
        </g>
    @endforeach
    <g id="live" class="live" hidden><g clip-path="url(#frame)"><path class="live__trail" id="trail" d="" /><path class="live__drop" id="live-drop" d="" /><circle class="live__ghost" id="live-ghost" r="5" /><circle class="live__dot" id="live-dot" r="6" /></g><text class="live__text" id="live-text"></text></g>
</svg>
