@props(['control'])
@php($axis = $control->axes[0])
@php($jumps = $axis->jumps ?? 2)
<g class="work" data-rail data-jumps="{{ $jumps }}" {{ App\View\Face::axis($axis) }} data-half="40"
   tabindex="0" role="slider" aria-orientation="vertical" aria-label="{{ $control->name }}, {{ $jumps }} positions" aria-valuemin="{{ $axis->min }}" aria-valuemax="{{ $axis->max }}" aria-valuenow="{{ $axis->standInRest() }}">
    <rect class="cap" x="-32" y="-72" width="64" height="144" rx="8" />
    @for ($i = 0; $i < $jumps; $i++)<path class="cap__tick" d="M-50 {{ 40 - 80 * $i / ($jumps - 1) }}h14M36 {{ 40 - 80 * $i / ($jumps - 1) }}h14" />@endfor
    <g class="grip" transform="translate(0 40)"><rect class="grip__body" x="-24" y="-20" width="48" height="40" rx="6" /></g>
    <rect class="hit" x="-50" y="-84" width="100" height="168" />
</g>
<text class="label" y="108">{{ $control->label }}</text>
