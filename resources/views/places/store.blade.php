<x-layout :place="$place" title="Store">
    @if ($view === null)
        <section class="column"><h1>Store</h1><p class="empty">No device of this set has a memory of its own.</p></section>
    @else
    <section class="column store__device" aria-labelledby="store-title">
        <p class="tabs tabs--devices" role="group" aria-label="Devices with a memory of their own">@foreach ($devices as $id => $device)<a href="{{ route('store', ['set' => $place->record->id, 'device' => $id]) }}" data-refresh @if ($device->id === $view->device->id) aria-current="true" @endif>{{ $device->name }}</a>@endforeach</p>
        <h1 id="store-title">{{ $view->device->name }} {{ $view->device->kind }}</h1>
        <p @class(['verdict', 'verdict--good' => $view->isCurrent()])>
            @if ($view->isCurrent() && $view->mapping->leftOut === []) The device holds all that this set says of it. It works by itself, also where Nailrod is not running.
            @elseif ($view->isCurrent()) The device holds what it can hold of this set. {{ count($view->mapping->leftOut) }} {{ count($view->mapping->leftOut) === 1 ? 'thing is' : 'things are' }} left out, listed beside; {{ count($view->mapping->leftOut) === 1 ? 'it works' : 'they work' }} only while Nailrod is running.
            @elseif ($view->inForce === null) Nothing is stored in the device yet.
            @else What the device holds differs from this set in {{ count($view->changes()) }} {{ count($view->changes()) === 1 ? 'place' : 'places' }}. @endif
        </p>
        <table class="banks">
            <caption>Memory of the device</caption>
            <thead><tr><th scope="col">Bank</th><th scope="col" class="right">Write</th><th scope="col" class="right">Bytes</th><th scope="col">Checksum</th><th scope="col">State</th></tr></thead>
            <tbody>
            @foreach ($view->banks as $i => $bank)
                <tr @class(['is-current' => $bank !== null && $bank->number === $view->inForce?->number])><th scope="row">{{ $i + 1 }}</th>
                    @if ($bank === null)<td class="right">–</td><td class="right">–</td><td>–</td><td>empty, or a write that was cut off</td>
                    @else<td class="right figure">{{ $bank->count }}</td><td class="right figure">{{ strlen($bank->content) }}</td><td class="figure">{{ $bank->checksum() }}</td><td>{{ $bank->number === $view->inForce?->number ? 'in force' : 'an older one' }}</td>@endif
                </tr>
            @endforeach
            </tbody>
        </table>
        <p class="room"><meter min="0" max="{{ $view->room }}" value="{{ strlen($view->content) }}" aria-label="Room in a bank"></meter> <span class="figure">{{ strlen($view->content) }} of {{ $view->room }} bytes</span> of a bank would be used.</p>
        <form method="post" action="{{ route('store.write', ['set' => $place->record->id, 'device' => $view->device->id]) }}" data-edit novalidate class="store__write">@csrf
            <button class="button button--main" id="write">Write to {{ $view->device->name }}</button>
            <label class="field"><span>To try it out, cut the cable</span><select name="cut"><option value="">not at all</option>@for ($i = 1; $i < 10; $i++)<option value="{{ $i }}">after {{ $i }}0 % of the bytes</option>@endfor</select></label>
        </form>
        <p class="column__note">A write goes to the bank that is not in force and is read back before it counts. If it is cut off, the device goes on with what it had.</p>
    </section>
    <section class="column store__changes" aria-labelledby="changes-title">
        <h2 class="column__title" id="changes-title">{{ $view->changes() === [] ? 'What the device does by itself' : 'What a write would change' }}</h2>
        <div class="scroll" id="changes" tabindex="0" role="region" aria-labelledby="changes-title">
            @if ($view->changes() === [])
                <table class="changes"><thead><tr><th scope="col">Part</th><th scope="col">In the device, and in the set</th></tr></thead><tbody>
                @forelse ($view->holds() as $row)<tr><th scope="row">{{ $row['subject'] }}</th><td>{{ $row['after'] }}</td></tr>
                @empty<tr><td colspan="2">This set says nothing of {{ $view->device->name }}.</td></tr>@endforelse
                </tbody></table>
            @else
                <table class="changes"><thead><tr><th scope="col">Part</th><th scope="col">In the device</th><th scope="col">In the set</th></tr></thead><tbody>
                @foreach ($view->changes() as $change)<tr><th scope="row">{{ $change['subject'] }}</th><td>{{ $change['before'] ?: 'not there' }}</td><td>{{ $change['after'] ?: 'not there' }}</td></tr>@endforeach
                </tbody></table>
            @endif
        </div>
    </section>
    @endif
    <section class="column store__side" aria-label="What is left out, and files">
        @if ($view !== null)
            <h2 class="column__title">Left out of the device</h2>
            @if ($view->mapping->leftOut === [])<p class="column__note">Nothing: the device can do all of its part of this set.</p>
            @else<ul class="left-out">@foreach ($view->mapping->leftOut as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
        @endif
        <h2 class="column__title">The set as a file</h2>
        <p class="column__note">An open format that others can read: JSON, described in <code>schema/set.schema.json</code>.</p>
        <p><a class="button" href="{{ route('file.download', $place->record->id) }}" download>Save {{ $place->record->id }}.set.json</a></p>
        <form method="post" action="{{ route('file.upload', $place->record->id) }}" enctype="multipart/form-data" data-edit novalidate class="upload">{{ $place->from() }}
            <label class="field field--tall"><span>Take a file in the place of this set; it can be undone</span><input type="file" name="file" accept=".json,application/json" required></label>
            <button class="button">Take the file</button>
        </form>
        <h2 class="column__title">Revisions</h2>
        <ol class="revisions scroll" tabindex="0" aria-label="Revisions, the newest first">
            @foreach ($place->history() as $revision)<li><time class="figure" datetime="{{ $revision->created_at->toIso8601String() }}" data-local>{{ $revision->created_at->format('Y-m-d H:i') }}</time> {{ $revision->sentence }} <small>{{ $revision->author }}</small></li>@endforeach
        </ol>
    </section>
</x-layout>
