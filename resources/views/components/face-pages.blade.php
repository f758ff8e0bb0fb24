@props(['device', 'page', 'link'])
{{-- Pages of a faceplate that has several; `link` gives the address of one. --}}
@if ($device->pages() > 1)<span class="pages" role="group" aria-label="Pages of {{ $device->name }}">@for ($n = 1; $n <= $device->pages(); $n++)<a href="{{ $link($n) }}" data-refresh @if ($n === $page) aria-current="true" @endif>{{ $device->panel?->pages[$n - 1]->name ?? 'Page '.$n }}</a>@endfor</span>@endif
