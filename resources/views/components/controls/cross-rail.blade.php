@props(['control'])
@php($axis = $control->axes[0])
<g class="work" data-rail="across" data-springs {{ App\View\Face::axis($axis) }} data-half="120"
   tabindex="0" role="slider" aria-orientation="horizontal" aria-label="{{ $control->name }}" aria-valuemin="{{ $axis->min }}" aria-valuemax="{{ $axis->max }}" aria-valuenow="{{ $axis->standInRest() }}">
    <rect class="slot" x="-132" y="-12" width="264" height="24" rx="12" />
    <rect class="hit" x="-150" y="-34" width="300" height="68" />
    <g class="grip"><rect class="grip__body" x="-22" y="-32" width="44" height="64" rx="8" /></g>
</g>
<text class="label" y="64">{{ $control->label }}</text>
