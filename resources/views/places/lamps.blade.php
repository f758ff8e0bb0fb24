@php($place = $view->place)
@php($post = fn (string $route) => route($route, $place->record->id))
@php($look = $view->one()?->look ?? $view->bar()?->look)
<x-layout :place="$place" title="Lamps">
    @if ($view->device === null)
        <section class="column"><h1>Lamps</h1><p class="empty">No device of this rig has lamps.</p></section>
    @else
    <section class="column lamps__face" aria-label="{{ $view->device->title() }}">
        <h1 class="tabs tabs--devices">@foreach ($view->devices() as $id => $device)<a href="{{ route('lamps', ['set' => $place->record->id, 'device' => $id]) }}" data-refresh @if ($id === $view->device->id) aria-current="true" @endif title="{{ $device->title() }}">{{ $device->name }}</a>@endforeach</h1>
        <x-face :device="$view->device" />
        <p class="hint">The lamps are lit as the rules say while the rig is worked and the game runs.</p>
    </section>
    <section class="column lamps__rules scroll" aria-label="What lights its lamps" tabindex="0">
        <h2 class="column__title">What lights its lamps</h2>
        <ul class="picks">
            @foreach ($view->rules() as $id => $rule)
                <li><a href="{{ route('lamps', ['set' => $place->record->id, 'rule' => $id, 'device' => $view->device->id]) }}" data-refresh class="pick" @if ($id === $view->rule) aria-current="true" @endif><span>{{ $place->words->lampRule($rule) }}</span>@if (! $view->originOf($id)?->own)<small>{{ $view->originOf($id)?->set }}</small>@endif</a>
                    <form method="post" action="{{ $post('lamp.remove') }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="rule" value="{{ $id }}"><button class="link" title="Take this rule away">✕<span class="sr-only">Take away: {{ $place->words->lampRule($rule) }}</span></button></form></li>
            @endforeach
        </ul>
        @if ($view->rules() === [])<p class="empty">No rule yet: its lamps stay dark, unless an assignment lights one.</p>@endif
        @if ($view->rule !== '')<p><x-origin :place="$place" :origin="$view->originOf($view->rule)" path="lamps/{{ $view->rule }}" /></p><a class="link" href="{{ route('lamps', ['set' => $place->record->id, 'device' => $view->device->id]) }}" data-refresh>A new rule instead</a>@endif
    </section>
    <section class="column lamps__edit scroll" aria-label="A rule" tabindex="0">
        @unless ($view->bar() !== null)
        <h2 class="column__title">{{ $view->one() === null ? 'One lamp' : 'This lamp' }}</h2>
        <form method="post" action="{{ $post('lamp.save') }}" data-edit novalidate @if ($view->one() !== null) data-autosave @endif class="lamp-form" id="lamp-one">
            {{ $place->from() }}<input type="hidden" name="rule" value="{{ $view->rule }}">
            <label class="field"><span>Lamp</span><select name="lamp">@foreach ($view->device->lamps as $lamp)<option value="{{ $view->device->id }}/{{ $lamp->id }}" @selected($view->one()?->lamp === $view->device->id.'/'.$lamp->id)>{{ $lamp->name }}</option>@endforeach</select></label>
            <label class="field"><span>Lit while</span><select name="while">@foreach ($view->states() as $group => $states)<optgroup label="{{ $group }}">{{ App\View\Options::of($states, $view->state()) }}</optgroup>@endforeach</select></label>
            <label class="field for-band"><span>From</span><input type="number" name="low" step="any" value="{{ $view->one()->from ?? 0 }}"></label>
            <label class="field for-band"><span>To</span><input type="number" name="high" step="any" value="{{ $view->one()->to ?? 1 }}"></label>
            <label class="field"><span>Colour</span><select name="colour"><option value="">its own</option>@foreach (Nailrod\Core\Device\Lamp::COLOURS as $colour)<option @selected($look?->colour === $colour)>{{ $colour }}</option>@endforeach</select></label>
            <label class="field"><span>Brightness, %</span><input type="number" name="brightness" min="1" max="100" step="1" value="{{ $look->brightness ?? 100 }}"></label>
            @if ($view->one() === null)<button class="button">Light it so</button>@endif
        </form>
        @endunless
        @if ($view->one() === null && count($view->device->lamps) > 1 && $view->variables() !== [])
        @php($bar = $view->bar())
        <h2 class="column__title">{{ $bar === null ? 'A row that shows a value' : 'This row' }}</h2>
        <form method="post" action="{{ $post('lamp.save') }}" data-edit novalidate @if ($bar !== null) data-autosave @endif class="lamp-form" id="lamp-bar">
            {{ $place->from() }}<input type="hidden" name="rule" value="{{ $view->rule }}">
            @foreach (['lamp' => 'First lamp', 'last' => 'Last lamp'] as $field => $words)
                @php($at = $bar === null ? ($field === 'lamp' ? 0 : count($view->device->lamps) - 1) : -1)
                @php($of = $bar === null ? '' : ($field === 'lamp' ? $bar->lamps()[0] : $bar->lamps()[count($bar->lamps()) - 1]))
                <label class="field"><span>{{ $words }}</span><select name="{{ $field }}">@foreach ($view->device->lamps as $i => $lamp)<option value="{{ $view->device->id }}/{{ $lamp->id }}" @selected($i === $at || $of === $view->device->id.'/'.$lamp->id)>{{ $lamp->name }}</option>@endforeach</select></label>
            @endforeach
            <label class="field"><span>Shows</span><select name="shows">@foreach ($view->variables() as $variable)<option value="{{ $variable->id }}" @selected($bar?->variable === $variable->id)>{{ $variable->name }}</option>@endforeach</select></label>
            <label class="field"><span>None is lit at</span><input type="number" name="low" step="any" value="{{ $bar->low ?? 0 }}"></label>
            <label class="field"><span>All are lit at</span><input type="number" name="high" step="any" value="{{ $bar->high ?? 100 }}"></label>
            @for ($i = 0; $i < App\View\LampsView::BANDS; $i++)
                @php($band = $bar->bands[$i] ?? null)
                <div class="field"><span>Band {{ $i + 1 }}, up to</span><span class="field__box"><label><span class="sr-only">Band {{ $i + 1 }} up to</span><input type="number" name="band[]" step="any" value="{{ $band['to'] ?? '' }}"></label><label><span class="sr-only">Colour of band {{ $i + 1 }}</span><select name="band_colour[]">@foreach (Nailrod\Core\Device\Lamp::COLOURS as $colour)<option @selected(($band['colour'] ?? ['green', 'amber', 'red'][$i]) === $colour)>{{ $colour }}</option>@endforeach</select></label></span></div>
            @endfor
            <label class="field"><span>Colour of each lamp</span><select name="coloured">@foreach (['each' => 'that of its own band', 'whole' => 'that of the highest band'] as $coloured => $words)<option value="{{ $coloured }}" @selected(($bar->isWhole ?? false) === ($coloured === 'whole'))>{{ $words }}</option>@endforeach</select></label>
            <label class="field"><span>Flashes above (empty: never)</span><input type="number" name="flash" step="any" value="{{ $bar->flashAbove ?? '' }}"></label>
            <label class="field"><span>Brightness, %</span><input type="number" name="brightness" min="1" max="100" step="1" value="{{ $look->brightness ?? 100 }}"></label>
            @if ($bar === null)<button class="button">Show it so</button>@endif
        </form>
        @endif
    </section>
    @endif
</x-layout>
