@props(['rig'])
{{-- Phrases that are typed: what is said closes the contact of its phrase for a moment. --}}
@php($phrases = App\View\Phrases::of($rig))
@if ($phrases !== [])
<form class="say" data-say="{{ json_encode($phrases) }}"><label><span class="sr-only">Say a phrase</span><input list="phrases" maxlength="60" placeholder="Say a phrase, Enter" autocomplete="off"></label><datalist id="phrases">@foreach ($phrases as $phrase => $ref)<option value="{{ $phrase }}"></option>@endforeach</datalist></form>
@endif
