@php($shaping = $view->shaping())
@php($openers = $view->openers())
@php($low = $view->isCentred() ? -100 : 0)
@unless ($view->axis->isBuilt())
<x-shape-part :view="$view" part="calibrate" title="Calibration" :says="$shaping->calibration->inWords()">
    <p class="panel__now">Now reads <b class="figure" data-show="{{ $ref }}" data-part="reading">–</b> · <a class="link" href="{{ route('rig', ['set' => $place->record->id, 'do' => 'measure', 'ref' => $ref]) }}">measure it</a></p>
    <x-field name="low" id="c-low" label="Lowest reading" :value="$shaping->calibration->low" unit="" :min="$view->axis->min" :max="$view->axis->max" step="1" />
    <x-field name="high" id="c-high" label="Highest reading" :value="$shaping->calibration->high" unit="" :min="$view->axis->min" :max="$view->axis->max" step="1" />
    @if ($view->axis->centred)<x-field name="rest" id="c-rest" label="Reading at rest" :value="$shaping->calibration->rest" unit="" :min="$view->axis->min" :max="$view->axis->max" step="1" />@endif
    <label class="check"><input type="checkbox" name="reverse" value="1" @checked($shaping->calibration->reverse)> Turned round</label>
</x-shape-part>
@if ($view->isWheel())
    @php($degrees = $shaping->rotation->degrees ?? 900)
    <x-shape-part :view="$view" part="rotation" title="Rotation" :says="$shaping->rotation->inWords($view->isCentred()) ?: 'All '.$degrees.' degrees are used.'">
        <x-field name="degrees" id="c-degrees" label="Lock to lock" :value="$degrees" unit="°" :min="30" :max="3600" step="1" />
        <x-field name="used" id="c-used" label="Used of that" :value="$shaping->rotation->used ?? $degrees" unit="°" :min="30" :max="$degrees" step="1" />
    </x-shape-part>
@endif
<x-shape-part :view="$view" part="steady" title="Steadying" :says="$shaping->steady->inWords($view->isCentred()) ?: 'Every reading counts as it comes.'">
    <x-field name="hold" id="s-hold" label="Holds movements up to" :value="$view->by($shaping->steady->hold)" :max="50" />
    <label class="check"><input type="checkbox" name="spikes" value="1" @checked($shaping->steady->spikes)> Leave single spikes out</label>
</x-shape-part>
@endunless
<x-shape-part :view="$view" part="dead_zones" title="Dead zones" :says="$shaping->zones->inWords($view->isCentred()) ?: 'Every part of the travel counts.'">
    <x-field name="low" label="Low end" :value="$view->by($shaping->zones->low)" />
    <x-field name="high" label="High end" :value="$view->by($shaping->zones->high)" />
    @if ($view->axis->centred)<x-field name="rest" label="Each side of rest" :value="$view->by($shaping->zones->rest)" />@endif
</x-shape-part>
@php($curve = $shaping->curve)
@php($points = $curve instanceof Nailrod\Core\Axis\PointCurve ? $curve->points : [])
@php($kind = $view->curveKind())
<x-shape-part :view="$view" part="curve" title="Curve" :says="$curve->inWords($view->isCentred()) ?: 'A straight line.'">
    <fieldset class="choice"><legend>Kind</legend>
        @foreach (['straight', 'expo', 'points'] as $case)<label><input type="radio" name="kind" value="{{ $case }}" @checked($kind === $case)><span>{{ $case }}</span></label>@endforeach
    </fieldset>
    @if ($points === [])
        <x-field name="k" id="k" label="Expo" :value="Nailrod\Core\Axis\Percent::figure($curve instanceof Nailrod\Core\Axis\Expo ? $curve->k : 0)" :min="-100" data-picks="expo" />
    @else
        <div class="points" role="group" aria-label="Points of the curve">
            @foreach ($points as $i => [$x, $y])
                @php([$from, $to] = [isset($points[$i - 1]) ? $view->at($points[$i - 1][0] + 0.001) : $low, isset($points[$i + 1]) ? $view->at($points[$i + 1][0] - 0.001) : 100])
                @php([$bottom, $top] = [isset($points[$i - 1]) ? $view->at($points[$i - 1][1]) : $low, isset($points[$i + 1]) ? $view->at($points[$i + 1][1]) : 100])
                <div class="field-row"><span class="field-row__name">Point {{ $i + 1 }}</span><input class="small" id="p-{{ $i }}-x" name="x[]" type="number" step="0.1" min="{{ $from }}" max="{{ $to }}" value="{{ $view->at($x) }}" aria-label="Point {{ $i + 1 }}, across"><span aria-hidden="true">→</span><input class="small" id="p-{{ $i }}-y" name="y[]" type="number" step="0.1" min="{{ $bottom }}" max="{{ $top }}" value="{{ $view->at($y) }}" aria-label="Point {{ $i + 1 }}, up"><button type="submit" class="link" form="remove-point-{{ $i }}" title="Take point {{ $i + 1 }} away">✕<span class="sr-only">Take point {{ $i + 1 }} away</span></button></div>
            @endforeach
        </div>
    @endif
