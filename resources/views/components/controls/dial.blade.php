@props(['control'])
@php($positions = $control->positions())
@php($spread = 50)
<g class="work" data-dial="{{ implode(' ', array_map(fn ($p) => $p->ref, $positions)) }}" data-spread="{{ $spread }}" tabindex="0" role="slider" aria-label="{{ $control->name }}" aria-valuemin="1" aria-valuemax="{{ count($positions) }}" aria-valuenow="1" aria-valuetext="{{ $positions[0]->name }}">
    <circle class="cap" r="76" />
    <path class="needle" d="M0-20V-64" transform="rotate({{ -$spread * (count($positions) - 1) / 2 }})" />
    @foreach ($positions as $i => $position)
        @php($turn = deg2rad($spread * ($i - (count($positions) - 1) / 2)))
        <text class="mark-text" x="{{ round(98 * sin($turn), 1) }}" y="{{ round(-98 * cos($turn) + 8, 1) }}" data-contact="{{ $position->ref }}">{{ $i + 1 }}</text>
    @endforeach
    <circle class="hit" r="112" />
</g>
<text class="label" y="120">{{ $control->label }}</text>
