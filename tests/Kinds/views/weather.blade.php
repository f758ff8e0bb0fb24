<x-layout :place="$place" title="Weather">
    <h1>Weather over {{ $place->record->name }}</h1>
</x-layout>
