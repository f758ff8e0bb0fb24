@props(['control'])
@php([$half, $full] = $control->contacts)
<g class="work" data-press="{{ $half->ref }}" data-contact="{{ $half->ref }}" tabindex="0" role="button" aria-pressed="false" aria-label="{{ $control->name }} {{ $half->name }}, number {{ $half->number }}">
    <path class="cap" d="M-42 -52a42 42 0 0 1 84 0v44h-84Z" /><circle class="cap__pin" cy="-44" r="12" />
</g>
<g class="work" data-press="{{ $half->ref }} {{ $full->ref }}" data-contact="{{ $full->ref }}" tabindex="0" role="button" aria-pressed="false" aria-label="{{ $control->name }} {{ $full->name }}, numbers {{ $half->number }} and {{ $full->number }}">
    <path class="cap" d="M-42 0h84v26a42 42 0 0 1-84 0Z" /><circle class="cap__pin" cy="26" r="12" />
</g>
<text class="label" y="100">{{ $control->label }}</text>
