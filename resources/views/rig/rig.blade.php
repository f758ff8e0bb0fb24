@php($place = $view->place)
@php($rig = $place->set->rig)
<x-layout :place="$place" title="Rig">
    <nav class="column devices" aria-label="Devices">
        <h2 class="column__title">Devices</h2>
        <ul class="scroll">
            @foreach ($rig->devices as $device)
                <li class="device" data-device="{{ $device->id }}">
                    <h2><a href="{{ route('rig', ['set' => $place->record->id, 'device' => $device->id, 'do' => $view->task === 'inputs' ? null : $view->task]) }}" data-refresh @if ($device->id === $view->device?->id) aria-current="true" @endif><span class="device__lamp" aria-hidden="true"></span>{{ $device->title() }}</a></h2>
                    <button type="button" class="plug" data-plug="{{ $device->id }}" aria-pressed="true" title="{{ $device->name }}: plug in or unplug">{{ App\View\Icon::of('plug') }}<span class="plug__word">plugged in</span></button>
                </li>
            @endforeach
        </ul>
        <x-say :rig="$rig" />
        <button type="button" class="button" id="swap-pads" hidden>Swap the two of one model</button>
        @if ($view->device !== null)
        <details class="pop pop--up"><summary class="link">Add a device</summary>
            <div class="pop__body pop__body--wide">
                @include('rig.parts.add')
            </div>
        </details>
        @endif
        @foreach ($rig->axes as $axis)
            @if (($axis->play->noise ?? 0) > 0)<i hidden data-noise="{{ $axis->play->noise }}" data-axis-noise {{ App\View\Face::axis($axis) }}></i>@endif
        @endforeach
    </nav>
    @if ($view->device === null)
        <section class="column scroll rig__begin" aria-labelledby="rig-title" tabindex="0" id="rig-begin"><h1 id="rig-title">No device is in this rig yet</h1>
            @include('rig.parts.add')
        </section>
    @else
    @php($device = $view->device)
    <section class="column rig__face" aria-labelledby="rig-title">
        <h1 id="rig-title">{{ $device->title() }} @if ($device->standIn)<span class="tag">stand-in</span>@endif
            <span class="column__note">{{ App\View\Rig\RigView::counts($device) }} · @if (count($device->onboard->modes) > 1)mode “{{ $view->unit()->state->modeOf($device)?->name }}” · @endif{{ $view->stored($device) }}</span></h1>
        <div class="rig__plate" @if ($view->task === 'arrange' && ! $view->isPhraseList()) data-arrange="{{ route('rig.note', $place->edited->id) }}" data-pick="{{ $view->link(['ref' => '-']) }}" @endif>
            @if ($view->isTurned && $view->hasBack())<x-back :view="$view" :unit="$view->unit()" />@else<x-face :device="$device" :page="$view->page" />@endif
        </div>
        <p class="rig__foot">
            <x-face-pages :device="$device" :page="$view->page" :link="fn (int $n) => $view->link(['page' => $n])" />
            @if ($view->hasBack())<a class="link" id="turn-round" href="{{ $view->link($view->isTurned ? [] : ['side' => 'back']) }}" data-refresh>{{ $view->isTurned ? 'Turn it back' : 'Turn it round' }}</a>@endif
            @if ($device->descriptor !== null)<span>last report</span><code class="report" data-report="{{ $device->id }}">none yet</code>@endif
        </p>
    </section>
    <section class="column rig__side" aria-label="{{ $device->name }}: {{ App\View\Rig\RigView::TASKS[$view->task] }}">
        @include('rig.parts.'.$view->task)
    </section>
    @endif
</x-layout>
