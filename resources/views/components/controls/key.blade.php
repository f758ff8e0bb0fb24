@props(['control'])
@php($contact = $control->contacts[0])
<g class="work" data-press="{{ $contact->ref }}" data-contact="{{ $contact->ref }}" tabindex="0" role="button" aria-pressed="false" aria-label="{{ $control->name }}, number {{ $contact->page->show($contact->number) }}">
    <rect class="cap" x="-46" y="-46" width="92" height="92" rx="12" />
    <text class="cap__text cap__text--key @if (mb_strlen($control->label) > 2) cap__text--long @endif" y="12">{{ $control->label }}</text>
</g>
