{{-- A part of an axis by its fields. --}}
@foreach ($fields->all as $field)
    {{ $input->html($field, $now[$field->name] ?? $field->atFirst()) }}
@endforeach
