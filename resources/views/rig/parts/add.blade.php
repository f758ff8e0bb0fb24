<h2 class="column__title">One that is plugged in</h2>
<p>Press something on it: the browser shows it here by itself.</p>
<p class="panel__row" id="open-hid" hidden><span class="column__note">Any device by its reports, also while this window is covered</span><button type="button" class="button">Open it</button></p>
<h2 class="column__title">One that is drawn</h2>
<p>Count its controls: a <span class="draw-kinds">@foreach (array_keys(Nailrod\Core\Rig\Wiring\CountedDevice::USUAL) as $kind)<a class="link" href="{{ $place->at('rig/draw', ['kind' => $kind]) }}">{{ $kind }}</a>@if (! $loop->last), @endif @endforeach</span></p>
<h2 class="column__title">What is at this computer</h2>
@foreach (Nailrod\Core\Rig\Device\OwnDevices::notIn($rig) as $name => $own)
<form data-does="edit" method="post" action="{{ route('rig.own', $place->root->id) }}" data-edit novalidate class="panel__row" id="own-{{ str_replace(' ', '-', $name) }}">{{ $place->from($place->root) }}<input type="hidden" name="open" value="{{ $place->record->id }}"><input type="hidden" name="own" value="{{ $name }}"><span class="column__note">{{ $own::offer() }}</span><button class="button">Add it</button></form>
@endforeach
<h2 class="column__title">From a file</h2>
<form data-does="edit" method="post" action="{{ route('rig.add', $place->root->id) }}" enctype="multipart/form-data" data-edit novalidate class="upload">{{ $place->from($place->root) }}<input type="hidden" name="open" value="{{ $place->record->id }}">
    <label class="field field--tall"><span>A device of Nailrod, or its report descriptor (binary, hex or a C list)</span><input type="file" name="file" required></label>
    <label class="field"><span>Name</span><input name="name" maxlength="60" placeholder="as its file says"></label>
    <label class="field"><span>Kind</span><select name="kind">@foreach (Nailrod\Core\Rig\Wiring\DeviceReader::KINDS as $kind)<option>{{ $kind }}</option>@endforeach</select></label>
    <button class="button">Add it</button>
</form>
@php($onDesk = array_diff_key(App\Memory\Memories::onDesk(), $rig->devices))
@if ($onDesk !== [])
<h2 class="column__title">Out of a device's own memory</h2>
@foreach ($onDesk as $found)<form data-does="look" method="post" action="{{ route('store.fresh', $found->id) }}" class="panel__row">@csrf<span>{{ $found->title() }}</span> <button class="link">Read it as a new set</button></form>@endforeach
@endif
