@props(['rig'])
{{-- Phrases that are typed: what is said closes the contact of its phrase for a moment. --}}
@if ($rig->phrases() !== [])
<form data-does="order" class="say" data-say><label><span class="sr-only">Say a phrase</span><input list="phrases" maxlength="60" placeholder="Say a phrase, Enter" autocomplete="off"></label><datalist id="phrases">@foreach (array_keys($rig->phrases()) as $phrase)<option value="{{ $phrase }}"></option>@endforeach</datalist></form>
@endif
