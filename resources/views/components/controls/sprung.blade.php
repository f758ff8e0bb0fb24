@props(['control'])
@php([$up, $down] = $control->reported())
<g class="work" data-throw="{{ $up->ref }} {{ $down->ref }}" data-sprung tabindex="0" role="slider" aria-orientation="vertical" aria-label="{{ $control->name }}, springs back, numbers {{ $up->page->show($up->number) }} up and {{ $down->page->show($down->number) }} down" aria-valuemin="-1" aria-valuemax="1" aria-valuenow="0" aria-valuetext="middle">
    <rect class="cap" x="-32" y="-72" width="64" height="144" rx="32" />
    <path class="cap__tick" d="M-12-44 0-56 12-44M-12 44 0 56 12 44" fill="none" />
    <circle class="knob" r="24" />
    <rect class="hit" x="-46" y="-80" width="92" height="160" />
</g>
<text class="label" y="108">{{ $control->label }}</text>
