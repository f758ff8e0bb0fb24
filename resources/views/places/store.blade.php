<x-layout :place="$place" title="Store">
    @if ($view === null)
        <section class="column"><h1>Store</h1><p class="empty">No device of this set has a memory of its own.</p></section>
    @else
    <section class="column store__device" aria-labelledby="store-title">
        <ul class="picks scroll store__units" tabindex="0" aria-label="Devices with a memory of their own">
            @foreach ($view->memories as $id => [$device, $standing, $parts])
                <li><a href="{{ route('store', ['set' => $place->record->id, 'device' => $id]) }}" data-refresh class="pick" @if ($id === $view->device->id) aria-current="true" @endif><span>{{ $device->title() }}</span><small data-standing="{{ $standing->name }}">{{ $standing->inWords($parts) }}</small></a></li>
            @endforeach
        </ul>
        @if (count($view->toBeWritten()) > 1)<form method="post" action="{{ route('store.write-all', $place->record->id) }}" data-edit novalidate class="panel__row">@csrf<button class="link" title="{{ implode(', ', $view->toBeWritten()) }}">Write all that is not written</button></form>@endif
        <h1 id="store-title">{{ $view->device->title() }}</h1>
        <p @class(['verdict', 'verdict--good' => $view->isCurrent()])>
            @if ($view->isCurrent() && $view->mapping->leftOut === []) The device holds all that this set says of it. It works by itself, also where Nailrod is not running.
            @elseif ($view->isCurrent()) The device holds what it can hold of this set. {{ count($view->mapping->leftOut) }} {{ count($view->mapping->leftOut) === 1 ? 'thing is' : 'things are' }} left out, listed beside; {{ count($view->mapping->leftOut) === 1 ? 'it works' : 'they work' }} only while Nailrod is running.
            @elseif ($view->inForce === null) Nothing is stored in the device yet.
            @elseif ($view->stored === null) What is in the device cannot be read as a mapping. A copy of it is kept before it is overwritten.
            @elseif (($from = $view->writtenFrom()) !== null) What the device holds is of the set {{ $from[0] }}@if ($from[1] !== null), <a class="link" href="{{ route('store', ['set' => $from[1], 'device' => $view->device->id]) }}">which is here</a>@endif. It differs from this set in {{ count($view->changes()) }} {{ count($view->changes()) === 1 ? 'place' : 'places' }}.
            @else What the device holds differs from this set in {{ count($view->changes()) }} {{ count($view->changes()) === 1 ? 'place' : 'places' }}{{ $view->standing() === Nailrod\Core\Memory\Standing::Differs ? '; it was not written from here' : '' }}. @endif
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
        @if ($view->isRead && $view->stored !== null)
        <h2 class="column__title" id="changes-title">What reading would change in {{ $place->record->name }}</h2>
        <div class="scroll" id="changes" tabindex="0" role="region" aria-labelledby="changes-title">
            <table class="changes"><thead><tr><th scope="col">Part</th><th scope="col">In this set</th><th scope="col">As in the device</th></tr></thead><tbody>
            @forelse ($view->reading() as $change)<tr><th scope="row">{{ $change['subject'] }}</th><td>{{ $change['before'] ?: 'not said here' }}</td><td>{{ $change['after'] ?: 'taken away' }}</td></tr>
            @empty<tr><td colspan="3">Nothing: what the device keeps of this set is as it says.</td></tr>@endforelse
            </tbody></table>
            @if ($view->stays !== [])<h3>Stays as it is</h3><ul class="left-out">@foreach ($view->stays as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
        </div>
        <div class="panel__row">
            @if ($view->reading() !== [])<form method="post" action="{{ route('store.read', ['set' => $place->record->id, 'device' => $view->device->id]) }}" data-edit novalidate>{{ $place->from() }}<button class="button button--main">Take it into {{ $place->record->name }}</button></form>@endif
            <a class="link" href="{{ route('store', ['set' => $place->record->id, 'device' => $view->device->id]) }}" data-refresh>What a write would change</a>
        </div>
        @else
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
        @endif
        <div class="store__out">
        @if ($view->stored !== null)
        <h2 class="column__title">Out of the device</h2>
        <p class="store__write">
            @if (! $view->isCurrent())<a class="button" id="look-read" href="{{ route('store', ['set' => $place->record->id, 'device' => $view->device->id, 'do' => 'read']) }}" data-refresh>Read into this set</a>@endif
            <a class="button" href="{{ route('store.copy', ['set' => $place->record->id, 'device' => $view->device->id]) }}" download>Save a copy</a>
        </p>
        <form method="post" action="{{ route('store.fresh', $view->device->id) }}">@csrf<button class="link">Read it as a new set</button></form>
        @endif
        @if ($view->copies->isNotEmpty())
        <details class="copies"><summary>What was in it before</summary>
            <ol class="revisions scroll" tabindex="0" aria-label="What was in it before, the latest first">@foreach ($view->copies as $copy)
                <li><time class="figure" datetime="{{ $copy->created_at->toIso8601String() }}" data-local>{{ $copy->created_at->format('Y-m-d H:i') }}</time> {{ $copy->sentence }} <form method="post" action="{{ route('store.back', ['set' => $place->record->id, 'device' => $view->device->id]) }}" data-edit novalidate>@csrf<input type="hidden" name="copy" value="{{ $copy->id }}"><button class="link">Put it back</button></form></li>
            @endforeach</ol>
        </details>
        @endif
        <form method="post" action="{{ route('store.bring', ['set' => $place->record->id, 'device' => $view->device->id]) }}" enctype="multipart/form-data" data-edit novalidate class="upload">@csrf
            <label class="field field--tall"><span>Put a saved copy back into {{ $view->device->name }}</span><input type="file" name="file" accept=".json,application/json" required></label>
            <button class="button">Put it back</button>
        </form>
        </div>
    </section>
    @endif
    <section class="column store__side" aria-label="What is left out, and files">
        @if ($view !== null)
            <h2 class="column__title">Left out of the device</h2>
            @if ($view->mapping->leftOut === [])<p class="column__note">Nothing: the device can do all of its part of this set.</p>
            @else<ul class="left-out">@foreach ($view->mapping->leftOut as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
        @endif
        @if ($view !== null && $view->keepNothing() !== [])<p class="column__note">{{ implode(', ', $view->keepNothing()) }} {{ count($view->keepNothing()) === 1 ? 'keeps' : 'keep' }} nothing themselves: Nailrod does it while it runs.</p>@endif
        @if ($found !== [])
            <h2 class="column__title">Also on the desk</h2>
            @foreach ($found as $device)<form method="post" action="{{ route('store.fresh', $device->id) }}" class="panel__row">@csrf<span>{{ $device->title() }}</span> <button class="link">Read it as a new set</button></form>@endforeach
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
