@php($place = $view->place)
<x-layout :place="$place" title="Bench">
    @push('skips')<a class="skip" href="#bench-lanes">To what happened</a>@endpush
    <section class="column bench__rig" aria-label="The rig">
        @foreach ($view->devices() as $device)
            <article class="card card--bench" data-device="{{ $device->id }}">
                <header class="card__head"><h2>{{ $device->title() }}</h2><button type="button" class="plug" data-plug="{{ $device->id }}" aria-pressed="true">{{ App\View\Icon::of('plug') }}<span class="plug__word">plugged in</span></button></header>
                <x-face :device="$device" :page="$view->page($device)" />
                <x-face-pages :device="$device" :page="$view->page($device)" :link="fn (int $n) => route('bench', ['set' => $place->record->id, 'device' => $device->id, 'page' => $n])" />
            </article>
        @endforeach
        @if ($view->others() !== [])<p class="chips"><span class="column__note">Not used here:</span> @foreach ($view->others() as $device)<a class="chip" href="{{ route('bench', ['set' => $place->record->id, 'device' => $device->id]) }}" data-refresh>{{ $device->name }}</a>@endforeach</p>@endif
    </section>
    <section class="column bench__lanes" id="bench-lanes" tabindex="-1" aria-labelledby="bench-title">
        <h1 id="bench-title">Bench <span class="column__note">live layer <b id="live-layer">–</b></span> <span class="legend column__note">@foreach ($place->set->layers as $id => $layer)<span><span class="layer-dot layer--{{ Nailrod\Core\Set\LayerLook::of($place->set, $id) }}" data-layer-name="{{ $layer->name }}"></span>{{ $layer->name }}</span>@endforeach</span></h1>
        <div class="lanes" id="lanes"><canvas role="img" aria-label="Lanes of the last ten seconds: what you did, the layer, what was sent, what the game did. The list below says the same in words."></canvas><p class="lanes__tip" id="lanes-tip" hidden></p></div>
        <details class="log"><summary>What happened, in words</summary><ol id="log" class="scroll" tabindex="0" aria-label="What happened"></ol></details>
        <details class="log paper" id="paper" data-typed="{{ route('typed', $place->record->id) }}"><summary>A sheet of paper: what the keys that are sent would type</summary>
            <div class="paper__sheets">
                <div><p class="paper__head"><label>Typed on <select>{{ App\Forms\Options::of($view->layouts(), 'us') }}</select></label> <button type="button" class="link" data-paper-clear>New sheet</button></p><pre class="paper__sheet scroll" data-paper role="log" tabindex="0" aria-label="What the rig's keys type"></pre></div>
                <label><span class="paper__head">What your own keyboard types</span><textarea class="paper__sheet" spellcheck="false" rows="4"></textarea></label>
            </div>
        </details>
    </section>
    <section class="column bench__game scroll" aria-label="The simulator" tabindex="0">
        @if ($place->set->catalogue === null)
            <p class="empty">This set has no simulator. Pick a set below it in the bar above, or <a class="link" href="{{ $place->at('actions') }}">bring or write a list of actions</a>.</p>
        @else
            <h2 class="column__title">{{ $place->set->catalogue->name }} <span class="tag">stand-in</span></h2>
            <p class="column__note">@if ($place->set->catalogue->vehicle !== 'vehicle'){{ $place->set->catalogue->vehicle }}. @endif{{ $place->set->catalogue->buttons + $place->set->catalogue->axes === 0 ? 'It reads nothing but the keyboard.' : 'It looks at the controller every '.round($place->set->catalogue->frame / 1000, 1).' ms, and sees '.$place->set->catalogue->buttons.' buttons and '.$place->set->catalogue->axes.' axes of it.' }}</p>
            <p class="says says--warn" id="game-window" role="status" hidden>Its <b></b> is open and takes all keys. Escape shuts it. <button type="button" class="link" data-shut-window>Shut it</button></p>
            @foreach ($view->gauges() as $group => $variables)
                <table class="gauges"><caption>{{ $group }}</caption><tbody>
                @foreach ($variables as $variable)
                    <tr data-variable="{{ $variable->id }}"><th scope="row">{{ $variable->name }}</th><td class="figure">
                        @if ($variable->gauge === null && $variable->words !== [])
                            <button type="button" class="flip" data-game="{{ $variable->id }}" data-low="{{ $variable->low }}" data-high="{{ $variable->high }}" title="Change it in the game, as by its own mouse"><span data-value>{{ $variable->show($variable->start) }}</span></button>
                        @else
                            @if ($variable->high - $variable->low >= 20)<meter min="{{ $variable->low }}" max="{{ $variable->high }}" value="{{ $variable->start }}" aria-label="{{ $variable->name }}"></meter>@endif<span data-value>{{ $variable->show($variable->start) }}</span>
                        @endif
                    </td></tr>
                @endforeach
                </tbody></table>
            @endforeach
        @endif
    </section>
</x-layout>
