@props(['rig'])
{{-- The keyboard and the mouse of this computer work the rig only while this is on. --}}
@php($own = Nailrod\Core\Rig\Device\OwnDevices::heard($rig))
@if ($own !== [])
<button type="button" class="listen" id="listen" aria-pressed="false" data-own="{{ json_encode(array_map(fn (string $device): array => ['inputs' => $device::inputs($rig), 'said' => $device::listening()], $own)) }}" title="{{ implode(' ', array_map(fn (string $device): string => $device::listening(), $own)) }} Escape twice ends that.">{{ implode(' & ', array_map(fn (string $device): string => $device::short(), $own)) }}</button>
@endif
