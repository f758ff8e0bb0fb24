@props(['place', 'layer'])
<span {{ $attributes->class(['layer-dot', 'layer--'.App\View\LayerLook::of($place->set, $layer)]) }}></span>
