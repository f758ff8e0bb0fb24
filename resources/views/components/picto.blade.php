@props(['name', 'x' => null, 'y' => null, 'size' => null])
@if ($name !== '')<svg {{ $attributes->merge(['class' => 'picto']) }} viewBox="0 0 24 24" aria-hidden="true" @if ($size !== null) x="{{ $x }}" y="{{ $y }}" width="{{ $size }}" height="{{ $size }}" @endif>{{ App\View\IconShapes::of($name) }}</svg>@endif
