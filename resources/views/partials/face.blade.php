<svg class="face" viewBox="0 0 {{ $device->width }} {{ $device->height }}" data-face="{{ $device->id }}" preserveAspectRatio="xMidYMin meet" role="group" aria-label="{{ $device->name }}, drawn; it can be worked here">
    <rect class="face__plate" x="6" y="6" width="{{ $device->width - 12 }}" height="{{ $device->height - 12 }}" rx="44" />
    @foreach ($device->lamps as $lamp)
        <circle class="face__lamp" cx="{{ $lamp->x }}" cy="{{ $lamp->y }}" r="13" data-lamp="{{ $device->id }}/{{ $lamp->id }}" data-usual="{{ $lamp->colours[0] }}"><title>{{ $lamp->name }}</title></circle>
    @endforeach
    @foreach ($device->controls as $control)
        @continue($control->page !== $page)
        <g class="control control--{{ str_replace(' ', '-', $control->kind::kind()) }}"
            transform="translate({{ $control->x }} {{ $control->y }})" data-control="{{ $control->ref }}">
            <x-dynamic-component :component="'controls.'.$control->kind->drawing($control)" :control="$control" />
        </g>
    @endforeach
</svg>
