@props(['control'])
<g class="work" data-encoder="{{ $control->ref }}" tabindex="0" role="spinbutton" aria-label="{{ $control->name }}, number {{ $control->encoder }}, arrow keys turn it" aria-valuenow="0">
    <circle class="cap cap--knurled" r="64" />
    <path class="needle" d="M0-38V-56" />
    <text class="mark-text" x="-30" y="10">−</text><text class="mark-text" x="30" y="10">+</text>
    <circle class="hit" r="72" />
</g>
<text class="label" y="120">{{ $control->label }}</text>