</x-shape-part>
<x-shape-part :view="$view" part="range" title="Range" :says="$shaping->range->inWords($view->isCentred()) ?: 'The whole travel sends '.($view->isCentred() ? '-100 to +100 %.' : '0 to 100 %.')">
    <x-field name="low" id="r-low" label="From" :value="$view->at($shaping->range->low)" :min="$low" />
    <x-field name="high" id="r-high" label="To" :value="$view->at($shaping->range->high)" :min="$low" />
</x-shape-part>
@php($notches = $shaping->notches)
<x-shape-part :view="$view" part="notches" title="Notches" :says="$notches->inWords($view->isCentred()) ?: 'None.'">
    <fieldset class="choice"><legend>Kind</legend>
        @foreach (['none', 'flat', 'stepped'] as $case)<label><input type="radio" name="kind" value="{{ $case }}" @checked(($notches->at === [] ? 'none' : $notches->kind) === $case)><span>{{ $case }}</span></label>@endforeach
    </fieldset>
    @foreach ($notches->at as $i => $at)
        <div class="field-row"><x-field name="at[]" id="n-{{ $i }}" :label="'Notch '.($i + 1)" :value="$view->at($at)" :min="isset($notches->at[$i - 1]) ? $view->at($notches->at[$i - 1] + 0.001) : $low" :max="isset($notches->at[$i + 1]) ? $view->at($notches->at[$i + 1] - 0.001) : 100" /><button type="submit" class="link" form="remove-notch-{{ $i }}" title="Take notch {{ $i + 1 }} away">✕<span class="sr-only">Take notch {{ $i + 1 }} away</span></button></div>
    @endforeach
    @if ($notches->at !== [] && ! $notches->areStepped())<x-field name="width" id="n-width" label="Pulls from this far" :value="$view->by($notches->width)" :max="50" />@endif
    @if ($notches->areStepped())<x-field name="hysteresis" id="n-hysteresis" label="Changes this far past the middle" :value="$view->by($notches->hysteresis)" :max="50" />@endif
</x-shape-part>
@foreach (['point' => $points, 'notch' => $notches->at] as $what => $list)
    @foreach ($list as $i => $one)
        <form method="post" action="{{ route('shape.remove', $place->record->id) }}" data-edit novalidate id="remove-{{ $what }}-{{ $i }}" hidden>{{ $place->from() }}<input type="hidden" name="axis" value="{{ $ref }}"><input type="hidden" name="what" value="{{ $what }}"><input type="hidden" name="index" value="{{ $i }}"></form>
    @endforeach
@endforeach
@foreach ($view->stops as $stop)
    <details class="part part--stop" key="stop-{{ $stop->id }}" id="part-stop-{{ $stop->id }}">
        <summary class="part__head"><h3>{{ $stop->name }} <small>stop</small></h3><span class="part__says">{{ $view->sentenceOf($stop) }}</span></summary>
        <form method="post" action="{{ route('stop.save', $place->record->id) }}" data-edit novalidate data-autosave class="part__body panel__part--stop" id="stop-{{ $stop->id }}">
            <x-stop-fields :openers="$openers" :place="$place" :view="$view" :stop="$stop" :id="$stop->id" />
        </form>
        <div class="panel__row">
            <x-origin :place="$place" :origin="$place->originOf(Nailrod\Core\Set\PartPath::stop($stop->id))" path="stops/{{ $stop->id }}" />
            <form method="post" action="{{ route('stop.remove', $place->record->id) }}" data-edit novalidate id="remove-stop-{{ $stop->id }}">{{ $place->from() }}<input type="hidden" name="stop" value="{{ $stop->id }}"><button class="link">Take the stop {{ $stop->name }} away</button></form>
        </div>
    </details>
@endforeach
@foreach ($view->madeFromIt() + $view->built() as $id => $made)
    <x-made-fields :place="$place" :view="$view" :made="$made" :id="$id" />
@endforeach
<details class="panel__new" id="new-stop">
    <summary>New stop</summary>
    <form method="post" action="{{ route('stop.save', $place->record->id) }}" data-edit novalidate class="part__body">
        <x-stop-fields :openers="$openers" :place="$place" :view="$view" :stop="null" :id="$view->freeStop()" />
        <button class="button">Put the stop in</button>
    </form>
</details>
@if ($view->partners() !== [] && ! $view->axis->isBuilt())
<details class="panel__new" id="new-built">
    <summary>New axis or directions from this one</summary>
    <form method="post" action="{{ route('shape.add', $place->record->id) }}" data-edit data-opens novalidate class="part__body">
        {{ $place->from() }}<input type="hidden" name="axis" value="{{ $ref }}">
        <label class="field"><span>What</span><select name="what">
            {{ App\View\Options::of($view->newKinds()) }}
        </select></label>
        <label class="field"><span>Together with</span><select name="other">{{ App\View\Options::of($view->partners(), $view->partner()) }}</select></label>
        <button class="button">Build it</button>
    </form>
</details>
@endif
