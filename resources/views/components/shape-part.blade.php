@props(['view', 'part', 'title', 'says' => ''])
@php($place = $view->place)
<form method="post" action="{{ route('shape.save', ['set' => $place->record->id, 'part' => $part]) }}" data-edit novalidate data-autosave class="panel__part">
    <x-from :place="$place" /><input type="hidden" name="axis" value="{{ $view->axis->ref }}">
    <h3>{{ $title }}</h3>
    {{ $slot }}
    @if ($says !== '')<p class="says">{{ $says }}</p>@endif
</form>
<x-origin :place="$place" :origin="$view->originOf($part)" path="axes/{{ $view->axis->ref }}/{{ $part }}" />
