@props(['control'])
@php($lines = App\View\Face::lines($control->label, 24))
<g class="made">
    <text class="made__name" x="-390" y="-12">{{ $control->name }}</text>
    @foreach ($control->axes as $i => $axis)<text class="made__value" x="{{ -390 + 400 * $i }}" y="62">{{ $axis->name }} <tspan data-show="{{ $axis->ref }}" data-part="travel">–</tspan></text>@endforeach
    @foreach ($control->contacts as $i => $contact)
        <g class="made__contact" data-contact="{{ $contact->ref }}" transform="translate({{ -390 + 200 * ($i % 4) }} {{ 20 + 92 * intdiv($i, 4) }})"><rect class="cap" width="188" height="64" rx="10" /><text class="cap__text cap__text--start" x="14" y="42">{{ $contact->mark ?? $contact->name }}</text></g>
    @endforeach
</g>
