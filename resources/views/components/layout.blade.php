@props(['place', 'title'])
@inject('line', App\Rig\PageLine::class)
@php($group = App\View\Places::groupOf($place->address()))
<!doctype html>
<html lang="en" data-theme="{{ App\View\Theme::kept() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <title>{{ $title }} · Nailrod</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <script src="{{ Illuminate\Support\Facades\Vite::asset('resources/js/early.js') }}"></script>
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body data-brightness="{{ json_encode((object) $place->brightness()) }}" x-data="page" data-place="{{ $place->name }}" data-set="{{ $place->record->id }}" data-picked="{{ json_encode((object) $place->picked->toArray()) }}" data-simulator="{{ $place->set->catalogue?->name }}" data-already="{{ route('already', $place->record->id) }}" data-revision="{{ $place->edited->head_id }}" data-revisions="{{ json_encode((object) $place->revisions()) }}" data-program="{{ $place->record->program }}" data-rig="{{ $line->address() }}" data-rig-token="{{ $line->browserToken() }}">
<nav class="skips" aria-label="Skip"><a class="skip" href="#place">To the content</a>@stack('skips')</nav>
<header id="top" data-revision="{{ $place->edited->head_id }}">
<div class="top">
    <a class="mark" href="{{ $place->on('rig') }}"><svg viewBox="0 0 18 6" aria-hidden="true"><path d="M0 3h18" /></svg>NAILROD</a>
    <x-set-picker :place="$place" />
    <span class="in-play" id="in-play" hidden>in play</span>
    <x-herald />
    <nav class="groups" aria-label="Groups of places">
        @foreach (App\View\Places::GROUPS as $name)
            <a href="{{ $place->on((string) array_key_first(App\View\Places::of($name))) }}" data-carries
                @if ($name === $group) aria-current="true" @endif>{{ $name }}</a>
        @endforeach
    </nav>
    <x-listen :rig="$place->set->rig" />
    <x-recorder />
    <div class="tools">
        <form data-does="record" method="post" action="{{ route('undo', $place->edited->id) }}" data-edit novalidate id="undo">{{ $place->from() }}
            <button class="tool" @disabled($place->undo === null) title="{{ $place->undo === null ? 'Nothing to undo' : 'Undo in '.$place->edited->name.': '.$place->undo }} (Ctrl+Z)">{{ App\View\Icon::of('undo') }}<span class="sr-only">Undo</span></button>
        </form>
        <form data-does="record" method="post" action="{{ route('redo', $place->edited->id) }}" data-edit novalidate id="redo">{{ $place->from() }}
            <button class="tool" @disabled($place->redo === null) title="{{ $place->redo === null ? 'Nothing to do again' : 'Do again in '.$place->edited->name.': '.$place->redo }} (Ctrl+Y)">{{ App\View\Icon::of('redo') }}<span class="sr-only">Redo</span></button>
        </form>
        <button class="tool" type="button" data-find-anything title="Find anything (Ctrl+K)">{{ App\View\Icon::of('find') }}<span class="sr-only">Find anything</span></button>
        <button class="tool" type="button" x-on:click="turnTheme" title="Light or dark (T)">{{ App\View\Icon::of('theme') }}<span class="sr-only">Light or dark</span></button>
        <button class="tool" type="button" x-on:click="openHelp" title="Keys and help (?)">{{ App\View\Icon::of('help') }}<span class="sr-only">Keys and help</span></button>
    </div>
</div>
<nav class="places" aria-label="{{ $group }}">
    @foreach (App\View\Places::of($group) as $address => $entry)
        <a href="{{ $place->on($address) }}" data-carries
            @if ($address === $place->address()) aria-current="page" @endif>{{ $entry->label }}</a>
    @endforeach
</nav>
<x-steps :place="$place" />
</header>
<div class="notices">
<div id="news" role="status" aria-live="polite"></div>
<div id="notices" role="status" aria-live="polite">
    @if (session('said'))
        <p class="notice" data-fades>{{ session('said') }}</p>
    @endif
    @foreach ($place->notHere->said as $said)<p class="notice notice--problem">{{ $said }}</p>@endforeach
    <x-refused />
</div>
</div>
<p class="notice notice--changed" id="moved" hidden>This set was changed in another tab. <a href="{{ request()->fullUrl() }}" data-refresh>Show it as it is now</a></p>
@if ($line->gets() === App\Pairing\Grant::Look)<p class="notice"
    role="status">This tablet has the whole rig to look at: what is changed here is not taken.</p>@endif
<p class="notice notice--problem" id="offline" hidden>The rig is not running; it is being started again. Pages and edits go on; what you move is kept and sent when it is back.</p>
<p class="notice notice--changed" id="other-set" hidden><span><b></b> is in play now.</span> <button type="button" class="link" data-put-in-play>Put {{ $place->record->name }} in play</button></p>
<x-listening />
<x-choose />
<x-find :to="route('find', $place->record->id)" />
<p class="notice notice--problem" id="broken" hidden></p>
<p class="notice notice--changed" id="new-code" hidden>Nailrod was changed on the disk since the rig began. <button type="button" class="link" data-restart>Start the rig again</button></p>
<p class="herald-notice" id="herald-notice" role="status" hidden></p>
<main id="place" class="place place--{{ $place->name }}" tabindex="-1">{{ $slot }}</main>
<footer class="tape" id="tape" aria-label="What just happened and why">
    <ol class="tape__lines" id="tape-lines" aria-live="off"><li class="tape__empty">Move or press anything: what it does, and why, is said here.</li></ol>
    <div class="tape__now" hidden><span class="tape__label">on now</span><ul class="tape__on" id="tape-on" aria-label="What is on now"></ul></div>
</footer>
<x-help :place="$place" />
<div class="term-says" id="term-says" popover="manual" aria-hidden="true"></div>
</body>
</html>
