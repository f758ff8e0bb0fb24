@props(['name', 'label', 'value', 'unit' => '%', 'min' => 0, 'max' => 100, 'step' => 0.1, 'id' => null])
@php($id ??= 'f-'.$name)
<label class="field" for="{{ $id }}"><span>{{ $label }}</span><span class="field__box"><input id="{{ $id }}" name="{{ $name }}" type="number" value="{{ $value }}" min="{{ $min }}" max="{{ $max }}" step="{{ $step }}" required {{ $attributes }}>@if ($unit !== '')<span class="field__unit">{{ $unit }}</span>@endif</span></label>
