@php($unit = $view->unit())
@php($onboard = $unit->device->onboard)
@php($settings = new App\View\Rig\DeviceSettings($place, $unit->device))
<div class="scroll panel" id="settings-scroll" tabindex="0" role="region" aria-label="What {{ $view->device->name }} shall be like">
    <dl class="unit">
        @if (count($onboard->serials) > 1)
            <dt>Unit in use</dt><dd>
            <form data-does="record" method="post" action="{{ route('desk.unit', ['set' => $place->record->id, 'device' => $view->device->id]) }}" data-edit novalidate data-autosave>@csrf<label class="field field--bare"><span class="sr-only">Unit in use</span><select name="serial" id="unit-serial">@foreach ($onboard->serials as $serial)<option value="{{ $serial }}" @selected($serial === $unit->serial())>{{ $serial }}</option>@endforeach</select></label></form></dd>
        @elseif ($unit->serial() !== null)<dt>Serial</dt><dd class="figure">{{ $unit->serial() }}</dd>@endif
        @if ($onboard->board !== null)<dt>Board</dt><dd class="figure">{{ $onboard->board }}</dd>@endif
        @if ($onboard->firmware !== null)<dt>Firmware</dt><dd class="figure">{{ $onboard->firmware }}</dd>@endif
        @if (($mode = $unit->state->modeOf($unit->device)) !== null)<dt>Mode</dt><dd>{{ $mode->name }}<small>@if (count($onboard->modes) > 1)Only a hand changes it: turn the device round.@endif</small></dd>@endif
        <dt>Memory</dt><dd>{{ $view->stored($view->device) }}@if ($unit->device->keeps() !== null) <a class="link" href="{{ route('store', ['set' => $place->record->id, 'device' => $view->device->id]) }}">Store</a>@endif</dd>
    </dl>
    @if ($settings->lines() === [])<p class="empty">{{ $view->device->name }} has nothing that can be set.</p>
    @else
    <h3>What it shall be like</h3>
    @foreach ($place->told->ofKey(Nailrod\Core\Set\Section\Settings::name(), $view->device->id) as $sentence)<p class="says says--warn">{{ $sentence }}</p>@endforeach
    <p class="says">Said by {{ $place->record->name }}; sets below it can say otherwise. It is so in the device once it is written.</p>
    <x-settings :settings="$settings" :lines="$settings->lines()" />
    @endif
</div>
