@props(['control'])
@php($contact = $control->contacts[0])
@php($lines = App\View\Face::lines($control->label, 11))
<g class="work" data-press="{{ $contact->ref }}" data-contact="{{ $contact->ref }}" tabindex="0" role="button" aria-pressed="false" aria-label="{{ $control->name }}, number {{ $contact->page->show($contact->number) }}">
    <rect class="cap" x="-85" y="-66" width="170" height="132" rx="14" />
    <circle class="cap__pin" cx="62" cy="-44" r="9" />
    <text class="cap__number" x="-72" y="-40">{{ $contact->number }}</text>
    @foreach ($lines as $i => $line)<text class="cap__text" y="{{ 14 + 28 * $i - 14 * (count($lines) - 1) }}">{{ $line }}</text>@endforeach
</g>
