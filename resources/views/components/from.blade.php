@props(['place'])
@csrf
<input type="hidden" name="from" value="{{ $place->record->head_id }}">
