@props(['control'])
@php($rotary = $control->rotary())
@php($places = $rotary === null ? [] : $rotary->contacts)
<g class="work" data-encoder="{{ $control->ref }}" tabindex="0" role="spinbutton" aria-label="{{ $control->name }}, number {{ $control->encoder }}, arrow keys turn it" aria-valuenow="0">
    <circle class="cap cap--knurled" r="64" />
    <path class="needle" d="M0-38V-56" />
    <text class="mark-text" x="-30" y="10">−</text><text class="mark-text" x="30" y="10">+</text>
    @foreach ($places as $i => $place)
        @php($turn = deg2rad($rotary->round ? 360 / count($places) * $i : 270 / (count($places) - 1) * $i - 135))
        <g data-place data-contact="{{ $place }}" transform="translate({{ round(84 * sin($turn), 1) }} {{ round(-84 * cos($turn), 1) }})"><circle class="encoder-place" r="{{ count($places) > 16 ? 7 : 10 }}" /></g>
    @endforeach
    <circle class="hit" r="72" />
</g>
<text class="label" y="120">{{ $control->label }}</text>
