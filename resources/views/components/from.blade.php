@props(['place'])
@csrf
<input type="hidden" name="from" value="{{ $place->edited->head_id }}">
