@php($place = $view->place)
@php($field = fn (string $kind) => str_replace('-', '_', $kind))
<x-layout :place="$place" title="Draw a device">
    <section class="column scroll draw__counts" aria-labelledby="draw-title" tabindex="0" id="draw-counts">
        <h1 id="draw-title">Draw a device</h1>
        <p class="column__note">Count what can be moved on it. Names, labels and places are said later, on Name &amp; place.</p>
        <form data-does="edit" method="post" action="{{ route('rig.drawn', $place->edited->id) }}" data-asks="{{ route('rig.draw', $place->record->id) }}" id="draw-form">{{ $place->from() }}<input type="hidden" name="open" value="{{ $place->record->id }}"><input type="hidden" name="counted" value="{{ $view->kind }}"><button class="sr-only" tabindex="-1" data-shows formmethod="get" formaction="{{ route('rig.draw', $place->record->id) }}">Show it</button>
            <label class="field"><span>Kind</span><select name="kind" id="draw-kind">@foreach (array_keys(Nailrod\Core\Rig\Wiring\CountedDevice::USUAL) as $kind)<option @selected($kind === $view->kind)>{{ $kind }}</option>@endforeach</select></label>
            <label class="field"><span>Name</span><input name="name" maxlength="60" value="{{ $view->name }}"></label>
            @foreach ($view->counts as $kind => $count)
                @php($called = Nailrod\Core\Rig\Device\Kind\ControlKinds::of($kind)->several())
                <label class="field"><span>{{ ucfirst($called) }}</span><input type="number"
                    name="counts[{{ $field($kind) }}]" value="{{ $count }}" min="0"
                    max="{{ Nailrod\Core\Rig\Wiring\CountedDevice::MOST }}" step="1"></label>
            @endforeach
            <p class="panel__row">@if ($view->device !== null)<button class="button button--main">Take it into the rig</button> @endif<a class="link" href="{{ route('rig', $place->record->id) }}">Leave it</a></p>
        </form>
    </section>
    <section class="column" aria-label="How it looks">
        @if ($view->device === null)<p class="empty">Nothing is counted yet.</p>
        @else<h2 class="column__title">{{ $view->device->title() }} <span class="column__note">{{ App\View\Rig\RigView::counts($view->device) }}</span></h2><div class="rig__plate draw__face" inert><x-face :device="$view->device" /></div>@endif
    </section>
</x-layout>
