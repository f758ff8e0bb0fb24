@props(['control'])
@php([$up, $other] = [...$control->reported(), null])
<g class="work" data-flip="{{ $up->ref }}" @if ($other !== null) data-other="{{ $other->ref }}" @endif data-contact="{{ $up->ref }}" tabindex="0" role="switch" aria-checked="false" aria-label="{{ $control->name }}, number {{ $up->page->show($up->number) }}, {{ $up->name }}">
    <rect class="cap" x="-32" y="-72" width="64" height="144" rx="32" />
    <circle class="knob" cy="40" r="24" />
    <rect class="hit" x="-46" y="-80" width="92" height="160" />
</g>
<text class="label" y="108">{{ $control->label }}</text>
