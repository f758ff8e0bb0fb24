@props(['view', 'part', 'title', 'says', 'open' => false])
@php($place = $view->place)
@php($origin = $view->originOf($part))
<details class="part" key="part-{{ $part }}" id="part-{{ $part }}" @if ($open) open @endif>
    <summary class="part__head"><h3>{{ $title }}</h3><span class="part__says">{{ $says }}</span></summary>
    <form data-does="edit" method="post" action="{{ route('shape.save', ['set' => $place->record->id, 'part' => $part]) }}" data-edit novalidate data-autosave class="part__body">
        {{ $place->from() }}<input type="hidden" name="axis" value="{{ $view->axis->ref }}"><input type="hidden" name="centred" value="{{ (int) $view->isCentred() }}">
        {{ $slot }}
    </form>
    @if (App\View\Terms::says($title) !== null)<p class="part__term"><x-term :word="$title">What is this?</x-term></p>@endif
    <x-origin :place="$place" :origin="$origin" path="axes/{{ $view->axis->ref }}/{{ $part }}" />
</details>
