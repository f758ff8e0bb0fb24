@props(['control'])
@php([$x, $y] = $control->axes)
<g data-pad data-x="{{ $x->ref }}" data-y="{{ $y->ref }}">
    <rect class="pad" x="-140" y="-140" width="280" height="280" rx="6" />
    <path class="pad__cross" d="M-140 0h280M0-140v280" />
    <circle class="pad__dot" r="22" />
    <rect class="hit" x="-140" y="-140" width="280" height="280" />
</g>
@foreach ([[$x, 'across'], [$y, '']] as [$axis, $way])
    <g class="work" data-rail="{{ $way }}" @if ($control->springsBack($axis)) data-springs @endif {{ App\View\Face::axis($axis) }} data-half="120"
       transform="translate({{ $way === '' ? '165 0' : '0 165' }})" @if ($way === '' && $axis->centred) data-down @endif
       tabindex="0" role="slider" aria-orientation="{{ $way === '' ? 'vertical' : 'horizontal' }}" aria-label="{{ $control->name }} {{ $axis->name }}" aria-valuemin="{{ $axis->min }}" aria-valuemax="{{ $axis->max }}" aria-valuenow="{{ $axis->standInRest() }}">
        <rect class="slot slot--thin" @if ($way === '') x="-4" y="-124" width="8" height="248" @else x="-124" y="-4" width="248" height="8" @endif rx="4" />
        <rect class="hit" @if ($way === '') x="-18" y="-130" width="36" height="260" @else x="-130" y="-18" width="260" height="36" @endif />
        <g class="grip"><circle class="grip__body" r="14" /></g>
    </g>
@endforeach
<text class="label" y="212">{{ $control->label }}</text>
