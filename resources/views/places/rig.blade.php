@php($place = $view->place)
<x-layout :place="$place" title="Rig">
    <section class="column column--wide" aria-labelledby="rig-title">
        <h1 id="rig-title">Rig</h1>
        <div class="cards">
            @foreach ($place->set->rig->devices as $device)
                <article @class(['card', 'card--picked' => $device->id === $view->device?->id]) data-device="{{ $device->id }}">
                    <header class="card__head">
                        <h2><a href="{{ route('rig', ['set' => $place->record->id, 'device' => $device->id]) }}" data-refresh>{{ $device->name }} {{ $device->kind }}</a></h2>
                        @if ($device->standIn)<span class="tag">stand-in</span>@endif
                        <button type="button" class="plug" data-plug="{{ $device->id }}" aria-pressed="true"><x-icon name="plug" /><span class="plug__word">plugged in</span></button>
                    </header>
                    <x-face :device="$device" />
                    <p class="card__foot"><span>{{ count($device->axes()) }} axes, {{ count(array_filter($device->contacts(), fn ($c) => $c->opposite === null)) }} reported contacts</span><span>{{ $view->stored($device) }}</span></p>
                </article>
            @endforeach
        </div>
    </section>
    @if ($view->device === null)
        <section class="column"><p class="empty">This set names no devices. A set file names them in its field "devices"; undo brings back what was there before.</p></section>
    @else
    <section class="column" aria-labelledby="inputs-title">
        <h2 id="inputs-title" class="column__title">{{ $view->device->name }} {{ $view->device->kind }} <span class="column__note">which number is which: press or move it</span></h2>
        <div class="found" id="found" role="status"><span class="found__number" data-found-number>–</span><span class="found__name" data-found-name>Nothing touched yet</span></div>
        <div class="scroll" tabindex="0" role="region" aria-label="Inputs of {{ $view->device->name }}">
            <table class="inputs">
                <thead><tr><th scope="col">Number</th><th scope="col">Control</th><th scope="col">Kind</th><th scope="col">Reports</th><th scope="col" class="right">Now</th><th scope="col">Seen</th></tr></thead>
                <tbody>
                @foreach ($view->inputs() as $input)
                    <tr data-row="{{ $input['ref'] }}">
                        <td class="number">{{ $input['number'] }}</td>
                        <th scope="row">{{ $input['name'] }}@if ($input['state'] !== '')<small>{{ $input['state'] }}</small>@endif</th>
                        <td>{{ $input['kind'] }}</td>
                        <td>{{ $input['reports'] }}</td>
                        <td class="right figure" data-now="{{ $input['ref'] }}" @if ($input['reports'] === 'ticks') data-ticks @endif></td>
                        <td class="seen" data-seen="{{ $input['ref'] }}"><span class="seen__not">not yet</span></td>
                    </tr>
                @endforeach
                </tbody>
            </table>
        </div>
    </section>
    @endif
</x-layout>
