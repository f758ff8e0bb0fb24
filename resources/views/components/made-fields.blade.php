@props(['place', 'view', 'made', 'id'])
{{-- What is made from axes: its fields, in the scale of its first axis. --}}
@php($input = new App\Forms\PanelInput($view->figure(), 'made-'.$id))
@php($now = $made->toArray())
@php($isBuilt = $made instanceof Nailrod\Core\Mapping\Made\BuildsAxes)
@php($removes = array_map(fn (int $i) => 'remove-made-'.$id.'-bounds-'.$i, range(0, 15)))
@php($path = Nailrod\Core\Set\PartPath::made((string) $id))
@php($isAside = $place->set->isAside($path) && ! $isBuilt)
<details @class(['part', 'part--made', 'part--aside' => $isAside]) key="made-{{ $id }}" id="part-made-{{ $id }}">
    <summary class="part__head"><h3>{{ $made->name() }} <small>{{ $made::title() }}{{ $isAside ? ', set aside' : '' }}</small></h3><span class="part__says" data-made-state="made/{{ $id }}">{{ $view->made->sentenceOf($made) }}</span></summary>
    <form data-does="edit" method="post" action="{{ route('shape.made', $place->record->id) }}" data-edit novalidate data-autosave class="part__body">
        {{ $place->from() }}<input type="hidden" name="id" value="{{ $id }}"><input type="hidden" name="centred" value="{{ (int) $view->isCentred() }}">
        @if ($made::alternatives() === [])<input type="hidden" name="kind" value="{{ $made::kind() }}">
        @else<fieldset class="choice"><legend>{{ $made::alternativesLabel() }}</legend>
            @foreach ($made::alternatives() as $kind => $word)<label><input type="radio" name="kind" value="{{ $kind }}" @checked($kind === $made::kind())><span>{{ $word }}</span></label>@endforeach
        </fieldset>
        @endif
        @foreach ($made::fields()->all as $field)
            @if ($field->isShown){{ $input->html($field, $now[$field->name] ?? $field->atFirst(), $view->made->sourcesLike($made), $removes, $made instanceof Nailrod\Core\Mapping\Made\MarksAxis ? $made->band() : 0.001) }}@endif
        @endforeach
    </form>
    @if ($made instanceof Nailrod\Core\Mapping\Made\SharesTravel)
        <form data-does="edit" method="post" action="{{ route('shape.bite', $place->record->id) }}" data-edit novalidate class="part__body part__try">
            {{ $place->from() }}<input type="hidden" name="axis" value="{{ $id }}">
            @foreach ($made->sources() as $i => $source)<input type="hidden" name="{{ $i === 0 ? 'first' : 'second' }}" data-live-travel="{{ $source }}" value="0">@endforeach
            <p class="hint">Let go of one, pull the other until it bites, then:</p>
            <button class="button">It bites here</button>
        </form>
    @endif
    @if ($made instanceof Nailrod\Core\Mapping\Made\MarksAxis && $made->markKind() === Nailrod\Core\Mapping\Made\MarksAxis::LINE)
        @foreach (array_keys($made->marks()) as $i => $mark)
            <form data-does="edit" method="post" action="{{ route('shape.remove', $place->record->id) }}" data-edit novalidate id="remove-made-{{ $id }}-{{ $mark }}" hidden>{{ $place->from() }}<input type="hidden" name="axis" value="{{ $id }}"><input type="hidden" name="what" value="bound"><input type="hidden" name="index" value="{{ $i }}"></form>
        @endforeach
    @endif
    <div class="panel__row">
        @if ($isBuilt && ! $view->axis->isBuilt())@foreach ($made->axes() as $axis)<a class="link" href="{{ $view->link(['axis' => $axis->ref, 'two' => '', 'with' => '']) }}" data-refresh>Shape {{ $place->set->rig->nameOf($axis->ref) }}</a>@endforeach @else<a class="link" href="{{ route('assign', ['set' => $place->record->id, 'device' => 'made']) }}">Assign it</a>@endif
        @if (! $isBuilt)<x-aside :place="$place" :path="$path" :of="$made->name()" />@endif
        <x-origin :place="$place" :origin="$place->originOf(Nailrod\Core\Set\PartPath::made($id))" path="made/{{ $id }}" />
        <form data-does="edit" method="post" action="{{ route('shape.remove', $place->record->id) }}" data-edit novalidate id="remove-made-{{ $id }}">{{ $place->from() }}<input type="hidden" name="axis" value="{{ $id }}"><input type="hidden" name="what" value="made"><button class="link">Take it away</button></form>
    </div>
</details>
