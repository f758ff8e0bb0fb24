<!doctype html>
<html lang="en" data-theme="{{ App\View\Theme::kept() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, maximum-scale=1, user-scalable=no, viewport-fit=cover">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <title>{{ $name }} · Nailrod</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="manifest" href="{{ route('hand.manifest', $device, false) }}" crossorigin="use-credentials">
    @vite(['resources/css/app.css', 'resources/js/hand.js'])
</head>
<body class="hand" data-place="hand" data-set="{{ $record->id }}" data-program="{{ $record->program }}" data-rig="{{ $rig }}" data-rig-token="{{ $token }}" data-renew="{{ route('line.panel', $device, false) }}" data-layers="{{ json_encode($hand?->layers() ?? []) }}">
<span id="in-play" hidden></span>
@if ($hand === null)
    <main class="hand__empty"><h1>{{ $name }}</h1><p>{{ $record->name }} has no panel for it yet. Draw one on the place Panel at the desk; it comes here by itself.</p></main>
@else
<main @class(['hand__pages', 'hand__pages--strip' => count($hand->panel->pages) > 1]) data-face="{{ $hand->device->id }}" aria-label="{{ $hand->panel->name }}">
    @foreach ($hand->panel->pages as $i => $page)
    <section class="hand__page is-columns{{ $page->columns }} is-rows{{ $page->rows }}" data-hand-page="{{ $i + 1 }}" aria-label="{{ $page->name }}" @if ($i > 0) hidden @endif>
        @foreach ($page->tiles as $tile)
            @php($ref = $hand->device->id.'/'.$tile->id)
            @php($kind = $tile->kind)
            @php($class = implode(' ', array_filter(['ptile', 'ptile--'.str_replace(' ', '-', $kind->value), $hand::placed($tile), $hand::coloured($tile), $hand::opaque($tile)])))
            @switch($kind)
                @case(Nailrod\Core\Rig\Panel\TileKind::Pair)
                    <div class="{{ $class }}" data-lamp="{{ $ref }}" data-usual="white"><div class="ptile__pair">@foreach (['minus' => '−', 'plus' => '+'] as $end => $sign)<button type="button" class="work ptile__half ptile__half--{{ $end }}" data-touch="{{ $ref }}.{{ $end }}" data-press="{{ $ref }}.{{ $end }}" aria-label="{{ $tile->name() }} {{ $sign }}">{{ $sign }}</button>@endforeach
                        <span class="ptile__between"><span class="ptile__label"><x-picto :name="$tile->icon" /> {{ $tile->name() }}</span>@if ($hand::text($tile) !== '')<span class="ptile__value figure" data-text="{{ $tile->text }}"></span>@endif</span></div></div>
                    @break
                @case(Nailrod\Core\Rig\Panel\TileKind::Stick)
                    <div class="{{ $class }}" data-lamp="{{ $ref }}" data-usual="white"><svg class="ptile__drawn" viewBox="-90 -90 180 180"><x-dynamic-component component="controls.hat" :control="$hand->device->control($tile->id)" /></svg><span class="ptile__label">{{ $tile->name() }}</span></div>
                    @break
                @case(Nailrod\Core\Rig\Panel\TileKind::Slide)
                    <div class="{{ $class }}" data-lamp="{{ $ref }}" data-usual="white"><svg class="ptile__drawn" viewBox="-64 -146 128 292"><x-dynamic-component component="controls.rail" :control="$hand->device->control($tile->id)" /></svg><span class="ptile__label">{{ $tile->name() }}</span></div>
                    @break
                @case(Nailrod\Core\Rig\Panel\TileKind::Turn)
                    <button type="button" class="{{ $class }}" data-turn="{{ $tile->page }}"><x-picto :name="$tile->icon" /><span class="ptile__label">{{ $tile->label === '' ? $hand->panel->pages[$tile->page - 1]->name : $tile->label }}<span aria-hidden="true"> ›</span></span></button>
                    @break
                @case(Nailrod\Core\Rig\Panel\TileKind::Shows)
                    <div class="{{ $class }}" data-lamp="{{ $ref }}" data-usual="white"><x-picto :name="$tile->icon" />@if ($tile->label !== '')<span class="ptile__label">{{ $tile->label }}</span>@endif @if ($tile->text !== '')<span class="ptile__value figure" data-text="{{ $tile->text }}"></span>@endif @if ($tile->bar !== null)<svg class="ptile__bar" viewBox="0 0 100 8" preserveAspectRatio="none"><rect class="tile__bar" width="100" height="8" /><rect class="tile__fill" width="0" height="8" data-bar="{{ $tile->bar['variable'] }}" data-from="{{ $tile->bar['from'] }}" data-to="{{ $tile->bar['to'] }}" data-whole="100" /></svg>@endif</div>
                    @break
                @default
                    <button type="button" class="work {{ $class }}" data-touch="{{ $ref }}" data-press="{{ $ref }}" data-lamp="{{ $ref }}" data-usual="white" @if ($tile->onLifting) data-lifting @endif @if ($kind === Nailrod\Core\Rig\Panel\TileKind::LocksOn) data-locks="{{ $ref }}" @endif><x-picto :name="$tile->icon" /><span class="ptile__label">{{ $tile->name() }}</span><span class="ptile__next" data-next="{{ $ref }}" hidden></span></button>
            @endswitch
        @endforeach
    </section>
    @endforeach
    @if (count($hand->panel->pages) > 1)
    <nav class="hand__strip" aria-label="Pages">@foreach ($hand->panel->pages as $i => $page)<button type="button" data-turn="{{ $i + 1 }}" @if ($i === 0) aria-current="true" @endif>{{ $page->name }}</button>@endforeach</nav>
    @endif
</main>
@endif
<p class="hand__note" id="hand-note" role="note" hidden>This screen goes dark by the phone's own settings, since the address is a plain one: give it a longer screen time there. <button type="button" class="link" id="hand-note-away">Understood</button></p>
<p class="hand__cut" id="hand-cut" role="alert" hidden>The desk does not answer. What was held is let go of there; this panel comes back by itself.</p>
@if ($gets !== App\Pairing\Grant::Panel)<a class="hand__desk" href="/">The rig</a>@endif
<button type="button" class="hand__full" id="hand-full" title="Full screen" aria-label="Full screen"><svg viewBox="0 0 16 16" aria-hidden="true"><path d="M2 6V2h4M10 2h4v4M14 10v4h-4M6 14H2v-4" /></svg></button>
</body>
</html>
