@props(['control'])
@php($up = $control->contacts[0])
<g class="work" data-flip="{{ $up->ref }}" data-contact="{{ $up->ref }}" tabindex="0" role="switch" aria-checked="false" aria-label="{{ $control->name }}, number {{ $up->number }}, {{ $up->name }}">
    <rect class="cap" x="-32" y="-72" width="64" height="144" rx="32" />
    <circle class="knob" cy="40" r="24" />
    <rect class="hit" x="-46" y="-80" width="92" height="160" />
</g>
<text class="label" y="108">{{ $control->label }}</text>
