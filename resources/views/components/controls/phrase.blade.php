@props(['control'])
@php($contact = $control->contacts[0])
<g class="work" data-press="{{ $contact->ref }}" data-contact="{{ $contact->ref }}" tabindex="0" role="button" aria-pressed="false" aria-label="{{ $control->name }}, number {{ $contact->page->show($contact->number) }}">
    <path class="cap" d="M-190-36H172a18 18 0 0 1 18 18V18a18 18 0 0 1-18 18H-164l-26 22Z" />
    <circle class="cap__pin" cx="166" cy="0" r="9" />
    <text class="cap__number" x="-174" y="8">{{ $contact->number }}</text>
    <text class="cap__text cap__text--start" x="-128" y="8">{{ $control->label }}</text>
</g>
