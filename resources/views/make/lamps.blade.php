@php($place = $view->place)
@php($post = fn (string $route) => route($route, $place->record->id))
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
                <li><a href="{{ route('lamps', ['set' => $place->record->id, 'rule' => $id, 'device' => $view->device->id]) }}" data-refresh class="pick" @if ($id === $view->rule) aria-current="true" @endif><span @class(['is-aside' => $place->set->isAside(Nailrod\Core\Set\PartPath::lamp((string) $id))])>{{ $place->words->lampRule($rule) }}</span>@if ($place->set->isAside(Nailrod\Core\Set\PartPath::lamp((string) $id)))<small>set aside</small>@endif @if (! $view->originOf($id)?->own)<small>{{ $view->originOf($id)?->set }}</small>@endif</a>
                    <x-aside :place="$place" :path="Nailrod\Core\Set\PartPath::lamp((string) $id)" :of="$place->words->lampRule($rule)" />
                    <form data-does="edit" method="post" action="{{ $post('lamp.remove') }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="rule" value="{{ $id }}"><button class="link" title="Take this rule away">✕<span class="sr-only">Take away: {{ $place->words->lampRule($rule) }}</span></button></form>
                    @foreach ($place->told->of(Nailrod\Core\Set\PartPath::lamp((string) $id)) as $sentence)<p class="says says--warn pick__told">{{ $sentence }}</p>@endforeach</li>
            @endforeach
        </ul>
        @if ($view->rules() === [])<p class="empty">No rule yet: its lamps stay dark, unless an assignment lights one.</p>@endif
        @if ($view->rule !== '')<p><x-origin :place="$place" :origin="$view->originOf($view->rule)" path="lamps/{{ $view->rule }}" /></p><a class="link" href="{{ route('lamps', ['set' => $place->record->id, 'device' => $view->device->id]) }}" data-refresh>A new rule instead</a>@endif
        <h2 class="column__title">Lamp by lamp</h2>
        <table class="lamps__each"><tbody>
            @foreach ($view->byLamp() as [$lamp, $lit])<tr><th scope="row">{{ $lamp }}</th><td>@forelse ($lit as $words)<span>{{ $words }}</span>@if (! $loop->last)<br>@endif @empty<span class="column__note">dark</span>@endforelse</td></tr>@endforeach
        </tbody></table>
    </section>
    <section class="column lamps__edit scroll" aria-label="A rule" tabindex="0">
        @foreach ($view->forms() as $class)
        @php($input = $view->input($class))
        @php($now = $view->picked()?->toArray() ?? [])
        <h2 class="column__title">{{ $now === [] ? $class::title() : 'This rule' }}</h2>
        <form data-does="edit" method="post" action="{{ $post('lamp.save') }}" data-edit novalidate @if ($now !== []) data-autosave @endif class="lamp-form" id="lamp-{{ $class::key() }}">
            {{ $place->from() }}<input type="hidden" name="rule" value="{{ $view->rule }}"><input type="hidden" name="kind" value="{{ $class::key() }}">
            @foreach ($class::fields()->all as $field){{ $input->html($field, $now[$field->name] ?? null) }}@endforeach
            @if ($now === [])<button class="button">{{ $class::does() }}</button>@endif
        </form>
        @endforeach
    </section>
    @endif
</x-layout>
