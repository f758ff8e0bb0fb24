{{-- A page of a panel that an owner drew, in the place of the faceplate of its device. --}}
@php($panelPage = $device->panel->pages[$page - 1] ?? $device->panel->pages[0])
@php([$w, $h] = [$device->width / $panelPage->columns, $device->height / $panelPage->rows])
<svg class="face face--panel" viewBox="0 0 {{ $device->width }} {{ $device->height }}" data-face="{{ $device->id }}" preserveAspectRatio="xMidYMin meet" role="group" aria-label="{{ $device->name }}, page {{ $panelPage->name }}, drawn; it can be worked here">
    <defs>@for ($i = 0; $i < 8; $i++)<pattern id="tile-hatch-{{ $device->id }}-{{ $i }}" class="layer--{{ $i }}" width="14" height="14" patternUnits="userSpaceOnUse" patternTransform="rotate({{ [0, 45, 90, 135, 20, 70, 110, 160][$i] }})"><rect width="14" height="14" class="tile__paper" /><rect width="14" height="{{ $i < 4 ? 4 : 8 }}" class="tile__hatch" /></pattern>@endfor</defs>
    <rect class="face__plate" x="3" y="3" width="{{ $device->width - 6 }}" height="{{ $device->height - 6 }}" rx="26" />
    @foreach ($panelPage->tiles as $tile)
        @php([$x, $y, $tw, $th] = [$tile->column * $w + 8, $tile->row * $h + 8, $tile->across * $w - 16, $tile->down * $h - 16])
        @php($ref = $device->id.'/'.$tile->id)
        @php($colour = array_search($tile->colour, Nailrod\Core\Rig\Panel\Tile::COLOURS, true))
        @php($kind = $tile->kind)
        <g class="tile tile--{{ str_replace(' ', '-', $kind->value) }}{{ $colour === false ? '' : ' layer--'.$colour }}" data-control="{{ $ref }}" data-tile="{{ $tile->id }}" opacity="{{ $tile->opacity }}">
            <rect class="face__lamp tile__back" x="{{ $x }}" y="{{ $y }}" width="{{ $tw }}" height="{{ $th }}" rx="14" data-lamp="{{ $ref }}" data-usual="white"><title>{{ $tile->name() }}</title></rect>
            @if ($colour !== false)<rect x="{{ $x + 6 }}" y="{{ $y + $th - 18 }}" width="{{ $tw - 12 }}" height="12" fill="url(#tile-hatch-{{ $device->id }}-{{ $colour }})" pointer-events="none" />@endif
            @switch($kind)
                @case(Nailrod\Core\Rig\Panel\TileKind::Pair)
                    @foreach (['minus' => ['−', 0], 'plus' => ['+', $tw / 2]] as $end => [$sign, $from])
                        <g class="work" data-press="{{ $ref }}.{{ $end }}" data-contact="{{ $ref }}.{{ $end }}" tabindex="0" role="button" aria-pressed="false" aria-label="{{ $tile->name() }} {{ $sign }}"><rect class="cap tile__half" x="{{ $x + $from + 4 }}" y="{{ $y + 76 }}" width="{{ $tw / 2 - 8 }}" height="{{ max(20, $th - 80) }}" rx="11" /><text class="cap__text tile__sign" x="{{ $x + $from + $tw / 4 }}" y="{{ $y + 76 + ($th - 80) / 2 + 14 }}">{{ $sign }}</text></g>
                    @endforeach
                    @break
                @case(Nailrod\Core\Rig\Panel\TileKind::Stick)
                    @php($scale = round(min($tw, $th - 30) / 190, 3))
                    <g transform="translate({{ $x + $tw / 2 }} {{ $y + ($th - 26) / 2 + 4 }}) scale({{ $scale }})"><x-dynamic-component component="controls.hat" :control="$device->control($tile->id)" /></g>
                    @break
                @case(Nailrod\Core\Rig\Panel\TileKind::Slide)
                    @php($scale = round(min(($th - 48) / 272, $tw / 130), 3))
                    <g transform="translate({{ $x + $tw / 2 }} {{ $y + ($th - 40) / 2 + 2 }}) scale({{ $scale }})"><x-dynamic-component component="controls.rail" :control="$device->control($tile->id)" /></g>
                    @break
                @case(Nailrod\Core\Rig\Panel\TileKind::Turn)
                    <g class="tile__turn" data-turn="{{ $tile->page }}" tabindex="0" role="button" aria-label="{{ $tile->name() }}: turns to {{ $device->panel->pages[$tile->page - 1]->name }}"><rect class="hit" x="{{ $x }}" y="{{ $y }}" width="{{ $tw }}" height="{{ $th }}" />@if ($tw >= 120)<path class="tile__arrow" d="M{{ $x + $tw - 44 }} {{ $y + 18 }}l20 18-20 18" />@endif</g>
                    @break
                @case(Nailrod\Core\Rig\Panel\TileKind::Shows)
                    @break
                @default
                    <g class="work" data-press="{{ $ref }}" data-contact="{{ $ref }}" @if ($kind === Nailrod\Core\Rig\Panel\TileKind::LocksOn) data-locks="{{ $ref }}" @endif tabindex="0" role="button" aria-pressed="false" aria-label="{{ $tile->name() }}"><rect class="cap tile__cap" x="{{ $x + 4 }}" y="{{ $y + 4 }}" width="{{ $tw - 8 }}" height="{{ $th - 8 }}" rx="11" /><circle class="cap__pin" cx="{{ $x + $tw - 24 }}" cy="{{ $y + 24 }}" r="8" /></g>
            @endswitch
            @php($lines = App\View\Face::lines($kind === Nailrod\Core\Rig\Panel\TileKind::Shows && $tile->text !== '' ? $tile->text : ($kind === Nailrod\Core\Rig\Panel\TileKind::Turn && $tile->label === '' ? $device->panel->pages[$tile->page - 1]->name : $tile->name()), max(4, (int) ($tw / 15))))
            @php($hasIcon = $tile->icon !== '' && $th >= 100 && ! in_array($kind, [Nailrod\Core\Rig\Panel\TileKind::Stick, Nailrod\Core\Rig\Panel\TileKind::Slide], true))
            @php($isPair = $kind === Nailrod\Core\Rig\Panel\TileKind::Pair)
            @if ($hasIcon)<x-picto :name="$tile->icon" :x="$isPair ? $x + 12 : $x + $tw / 2 - ($th >= 160 ? 36 : 24)" :y="$isPair ? $y + 10 : $y + $th / 2 - ($th >= 160 ? 78 : 50)" :size="$isPair ? 34 : ($th >= 160 ? 72 : 48)" class="tile__icon" />@endif
            @php($middle = match ($kind) { Nailrod\Core\Rig\Panel\TileKind::Pair => $y + 34, Nailrod\Core\Rig\Panel\TileKind::Stick => $y + $th - 28, Nailrod\Core\Rig\Panel\TileKind::Slide => $y + $th - 16, default => $y + $th / 2 + ($hasIcon ? 30 : 8) - 14 * (count($lines) - 1) })
            @foreach ($lines as $i => $line)<text class="tile__text{{ App\View\Face::narrow($line, $tw) }}" x="{{ $x + $tw / 2 }}" y="{{ $middle + 28 * $i }}" @if (str_contains($line, '{')) data-text="{{ $line }}" @endif>{{ App\View\Face::unknown($line) }}</text>@endforeach
            @if ($kind->isButton())<text class="tile__next" x="{{ $x + $tw / 2 }}" y="{{ $y + $th - ($colour === false ? 16 : 28) }}" data-next="{{ $ref }}" data-most="{{ max(6, (int) ($tw / 12)) }}"></text>@endif
            @if ($kind === Nailrod\Core\Rig\Panel\TileKind::Pair && $tile->text !== '')<text class="tile__value" x="{{ $x + $tw / 2 }}" y="{{ $y + 66 }}" data-text="{{ $tile->text }}">{{ App\View\Face::unknown($tile->text) }}</text>@endif
            @if ($tile->bar !== null)<rect class="tile__bar" x="{{ $x + 14 }}" y="{{ $y + $th - 34 }}" width="{{ $tw - 28 }}" height="10" /><rect class="tile__fill" x="{{ $x + 14 }}" y="{{ $y + $th - 34 }}" width="0" height="10" data-bar="{{ $tile->bar['variable'] }}" data-from="{{ $tile->bar['from'] }}" data-to="{{ $tile->bar['to'] }}" data-whole="{{ $tw - 28 }}" />@endif
        </g>
    @endforeach
</svg>
