@php($place = $view->place)
@php($plot = App\View\Plot::large())
@php($pc = fn (float $part) => Nailrod\Core\Axis\Percent::figure($part))
<x-layout :place="$place" title="Shape">
    <nav class="column axes" aria-label="Axes">
        <h2 class="column__title">Axes</h2>
        <ul class="scroll">
            @foreach ($view->axes() as $axis)
                <li><a class="axis-item" href="{{ route('shape', ['set' => $place->record->id, 'axis' => $axis['ref']]) }}" data-refresh data-reach="{{ $axis['ref'] }}" @if ($axis['ref'] === $view->axis?->ref) aria-current="true" @endif>
                    <span>{{ $axis['name'] }}</span><svg class="spark" viewBox="0 0 52 26" aria-hidden="true"><path d="{{ $axis['line'] }}" /></svg>
                    <small class="figure" data-show="{{ $axis['ref'] }}" data-part="travel">–</small>
                </a></li>
            @endforeach
        </ul>
        @if ($view->axis !== null)
            @php($device = $place->set->rig->devices[explode('/', $view->axis->ref)[0]])
            <div class="axes__face"><x-face :device="$device" /></div>
        @endif
    </nav>
    @if ($view->axis === null)
        <section class="column"><p class="empty">No device of this set has an axis. Choose a set with devices in the bar above.</p></section>
    @else
    @php($ref = $view->axis->ref)
    @php($name = $place->set->rig->nameOf($ref))
    <section class="column picture" aria-labelledby="shape-title">
        <h1 id="shape-title">{{ $name }} <span class="column__note">{{ $view->target() }}</span></h1>
        <svg class="plot" id="plot" viewBox="0 0 700 500" role="group" aria-label="Travel across, value sent upwards" data-axis="{{ $ref }}" data-left="{{ $plot->left }}" data-top="{{ $plot->top }}" data-width="{{ $plot->width }}" data-height="{{ $plot->height }}">
            <defs><pattern id="hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 0V6" class="plot__hatch" /></pattern></defs>
            @for ($i = 0; $i <= 10; $i++)
                <path class="plot__grid" d="M{{ $plot->x($i / 10) }} {{ $plot->y(0) }}V{{ $plot->y(1) }}M{{ $plot->x(0) }} {{ $plot->y($i / 10) }}H{{ $plot->x(1) }}" />
                @if ($i % 2 === 0)
                    @php($mark = $view->axis->centred ? 20 * $i - 100 : 10 * $i)
                    <text class="plot__mark" x="{{ $plot->x($i / 10) }}" y="{{ $plot->y(0) + 18 }}" text-anchor="middle">{{ $mark }}</text>
                    <text class="plot__mark" x="{{ $plot->x(0) - 8 }}" y="{{ $plot->y($i / 10) + 4 }}" text-anchor="end">{{ $mark }}</text>
                @endif
            @endfor
            <text class="plot__mark" x="{{ $plot->x(0.5) }}" y="494" text-anchor="middle">travel, %</text>
            <text class="plot__mark" transform="translate(13 {{ $plot->y(0.5) }}) rotate(-90)" text-anchor="middle">sent to the game, %</text>
            @foreach ([[0.0, $view->zones->low], [1.0 - $view->zones->high, 1.0], [0.5 - $view->zones->rest, 0.5 + $view->zones->rest]] as [$from, $to])
                @if ($to > $from)<rect class="plot__zone" x="{{ $plot->x($from) }}" y="{{ $plot->y(1) }}" width="{{ $plot->x($to) - $plot->x($from) }}" height="{{ $plot->height }}" fill="url(#hatch)" />@endif
            @endforeach
            @if (($parent = $view->parentLine($plot)) !== null)<path class="plot__parent" d="{{ $parent }}"><title>As the parent set shapes it</title></path>@endif
            @if ($view->stops !== [])<path class="plot__ghost" d="{{ $plot->line($view->shaping) }}" />@endif
            <path class="plot__line" d="{{ $plot->line($view->shaping, array_values($view->stops)) }}" />
            @foreach ([['low', $view->zones->low, 'Dead zone, low end'], ['high', 1 - $view->zones->high, 'Dead zone, high end']] as [$end, $at, $label])
                <g class="handle handle--zone" data-handle="zone-{{ $end }}" data-across data-field="#f-{{ $end }}" @if ($end === 'high') data-mirror @endif transform="translate({{ $plot->x($at) }} {{ $plot->y(0) }})" tabindex="0" role="slider" aria-label="{{ $label }}" aria-valuemin="0" aria-valuemax="100" aria-valuenow="{{ $pc($end === 'low' ? $view->zones->low : $view->zones->high) }}" aria-valuetext="{{ $pc($end === 'low' ? $view->zones->low : $view->zones->high) }} %">
                    <path class="handle__line" d="M0 0V{{ -$plot->height }}" /><rect class="handle__grip" x="-6" y="-13" width="12" height="13" rx="2" /><rect class="hit" x="-10" y="{{ -$plot->height }}" width="20" height="{{ $plot->height + 4 }}" />
                </g>
            @endforeach
            @foreach ($view->stops as $stop)
                <g class="handle handle--stop" data-handle="stop" data-stop="{{ $stop->id }}" data-field="#stop-{{ $stop->id }}-at" transform="translate({{ $plot->x(0) }} {{ $plot->y($stop->at) }})" tabindex="0" role="slider" aria-orientation="vertical" aria-label="Stop {{ $stop->name }}" aria-valuemin="0" aria-valuemax="100" aria-valuenow="{{ $pc($stop->at) }}" aria-valuetext="{{ $pc($stop->at) }} %">
                    <path class="handle__line" d="M0 0H{{ $plot->width }}" />
                    <g class="stop-flag" transform="translate(0 {{ $stop->side->value === 'above' ? 0 : -22 }})"><rect width="{{ round(16 + 7.3 * (mb_strlen($stop->name) + strlen($pc($stop->at)) + 10)) }}" height="22" /><text x="8" y="15">{{ $stop->name }} {{ $pc($stop->at) }} % · <tspan data-stop-state="{{ $stop->id }}">shut</tspan></text></g>
                    <rect class="hit" x="0" y="-8" width="{{ $plot->width }}" height="30" />
                </g>
            @endforeach
            <g id="live" class="live" hidden><path class="live__trail" id="trail" d="" /><path class="live__drop" id="live-drop" d="" /><circle class="live__ghost" id="live-ghost" r="5" /><circle class="live__dot" id="live-dot" r="6" /><text class="live__text" id="live-text"></text></g>
        </svg>
        <div class="strip"><span class="strip__title">last 10 s</span><canvas id="strip" role="img" aria-label="Value of the last ten seconds; what the lever asked for is thin, what was sent is thick"></canvas></div>
    </section>
    <section class="column panel scroll" aria-label="Shaping of {{ $name }}" tabindex="0">
        <x-shape-part :view="$view" part="calibrate" title="Calibration">
            <p class="panel__now">Now reads <b class="figure" data-show="{{ $ref }}" data-part="reading">–</b></p>
            <x-field name="low" id="c-low" label="Lowest reading" :value="$view->shaping->calibration->low" unit="" :min="$view->axis->min" :max="$view->axis->max" step="1" />
            <x-field name="high" id="c-high" label="Highest reading" :value="$view->shaping->calibration->high" unit="" :min="$view->axis->min" :max="$view->axis->max" step="1" />
            @if ($view->axis->centred)<x-field name="rest" id="c-rest" label="Reading at rest" :value="$view->shaping->calibration->rest" unit="" :min="$view->axis->min" :max="$view->axis->max" step="1" />@endif
            <label class="check"><input type="checkbox" name="reverse" value="1" @checked($view->shaping->calibration->reverse)> Turned round</label>
        </x-shape-part>
        <x-shape-part :view="$view" part="dead_zones" title="Dead zones" :says="$view->zones->inWords() ?: 'Every part of the travel counts.'">
            <x-field name="low" label="Low end" :value="$pc($view->zones->low)" />
            <x-field name="high" label="High end" :value="$pc($view->zones->high)" />
            @if ($view->axis->centred)<x-field name="rest" label="Each side of rest" :value="$pc($view->zones->rest)" :max="50" />@endif
        </x-shape-part>
        <x-shape-part :view="$view" part="curve" title="Curve" :says="$view->expo->inWords() ?: 'A straight line.'">
            <x-field name="k" label="Expo" :value="$pc($view->expo->k)" :min="-100" />
        </x-shape-part>
        <x-shape-part :view="$view" part="range" title="Range" :says="$view->range->inWords() ?: 'The whole travel sends 0 to 100 %.'">
            <x-field name="low" id="r-low" label="From" :value="$pc($view->range->low)" />
            <x-field name="high" id="r-high" label="To" :value="$pc($view->range->high)" />
        </x-shape-part>
        @foreach ($view->stops as $stop)
            <form method="post" action="{{ route('stop.save', $place->record->id) }}" data-edit novalidate data-autosave class="panel__part panel__part--stop" id="stop-{{ $stop->id }}">
                <x-stop-fields :place="$place" :view="$view" :stop="$stop" :id="$stop->id" />
                <p class="says">{{ $view->sentenceOf($stop) }}</p>
            </form>
            <div class="panel__row">
                <x-origin :place="$place" :origin="$place->originOf(Nailrod\Core\Set\PartPath::stop($stop->id))" path="stops/{{ $stop->id }}" />
                <form method="post" action="{{ route('stop.remove', $place->record->id) }}" data-edit novalidate><x-from :place="$place" /><input type="hidden" name="stop" value="{{ $stop->id }}"><button class="link">Take the stop {{ $stop->name }} away</button></form>
            </div>
        @endforeach
        <details class="panel__new" @if ($view->stops === []) open @endif>
            <summary>New stop</summary>
            <form method="post" action="{{ route('stop.save', $place->record->id) }}" data-edit novalidate class="panel__part">
                <x-stop-fields :place="$place" :view="$view" :stop="null" :id="$view->freeStop()" />
                <button class="button">Put the stop in</button>
            </form>
        </details>
    </section>
    @endif
</x-layout>
