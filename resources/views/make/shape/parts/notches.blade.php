{{-- Notches: none, or of one of their kinds; each can be taken away. --}}
<fieldset class="choice"><legend>{{ $fields->all['kind']->label }}</legend>
    @foreach (['none' => 'none'] + $fields->all['kind']->type->words as $kind => $word)<label><input type="radio" name="kind" value="{{ $kind }}" @checked(($now['at'] === [] ? 'none' : $now['kind']) === $kind)><span>{{ $word }}</span></label>@endforeach
</fieldset>
@foreach ($fields->all as $name => $field)
    @if ($name !== 'kind' && $shaping->notches->uses($name)){{ $input->html($field, $now[$name], removes: array_map(fn (int $i) => 'remove-notch-'.$i, array_keys($now['at']))) }}@endif
@endforeach
