@props(['control'])
@php($contact = $control->contacts[0])
<g class="work" data-press="{{ $contact->ref }}" data-contact="{{ $contact->ref }}" tabindex="0" role="button" aria-pressed="false" aria-label="{{ $control->name }}, number {{ $contact->page->show($contact->number) }}">
    <circle class="cap" r="42" /><circle class="cap__pin" r="14" />
</g>
<text class="label" y="74">{{ $control->label }}</text>
