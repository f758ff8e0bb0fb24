@php($shaping = $view->shaping())
@if (($settings = $view->wheel->settings()) !== null)
<section class="part part--settings" aria-labelledby="wheel-settings"><h3 id="wheel-settings">{{ $settings->device->name }} itself</h3>
    <x-settings :settings="$settings" :lines="$settings->lines([Nailrod\Core\Rig\Device\Setting::ROTATION, Nailrod\Core\Rig\Device\Setting::SPRING, Nailrod\Core\Rig\Device\Setting::END_STOP])" />
</section>
@endif
@foreach ($view->parts() as $part => $class)
<x-shape-part :view="$view" :part="$part" :title="ucfirst($class::title())" :says="$shaping->parts[$part]->inWords($view->isCentred()) ?: $shaping->parts[$part]->asItComes($view->axis)">
    @includeFirst(['make.shape.parts.'.$part, 'make.shape.parts.fields'], ['fields' => $class::fields($view->axis), 'now' => $shaping->parts[$part]->values(), 'input' => new App\Forms\PanelInput($view->figure(), $part)])
</x-shape-part>
@endforeach
@foreach (['point' => $view->curvePoints(), 'notch' => $shaping->notches->at] as $what => $list)
    @foreach ($list as $i => $one)
        <form data-does="edit" method="post" action="{{ route('shape.remove', $place->record->id) }}" data-edit novalidate id="remove-{{ $what }}-{{ $i }}" hidden>{{ $place->from() }}<input type="hidden" name="axis" value="{{ $ref }}"><input type="hidden" name="what" value="{{ $what }}"><input type="hidden" name="index" value="{{ $i }}"></form>
    @endforeach
@endforeach
@foreach ($view->stops->all as $stop)
    @php($path = Nailrod\Core\Set\PartPath::stop($stop->id))
    <details @class(['part', 'part--stop', 'part--aside' => $place->set->isAside($path)]) key="stop-{{ $stop->id }}" id="part-stop-{{ $stop->id }}">
        <summary class="part__head"><h3>{{ $stop->name }} <small>stop{{ $place->set->isAside($path) ? ', set aside' : '' }}</small></h3><span class="part__says">{{ $view->stops->sentenceOf($stop) }}</span></summary>
        <form data-does="edit" method="post" action="{{ route('stop.save', $place->record->id) }}" data-edit novalidate data-autosave class="part__body panel__part--stop" id="stop-{{ $stop->id }}">
            <x-stop-fields :place="$place" :view="$view" :stop="$stop" :id="$stop->id" />
        </form>
        <div class="panel__row">
            <x-origin :place="$place" :origin="$place->originOf($path)" path="stops/{{ $stop->id }}" />
            <x-aside :place="$place" :path="$path" :of="$stop->name" />
            <form data-does="edit" method="post" action="{{ route('stop.remove', $place->record->id) }}" data-edit novalidate id="remove-stop-{{ $stop->id }}">{{ $place->from() }}<input type="hidden" name="stop" value="{{ $stop->id }}"><button class="link">Take the stop {{ $stop->name }} away</button></form>
        </div>
    </details>
@endforeach
@foreach ($view->made->fromIt() + $view->made->built() as $id => $made)
    <x-made-fields :place="$place" :view="$view" :made="$made" :id="$id" />
@endforeach
<details class="panel__new" id="new-stop">
    <summary>New stop</summary>
    <form data-does="edit" method="post" action="{{ route('stop.save', $place->record->id) }}" data-edit novalidate class="part__body">
        <x-stop-fields :place="$place" :view="$view" :stop="null" :id="$view->stops->freeId()" />
        <button class="button">Put the stop in</button>
    </form>
</details>
@if ($view->made->partners() !== [] && ! $view->axis->isBuilt())
<details class="panel__new" id="new-built">
    <summary>New axis or directions from this one</summary>
    <form data-does="edit" method="post" action="{{ route('shape.add', $place->record->id) }}" data-edit data-opens novalidate class="part__body">
        {{ $place->from() }}<input type="hidden" name="axis" value="{{ $ref }}">
        <label class="field"><span>What</span><select name="what">
            {{ App\Forms\Options::of($view->made->newKinds()) }}
        </select></label>
        <label class="field"><span>Together with</span><select name="other" data-of="axis">{{ App\Forms\Options::of($view->made->partners(), $view->partner()) }}</select></label>
        <button class="button">Build it</button>
    </form>
</details>
@endif
