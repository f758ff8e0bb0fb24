@props(['view', 'two'])
@php($rig = $view->place->set->rig)
@php($a = $two->across->axis->ref)
@php($b = $two->along->axis->ref)
@php($size = App\View\Make\Shape\TwoAxes::SIZE)
@php($margin = App\View\Make\Shape\TwoAxes::MARGIN)
@php($middle = $margin + $size / 2)
<svg class="plot plot--two" id="two" viewBox="0 0 700 508" role="img" aria-label="{{ $rig->nameOf($a) }} across, {{ $rig->nameOf($b) }} {{ $two->isStick() ? 'down' : 'up' }}; the ring is where the hand is, the dot is what is sent" data-shows="{{ $view->shows() }}" data-built="{{ json_encode(array_merge(...array_map(fn ($built) => array_map(fn ($axis) => [$axis->ref, $rig->nameOf($axis->ref)], $built->axes()), array_values($two->built())))) }}" data-name-a="{{ $rig->nameOf($a) }}" data-name-b="{{ $rig->nameOf($b) }}" data-a="{{ $a }}" data-b="{{ $b }}" data-stick="{{ (int) $two->isStick() }}" data-size="{{ $size }}" data-margin="{{ $margin }}">
    <defs><pattern id="hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 0V6" class="plot__hatch" /></pattern></defs>
    <g transform="translate(90 0)">
        @foreach ($two->zones() as $bar)<rect class="plot__zone" x="{{ $bar['x'] }}" y="{{ $bar['y'] }}" width="{{ $bar['width'] }}" height="{{ $bar['height'] }}" fill="url(#hatch)" />@endforeach
        <rect class="plot__frame" x="{{ $margin }}" y="{{ $margin }}" width="{{ $size }}" height="{{ $size }}" />
        @if ($two->isStick())
            <path class="plot__grid" d="M{{ $middle }} {{ $margin }}V{{ $margin + $size }}M{{ $margin }} {{ $middle }}H{{ $margin + $size }}" />
            <circle class="plot__circle" cx="{{ $middle }}" cy="{{ $middle }}" r="{{ $size / 2 }}" />
            @foreach ($two->directions() as $id => $directions)
                <circle class="plot__dead" cx="{{ $middle }}" cy="{{ $middle }}" r="{{ $size / 2 * $directions->dead }}" />
                @for ($i = 0; $i < 8; $i++)
                    @php($edge = deg2rad(22.5 + 45 * $i))
                    <path class="plot__sector" d="M{{ round($middle + $size / 2 * $directions->dead * sin($edge), 1) }} {{ round($middle - $size / 2 * $directions->dead * cos($edge), 1) }}L{{ round($middle + $size / 2 * sin($edge), 1) }} {{ round($middle - $size / 2 * cos($edge), 1) }}" />
                @endfor
                @foreach ($directions->contacts() as $i => $contact)
                    @php($at = deg2rad(360 / count($directions->contacts()) * $i))
                    <text class="plot__way" data-closes="{{ $contact->ref }}" x="{{ round($middle + $size * 0.42 * sin($at), 1) }}" y="{{ round($middle - $size * 0.42 * cos($at) + 4, 1) }}" text-anchor="middle">{{ $contact->mark }}</text>
                @endforeach
            @endforeach
        @endif
        @foreach ($two->built() as $built)
            @foreach ($two->contours($built) as $gives => $contour)<path class="plot__contour" d="{{ $contour['path'] }}" /><text class="plot__way plot__way--contour" x="{{ $contour['x'] }}" y="{{ $contour['y'] + 4 }}" text-anchor="middle">{{ $gives }}</text>@endforeach
        @endforeach
        @foreach ([0, 0.5, 1] as $mark)
            <text class="plot__mark" x="{{ $two->x($mark) }}" y="{{ $margin + $size + 17 }}" text-anchor="middle">{{ Nailrod\Core\Mapping\Axis\Percent::figureAt($mark, $two->across->axis->centred) }}</text>
            <text class="plot__mark" x="{{ $margin - 8 }}" y="{{ $two->y($mark) + 4 }}" text-anchor="end">{{ Nailrod\Core\Mapping\Axis\Percent::figureAt($mark, $two->along->axis->centred) }}</text>
        @endforeach
        <text class="plot__mark" x="{{ $middle }}" y="{{ $margin + $size + 31 }}" text-anchor="middle">{{ $rig->nameOf($a) }}</text>
        <text class="plot__mark" transform="translate({{ $margin - 46 }} {{ $middle }}) rotate(-90)" text-anchor="middle">{{ $rig->nameOf($b) }}</text>
        <g id="two-live" class="live" hidden><path class="live__trail" id="two-trail" d="" /><circle class="live__ghost" id="two-hand" r="7" /><circle class="live__dot" id="two-sent" r="6" /></g>
    </g>
</svg>
<p class="two__words" id="two-words">The ring is where the hand is, the dot is what is sent.</p>
