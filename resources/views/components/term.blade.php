@props(['word'])
@php($says = App\View\Terms::says($word))
@if ($says === null){{ $slot->isEmpty() ? $word : $slot }}@else<span class="term" tabindex="0" role="note" aria-label="{{ trim(strip_tags($slot->isEmpty() ? $word : $slot)) }}" aria-description="{{ $says }}" data-says="{{ $says }}">{{ $slot->isEmpty() ? $word : $slot }}</span>@endif
