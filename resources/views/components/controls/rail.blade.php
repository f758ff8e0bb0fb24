@props(['control'])
@php($axis = $control->axes[0])
@php($half = $control->kind->half())
<g class="work" data-rail @if ($control->springsBack($axis)) data-springs @endif {{ App\View\Face::axis($axis) }} data-half="{{ $half }}"
   tabindex="0" role="slider" aria-orientation="vertical" aria-label="{{ $control->name }}" aria-valuemin="{{ $axis->min }}" aria-valuemax="{{ $axis->max }}" aria-valuenow="{{ $axis->standInRest() }}">
    <rect class="slot" x="-12" y="{{ -$half - 12 }}" width="24" height="{{ 2 * $half + 24 }}" rx="12" />
    <rect class="hit" x="-60" y="{{ -$half - 40 }}" width="120" height="{{ 2 * $half + 80 }}" />
    <g class="grip" transform="translate(0 {{ $half }})"><rect class="grip__body" x="-54" y="-28" width="108" height="56" rx="10" /><text class="grip__text" y="9" data-show="{{ $axis->ref }}" data-part="travel"></text></g>
</g>
<text class="label" y="{{ $half + 68 }}">{{ $control->label }}</text>
