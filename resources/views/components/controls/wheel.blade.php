@props(['control'])
@php($axis = $control->axes[0])
<g class="work" data-rail="round" data-degrees="{{ $axis->degrees ?? 360 }}" {{ App\View\Face::axis($axis) }} data-half="170"
   tabindex="0" role="slider" aria-orientation="horizontal" aria-label="{{ $control->name }}" aria-valuemin="{{ $axis->min }}" aria-valuemax="{{ $axis->max }}" aria-valuenow="{{ $axis->standInRest() }}">
    <circle class="rim" r="165" />
    <circle class="hit" r="190" />
    <g class="grip"><path class="spoke" d="M-165 0H-40M40 0H165M0 165V40" /><circle class="cap" r="46" /><path class="grip__mark" d="M0-148V-182" /></g>
</g>
<text class="label" y="216">{{ $control->label }}</text>
