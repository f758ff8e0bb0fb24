@php($place = $view->place)
<x-layout :place="$place" title="Bench">
    <section class="column bench__rig" aria-label="The rig">
        @foreach ($place->set->rig->devices as $device)
            <article class="card card--bench" data-device="{{ $device->id }}">
                <header class="card__head"><h2>{{ $device->name }} {{ $device->kind }}</h2><button type="button" class="plug" data-plug="{{ $device->id }}" aria-pressed="true"><x-icon name="plug" /><span class="plug__word">plugged in</span></button></header>
                <x-face :device="$device" />
            </article>
        @endforeach
    </section>
    <section class="column bench__lanes" aria-labelledby="bench-title">
        <h1 id="bench-title">Bench <span class="column__note">live layer <b id="live-layer">–</b></span> <span class="legend column__note">@foreach ($place->set->layers as $layer)<span><span class="layer-dot layer--{{ $loop->index % 5 }}" data-layer-name="{{ $layer->name }}"></span>{{ $layer->name }}</span>@endforeach</span></h1>
        <div class="lanes" id="lanes"><canvas role="img" aria-label="Lanes of the last ten seconds: what you did, the layer, what was sent, what the game did. The list below says the same in words."></canvas><p class="lanes__tip" id="lanes-tip" hidden></p></div>
        <div class="recorder" id="recorder">
            <button type="button" class="button recorder__turn" data-record aria-pressed="false"><span class="recorder__dot" aria-hidden="true"></span><span data-record-word>Record</span></button>
            <span class="figure" data-record-time hidden>0.0 s</span>
            <label class="recorder__name" data-record-name hidden>Name <input maxlength="60" placeholder="Run {{ count($view->runs()) + 1 }}"></label>
            <details class="pop pop--up"><summary class="link">Runs ({{ count($view->runs()) }})</summary>
                <div class="pop__body pop__body--wide">
                    @if ($view->runs() === [])<p class="empty">None yet. Record what you do, or take one from a file.</p>
                    @else
                        <table class="runs"><thead><tr><th scope="col">Run</th><th scope="col" class="right">Length</th><th scope="col" class="right">Rows</th><th scope="col"><span class="sr-only">What to do</span></th></tr></thead><tbody>
                        @foreach ($view->runs() as $run)
                            <tr><th scope="row">{{ $run->name }}</th><td class="right figure">{{ number_format($run->length / 1e6, 1) }} s</td><td class="right figure">{{ $run->rows }}</td><td><button type="button" class="link" data-play="{{ $run->id }}" data-name="{{ $run->name }}">Play</button> <a class="link" href="{{ route('run.download', $run->id) }}" download>Save</a></td></tr>
                        @endforeach
                        </tbody></table>
                    @endif
                    <form method="post" action="{{ route('run.upload') }}" enctype="multipart/form-data" data-edit novalidate class="upload">@csrf
                        <label class="field field--tall"><span>Take a run from a CSV file</span><input type="file" name="file" accept=".csv,text/csv" required></label><button class="button">Take it</button>
                    </form>
                </div>
            </details>
            <span class="recorder__playing" id="playing" role="status"></span>
        </div>
        <details class="log"><summary>What happened, in words</summary><ol id="log" class="scroll" tabindex="0" aria-label="What happened"></ol></details>
    </section>
    <section class="column bench__game scroll" aria-label="The simulator" tabindex="0">
        @if ($place->set->catalogue === null)
            <p class="empty">This set has no simulator. Pick a set below it in the bar above.</p>
        @else
            <h2 class="column__title">{{ $place->set->catalogue->name }} <span class="tag">stand-in</span></h2>
            <p class="column__note">{{ $place->set->catalogue->vehicle }}. It looks at the controller every {{ round($place->set->catalogue->frame / 1000, 1) }} ms.</p>
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
