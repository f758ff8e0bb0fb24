@props(['place', 'origin', 'path'])
@if ($origin !== null && ! $origin->own)
    <span class="origin" title="The set {{ $origin->set }} says this. Change it here and it holds for this set only.">from {{ $origin->set }}</span>
@elseif ($origin !== null && $origin->hasParent)
    <span class="origin origin--own">
        <form data-does="edit" method="post" action="{{ route('give-back', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="path" value="{{ $path }}"><button class="link" title="Take this back; what the parent set says holds again">give back</button></form>
    </span>
@endif
@php($below = $place->below(Nailrod\Core\Set\PartPath::of($path)))
@if ($below !== '')<span class="below">{{ $below }}</span>@endif
