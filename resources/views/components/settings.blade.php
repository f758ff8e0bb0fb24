@props(['settings', 'lines'])
@php($place = $settings->place)
@foreach ($lines as $line)
    @php($setting = $line->setting)
    @php($id = 's-'.$settings->device->id.'-'.$setting->id)
    <div class="setting" key="{{ $id }}">
        <form data-does="edit" method="post" action="{{ route('settings', $place->record->id) }}" data-edit novalidate data-autosave>{{ $place->from() }}<input type="hidden" name="device" value="{{ $settings->device->id }}"><input type="hidden" name="setting" value="{{ $setting->id }}">
            @if ($setting->isNumber())
                <x-field name="value" :id="$id" :label="$setting->name" :value="$line->value" :unit="$setting->unit" :min="$setting->least" :max="$setting->most" :step="$setting->step" />
            @elseif ($setting->isOnOff())
                <label class="check"><input type="checkbox" name="value" value="on" id="{{ $id }}" @checked($line->value === true)> {{ $setting->name }}</label>
            @else
                <label class="field"><span>{{ $setting->name }}</span><select name="value" id="{{ $id }}">{{ App\Forms\Options::of($setting->words(), (string) $line->value) }}</select></label>
            @endif
        </form>
        <p class="setting__said">@if ($line->origin === null)<span class="origin">as usual</span>@else<x-origin :place="$place" :origin="$line->origin" :path="$line->path" />@endif @if ($line->why !== '')<span class="setting__why">not kept: {{ $line->why }}</span>@endif</p>
    </div>
@endforeach
