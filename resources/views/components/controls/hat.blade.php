@props(['control'])
<g data-hat="{{ $control->ref }}">
    <circle class="cap" r="80" />
    @foreach ($control->contacts as $contact)
        <g class="work" data-way="{{ 2 * $contact->direction }}" data-contact="{{ $contact->ref }}" transform="rotate({{ 90 * $contact->direction }})" tabindex="0" role="button" aria-pressed="false" aria-label="{{ $control->name }} {{ $contact->name }}">
            <path class="wedge" d="M0-70 24-38h-48Z" />
        </g>
    @endforeach
    <circle class="knob" r="20" />
</g>
<text class="label" y="116">{{ $control->label }}</text>
