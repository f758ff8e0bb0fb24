@php($place = $view->place)
@php($plot = $view->plot)
<x-layout :place="$place" title="Shape">
    <nav class="column axes" aria-label="Axes">
        <h2 class="column__title">Axes</h2>
        <div class="scroll axes__list" id="axes-list">
            @foreach ($view->axes() as $device => $axes)
                <h3 class="axes__device">{{ $device }}</h3>
                <ul>
                    @foreach ($axes as $axis)
                        <li><a class="axis-item" href="{{ $view->link(['axis' => $axis['ref'], 'two' => '', 'with' => '', 'zoom' => '']) }}" data-refresh data-reach="{{ $axis['ref'] }}" @if ($axis['ref'] === $view->axis?->ref) aria-current="true" @endif>
                            <span>{{ $axis['name'] }}</span><svg class="spark" viewBox="0 0 52 26" aria-hidden="true"><path d="{{ $axis['line'] }}" /></svg>
                            <small class="figure" data-show="{{ $axis['ref'] }}" data-part="travel">–</small>
                        </a></li>
                    @endforeach
                </ul>
            @endforeach
        </div>
        @if ($view->axis !== null)
            @php($faces = $view->axis->isBuilt() ? array_unique(array_merge(...array_map(fn ($made) => array_map(fn ($ref) => explode('/', $ref)[0], $made->sources()), array_values($view->made->built())))) : [explode('/', $view->axis->ref)[0]])
            @foreach (array_slice($faces, 0, 1) as $face)@if (isset($place->set->rig->devices[$face]))<div class="axes__face"><x-face :device="$place->set->rig->devices[$face]" /></div>@endif @endforeach
        @endif
    </nav>
    @if ($view->axis === null)
        <section class="column"><p class="empty">No device of this set has an axis. <a class="link" href="{{ $place->at('rig') }}">Add one on Rig</a>, or choose another set in the bar above.</p></section>
    @else
    @php($ref = $view->axis->ref)
    @php($name = $place->set->rig->nameOf($ref))
    <section class="column picture" aria-labelledby="shape-title">
        <div class="picture__head"><h1 id="shape-title">{{ $name }} <span class="column__note">{{ $view->target() }}</span></h1><x-shape-compare :view="$view" /></div>
        <x-shape-bar :view="$view" />
        @if (($two = $view->two()) !== null)
            <x-two-axes :view="$view" :two="$two" />
        @else
            <x-plot :view="$view" />
            @if (($force = $view->wheel->force()) !== null)<x-force :view="$view" :force="$force" />@endif
        @endif
        <div class="strip"><span class="strip__title">last 10 s</span><canvas id="strip" role="img" aria-label="Value of the last ten seconds; what the lever asked for is thin, what was sent is thick"></canvas></div>
    </section>
    <section class="column panel" aria-label="Shaping of {{ $name }}">
        <nav class="tabs tabs--side" aria-label="Shaping">@foreach (App\View\Make\ShapeView::TABS as $tab => $label)<a href="{{ $view->link(['tab' => $tab === 'shape' ? '' : $tab]) }}" data-refresh @if ($view->tab() === $tab) aria-current="true" @endif>{{ $label }}</a>@endforeach</nav>
        <div class="scroll panel__scroll" id="panel-scroll" tabindex="0" role="region" aria-label="{{ App\View\Make\ShapeView::TABS[$view->tab()] }}">@include('make.shape.'.$view->tab())</div>
    </section>
    @endif
</x-layout>
