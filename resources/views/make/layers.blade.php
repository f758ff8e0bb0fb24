@php($place = $view->place)
@php($post = fn (string $route) => route($route, $place->record->id))
@php([$w, $h] = App\View\Make\LayersView::BOX)
<x-layout :place="$place" title="Layers">
    <section class="column layers__map" aria-labelledby="layers-title">
        <h1 id="layers-title">Layers <span class="column__note">what leads where, and back</span></h1>
        <svg class="layer-map" viewBox="0 0 {{ App\View\Make\LayersView::WIDTH }} {{ App\View\Make\LayersView::HEIGHT }}" role="group" aria-label="The layers of this set and what leads from one to another; the list beside it says the same in words">
            <defs>
                <marker id="arrow" viewBox="0 0 10 10" refX="8" refY="5" markerWidth="7" markerHeight="7" orient="auto-start-reverse"><path d="M0 0L10 5L0 10z" class="layer-map__head" /></marker>
                @for ($i = 0; $i < Nailrod\Core\Mapping\Layer::COLOURS; $i++)
                    <pattern id="hatch-{{ $i }}" class="layer--{{ $i }}" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate({{ [0, 45, 90, 135, 20, 70, 110, 160][$i] }})"><rect width="8" height="8" class="layer-map__paper" /><rect width="8" height="{{ $i < 4 ? 2 : 4 }}" class="layer-map__hatch" /></pattern>
                @endfor
            </defs>
            @foreach ($view->links() as $link)
                <g class="layer-link @if ($link['holds']) layer-link--holds @endif">
                    <path d="{{ $link['path'] }}" marker-end="url(#arrow)" @if ($link['holds']) marker-start="url(#arrow)" @endif />
                    <text x="{{ $link['at'][0] }}" y="{{ $link['at'][1] - 8 - 14 * (min(3, count($link['words'])) - 1) }}">@foreach (array_slice($link['words'], 0, 2) as $words)<tspan x="{{ $link['at'][0] }}" dy="{{ $loop->first ? 0 : 14 }}">{{ Str::limit($words, 34) }}</tspan>@endforeach @if (count($link['words']) > 2)<tspan x="{{ $link['at'][0] }}" dy="14">and {{ count($link['words']) - 2 }} more</tspan>@endif<tspan class="layer-link__device" x="{{ $link['at'][0] }}" dy="24">{{ implode(', ', $link['devices']) }}</tspan></text>
                </g>
            @endforeach
            @foreach ($view->places() as $id => [$x, $y])
                <a href="{{ route('assign', ['set' => $place->record->id, 'layer' => $id]) }}" class="layer-box layer--{{ $view->lookOf($id) }}" data-layer="{{ $id }}">
                    <rect class="layer-box__body" x="{{ $x - $w / 2 }}" y="{{ $y - $h / 2 }}" width="{{ $w }}" height="{{ $h }}" rx="4" />
                    <rect class="layer-box__band" x="{{ $x - $w / 2 }}" y="{{ $y + $h / 2 - 9 }}" width="{{ $w }}" height="9" fill="url(#hatch-{{ $view->lookOf($id) }})" />
                    <text class="layer-box__name" x="{{ $x }}" y="{{ $y - 5 }}">{{ Str::limit($place->set->layers[$id]->name, 18) }}</text>
                    <text class="layer-box__live" x="{{ $x }}" y="{{ $y + 12 }}">● live</text>
                    <text class="layer-box__says" x="{{ $x }}" y="{{ $y + 12 }}">{{ explode(',', $view->says($id))[0] }}</text>
                </a>
            @endforeach
        </svg>
        <p class="hint"><span class="layer-link-key layer-link-key--holds"></span> held: back when it is let go of <span class="layer-link-key"></span> goes there and stays. What the base layer leads to holds in every layer that says nothing else, and is drawn once.</p>
    </section>
    <section class="column layers__list scroll" aria-label="The layers" tabindex="0">
        @foreach ($view->troubles() as $trouble)<p class="says says--warn">{{ $trouble }}</p>@endforeach
        @foreach ($view->map->idleCells() as $cell)
            <div class="says says--warn">{{ $place->set->rig->nameOf($cell['ref']) }} holds {{ $place->set->layers[$cell['layer']]->name }}, so what that layer says of it never comes: {{ $place->words->brief($place->set->cell($cell['layer'], $cell['ref'])) }}.
                <form data-does="edit" method="post" action="{{ $post('cell.clear') }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="layer" value="{{ $cell['layer'] }}"><input type="hidden" name="ref" value="{{ $cell['ref'] }}"><button class="link">Clear it</button></form>
            </div>
        @endforeach
        @foreach ($place->set->layers as $id => $layer)
            <article class="layer-card layer--{{ $view->lookOf($id) }}" data-layer="{{ $id }}">
                <form data-does="edit" method="post" action="{{ $post('layer.say') }}" data-edit novalidate data-autosave class="layer-card__form">
                    {{ $place->from() }}<input type="hidden" name="layer" value="{{ $id }}">
                    <label class="layer-card__name"><span class="sr-only">Name</span><input name="name" maxlength="30" value="{{ $layer->name }}"></label>
                    @foreach ($view->fieldsOf($id) as [$field, $value]){{ $view->input()->html($field, $field->name, $value) }}@endforeach
                </form>
                <p class="layer-card__says">{{ ucfirst($view->says($id)) }}. @if ($id === 'base')Holds wherever another layer says nothing. @elseif ($view->into($id) !== []){{ ucfirst(implode(', ', array_map(fn ($link) => $link->words.' '.$place->set->rig->nameOf($link->ref), $view->into($id)))) }}.@endif</p>
                <x-origin :place="$place" :origin="$place->originOf(Nailrod\Core\Set\PartPath::layer($id))" path="layers/{{ $id }}" />
                <div class="layer-card__do">
                    @unless ($id === 'base')
                        @foreach (['up' => '↑', 'down' => '↓'] as $way => $sign)
                            <form data-does="edit" method="post" action="{{ $post('layer.shift') }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="layer" value="{{ $id }}"><input type="hidden" name="way" value="{{ $way }}"><button class="link" title="Move {{ $layer->name }} {{ $way }} in the order">{{ $sign }}<span class="sr-only">Move {{ $layer->name }} {{ $way }}</span></button></form>
                        @endforeach
                        <details class="layer-card__delete" data-once><summary class="link">Delete</summary><p>{{ $view->goes($id) }}</p><form data-does="edit" method="post" action="{{ $post('layer.remove') }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="layer" value="{{ $id }}"><button class="button">Delete {{ $layer->name }}</button></form></details>
                    @endunless
                </div>
            </article>
        @endforeach
        <form data-does="edit" method="post" action="{{ $post('layer.add') }}" data-edit novalidate class="inline-new">{{ $place->from() }}<label class="field field--tall"><span>New layer</span><input name="name" maxlength="30" required></label><button class="button">Make it</button></form>
    </section>
</x-layout>
