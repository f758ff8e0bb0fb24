<x-layout :place="$place" title="Store">
    @if ($view === null)
        <section class="column"><h1>Store</h1><p class="empty">No device of this set has a memory of its own: all that it does is done by Nailrod while it runs.</p></section>
    @else
    <nav class="column store__list" aria-label="Devices">
        <h2 class="column__title">What is in the devices</h2>
        <ul class="picks scroll store__units" tabindex="0" aria-label="Devices with a memory of their own">
            @foreach ($view->memories as [$unit, $standing, $parts, $isReady])
                <li><a href="{{ route('store', ['set' => $place->record->id, 'device' => $unit->device->id] + ($unit->key === '' ? [] : ['unit' => $unit->key])) }}" data-refresh class="pick" @if ($view->isLookedAt($unit)) aria-current="true" @endif><span>{{ $unit->device->title() }}@if (count($unit->device->onboard->serials) > 1) <span class="figure">{{ $unit->serial() }}</span>@if ($view->isInUse($unit)) <small>in use</small>@endif @endif</span><small><span data-standing="{{ $standing->name }}">{{ $standing->inWords($parts) }}</span>@if (! $isReady)<br><span class="store__unit-now">cannot be written now</span>@endif</small></a></li>
            @endforeach
            @foreach ($view->keepNothing() as $device)<li><div class="pick pick--not"><span>{{ $device->title() }}</span><small>keeps nothing itself</small></div></li>@endforeach
        </ul>
        @if (count($view->toBeWritten()) > 1)<form data-does="record" method="post" action="{{ route('store.write-all', $place->record->id) }}" data-edit novalidate class="panel__row">@csrf<button class="link" title="{{ implode(', ', $view->toBeWritten()) }}">Write all that is not written</button></form>@endif
    </nav>
    <section class="column store__device scroll" aria-labelledby="store-title" tabindex="0" id="store-device">
        <h1 id="store-title">{{ $view->device->title() }}@if ($view->serial() !== '') <span class="column__note figure">{{ $view->serial() }}</span>@endif</h1>
        <p @class(['verdict', 'verdict--good' => $view->isCurrent()])>
            @if ($view->isCurrent() && $view->mapping->leftOut === []) The device holds all that this set says of it. It works by itself, also where Nailrod is not running.
            @elseif ($view->isCurrent()) The device holds what it can hold of this set. {{ count($view->mapping->leftOut) }} {{ count($view->mapping->leftOut) === 1 ? 'thing is' : 'things are' }} left out, listed beside; {{ count($view->mapping->leftOut) === 1 ? 'it works' : 'they work' }} only while Nailrod is running.
            @elseif ($view->inForce === null) Nothing is stored in the device yet.
            @elseif ($view->stored === null) What is in the device is no mapping of it. {{ $view->whyUnread }} A copy of it is kept before it is overwritten.
            @elseif (($from = $view->writtenFrom()) !== null) What the device holds is of the set {{ $from[0] }}@if ($from[1] !== null), <a class="link" href="{{ route('store', ['set' => $from[1], 'device' => $view->device->id]) }}">which is here</a>@endif. It differs from this set in {{ count($view->changes) }} {{ count($view->changes) === 1 ? 'place' : 'places' }}.
            @else What the device holds differs from this set in {{ count($view->changes) }} {{ count($view->changes) === 1 ? 'place' : 'places' }}{{ $view->standing() === Nailrod\Core\Exchange\Memory\Standing::Differs ? '; it was not written from here' : '' }}. @endif
        </p>
        <table class="banks">
            <caption>Memory of the device</caption>
            <thead><tr><th scope="col"><x-term word="Bank" /></th><th scope="col" class="right">Write</th><th scope="col" class="right">Bytes</th><th scope="col"><x-term word="Checksum" /></th><th scope="col">State</th></tr></thead>
            <tbody>
            @foreach ($view->banks as $i => $bank)
                <tr @class(['is-current' => $bank !== null && $bank->number === $view->inForce?->number])><th scope="row">{{ $i + 1 }}</th>
                    @if ($bank === null)<td class="right">–</td><td class="right">–</td><td>–</td><td>empty, or cut off</td>
                    @else<td class="right figure">{{ $bank->count }}</td><td class="right figure">{{ strlen($bank->content) }}</td><td class="figure">{{ $bank->checksum() }}</td><td>{{ $bank->number === $view->inForce?->number ? 'in force' : 'an older one' }}</td>@endif
                </tr>
            @endforeach
            </tbody>
        </table>
        <p class="room"><meter min="0" max="{{ $view->room }}" value="{{ strlen($view->content) }}" aria-label="Room in a bank"></meter> <span class="figure">{{ strlen($view->content) }} of {{ $view->room }} bytes</span> of a bank would be used.</p>
        <ul class="checks" aria-label="What a write needs">@foreach ($view->readiness->checks as $check)<li @class(['is-not' => ! $check->isMet])>{{ $check->says }}.@if ($check->todo !== '') <b>{{ $check->todo }}.</b>@endif</li>@endforeach</ul>
        <form data-does="record" method="post" action="{{ route('store.write', ['set' => $place->record->id, 'device' => $view->device->id]) }}" data-edit novalidate class="store__write">@csrf
            @if ($view->serial() === '')
                <button class="button button--main" id="write" @if (! $view->readiness->isMet()) aria-disabled="true" title="{{ $view->readiness->why() }}" @endif>Write to {{ $view->device->name }}</button>
            @else
                <span>Which one?</span>
                @foreach ($view->memories as [$unit])@if ($unit->device->id === $view->device->id)<button @class(['button', 'button--main' => $view->isLookedAt($unit)]) name="unit" value="{{ $unit->serial() }}">Write to {{ $unit->serial() }}</button>@endif @endforeach
            @endif
        </form>
        @if ($view->isInUse($view->unit))
        <form data-does="record" method="post" action="{{ route('store.itself', ['set' => $place->record->id, 'device' => $view->device->id]) }}" data-edit novalidate data-autosave class="store__write">@csrf
            <label class="field"><span>It is written</span><select name="itself" id="writes-itself"><option value="0">when I say so</option><option value="1" @selected($view->writesItself)>after each edit</option></select></label>
        </form>
        @endif
        <details class="copies" @if ($view->unit->fault !== '') open @endif><summary>Try out what goes wrong</summary>
            <form data-does="record" method="post" action="{{ route('store.fault', ['set' => $place->record->id, 'device' => $view->device->id]) }}" data-edit novalidate class="store__write">@csrf<input type="hidden" name="unit" value="{{ $view->serial() }}">
                <label class="field"><span>What</span><select name="fault" id="fault"><option value="">nothing</option>@foreach (Nailrod\Core\Exchange\Memory\Fault\Faults::all() as $kind => $class)<option value="{{ $kind }}" @selected($kind === $view->unit->fault)>{{ $class::title() }}</option>@endforeach</select></label>
                <label class="field"><span>after</span><span class="field__box"><input type="number" name="after" id="fault-after" min="0" max="100" step="1" value="{{ $view->unit->fault === '' ? 40 : $view->unit->percent }}"><span class="field__unit">% of a write</span></span></label>
                <button class="button">Put it on</button>
            </form>
            @if ($view->unit->fault !== '')<p class="says says--warn">{{ $view->unit->title() }}: {{ Nailrod\Core\Exchange\Memory\Fault\Faults::all()[$view->unit->fault]::title() }}.</p><form data-does="record" method="post" action="{{ route('store.fault', ['set' => $place->record->id, 'device' => $view->device->id]) }}" data-edit novalidate>@csrf<input type="hidden" name="unit" value="{{ $view->serial() }}"><button class="link" name="fault" value="" id="mend">Mend it</button></form>@endif
        </details>
        <p class="column__note">A write goes to the bank that is not in force and is read back before it counts. If it is cut off, the device goes on with what it had.</p>
    </section>
    <section class="column store__changes" aria-labelledby="changes-title">
        @if (($brought = $view->brought()) !== null)
        <section class="firmware" aria-labelledby="firmware-title"><h2 class="column__title" id="firmware-title">Firmware {{ $brought->version }} for board {{ $brought->board }}</h2>
            <p class="column__note">{{ $view->device->name }} has {{ $view->device->onboard->firmware ?? 'one that it does not name' }}. Nothing was sent to it yet. If the new one is cut off on its way, it goes on with the one that it has.</p>
            @if ($brought->changes($view->device->keeps()) === [])<p class="says">It keeps what it kept before.</p>
            @else<ul class="left-out">@foreach ($brought->changes($view->device->keeps()) as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
            <form data-does="record" method="post" action="{{ $view->link('store.firmware') }}" data-edit novalidate class="panel__row">@csrf<input type="hidden" name="firmware" value="{{ $view->firmware }}"><button class="button button--main">Give it to {{ $view->unit->title() }}</button> <a class="link" href="{{ $view->link() }}" data-refresh>Leave it</a></form>
        </section>
        @endif
        @if ($view->isRead && $view->stored !== null)
        <h2 class="column__title" id="changes-title">What reading would change in {{ $place->record->name }}</h2>
        <div class="scroll" id="changes" tabindex="0" role="region" aria-labelledby="changes-title">
            <table class="changes"><thead><tr><th scope="col">Part</th><th scope="col">In this set</th><th scope="col">As in the device</th></tr></thead><tbody>
            @forelse ($view->reading as $change)<tr><th scope="row">{{ $change['subject'] }}</th><td>{{ $change['before'] ?: 'not said here' }}</td><td>{{ $change['after'] ?: 'taken away' }}</td></tr>
            @empty<tr><td colspan="3">Nothing: what the device keeps of this set is as it says.</td></tr>@endforelse
            </tbody></table>
            @if ($view->stays !== [])<h3>Stays as it is</h3><ul class="left-out">@foreach ($view->stays as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
        </div>
        <div class="panel__row">
            @if ($view->reading !== [])<form data-does="edit" method="post" action="{{ $view->link('store.read') }}" data-edit novalidate>{{ $place->from() }}<button class="button button--main">Take it into {{ $place->record->name }}</button></form>@endif
            <a class="link" href="{{ $view->link() }}" data-refresh>What a write would change</a>
        </div>
        @else
        <h2 class="column__title" id="changes-title">{{ $view->changes === [] ? 'What the device does by itself' : 'What a write would change' }}</h2>
        <div class="scroll" id="changes" tabindex="0" role="region" aria-labelledby="changes-title">
            @if ($view->changes === [])
                <table class="changes"><thead><tr><th scope="col">Part</th><th scope="col">In the device, and in the set</th></tr></thead><tbody>
                @forelse ($view->holds as $row)<tr><th scope="row">{{ $row['subject'] }}</th><td>{{ $row['after'] }}</td></tr>
                @empty<tr><td colspan="2">This set says nothing of {{ $view->device->name }}.</td></tr>@endforelse
                </tbody></table>
            @else
                <table class="changes"><thead><tr><th scope="col">Part</th><th scope="col">In the device</th><th scope="col">In the set</th></tr></thead><tbody>
                @foreach ($view->changes as $change)<tr><th scope="row">{{ $change['subject'] }}</th><td>{{ $change['before'] ?: 'not there' }}</td><td>{{ $change['after'] ?: 'not there' }}</td></tr>@endforeach
                </tbody></table>
            @endif
        </div>
        @endif
        <div class="store__out">
        @if ($view->stored !== null)
        <h2 class="column__title">Out of the device</h2>
        <p class="store__write">
            @if (! $view->isCurrent())<a class="button" id="look-read" href="{{ $view->link('store', ['do' => 'read']) }}" data-refresh>Read into this set</a>@endif
            <a class="button" href="{{ $view->link('store.copy') }}" download>Save a copy</a>
        </p>
        <form data-does="look" method="post" action="{{ route('store.fresh', ['device' => $view->device->id] + ($view->unit->key === '' ? [] : ['unit' => $view->unit->key])) }}">@csrf<button class="link">Read it as a new set</button></form>
        @endif
        @if ($view->copies->isNotEmpty())
        <details class="copies"><summary>What was in it before</summary>
            <ol class="revisions scroll" tabindex="0" aria-label="What was in it before, the latest first">@foreach ($view->copies as $copy)
                <li><time class="figure" datetime="{{ $copy->created_at->toIso8601String() }}" data-local>{{ $copy->created_at->format('Y-m-d H:i') }}</time> {{ $copy->sentence }} <form data-does="record" method="post" action="{{ $view->link('store.back') }}" data-edit novalidate>@csrf<input type="hidden" name="copy" value="{{ $copy->id }}"><button class="link">Put it back</button></form></li>
            @endforeach</ol>
        </details>
        @endif
        <form data-does="record" method="post" action="{{ $view->link('store.bring') }}" enctype="multipart/form-data" data-edit novalidate class="upload">@csrf
            <label class="field field--tall"><span>Put a saved copy back into {{ $view->device->name }}</span><input type="file" name="file" accept=".json,application/json" required></label>
            <button class="button">Put it back</button>
        </form>
        @if ($view->device->onboard->board !== null)
        <form data-does="look" method="post" action="{{ $view->link('store.look-at') }}" enctype="multipart/form-data" data-edit novalidate class="upload">@csrf
            <label class="field field--tall"><span>Firmware for board {{ $view->device->onboard->board }}, newer than {{ $view->device->onboard->firmware ?? 'none' }}</span><input type="file" name="file" required></label>
            <button class="button">Look at this firmware</button>
        </form>
        @endif
        </div>
    </section>
    @endif
    <section class="column store__side scroll" aria-label="Where each part is done, and files" tabindex="0" id="store-side">
        @if ($view !== null)
        <div class="store__three">
            <h2 class="column__title">Kept by the device</h2>
            <p class="column__note">{{ count($view->holds) }} {{ count($view->holds) === 1 ? 'part' : 'parts' }}: {{ count($view->holds) === 0 ? 'this set says nothing that it could keep.' : 'they go on without Nailrod.' }}</p>
            <h2 class="column__title">Done by Nailrod while it runs</h2>
            @if ($view->mapping->leftOut === [])<p class="column__note">Nothing: the device can do all of its part of this set.</p>
            @else<ul class="left-out">@foreach ($view->mapping->leftOut as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
            @if ($view->mapping->toGame !== [])
            <h2 class="column__title">Left to the game</h2>
            <ul class="left-out">@foreach ($view->mapping->toGame as $line)<li>{{ $line }}</li>@endforeach</ul>
            @endif
            @if ($view->inGame() !== [])<details class="copies"><summary>Bound in the game to what the device sends</summary><ul class="left-out">@foreach ($view->inGame() as $line)<li>{{ $line }}</li>@endforeach</ul></details>@endif
        </div>
        @endif
        @if ($found !== [])
            <h2 class="column__title">Also on the desk</h2>
            @foreach ($found as $device)<form data-does="look" method="post" action="{{ route('store.fresh', $device->id) }}" class="panel__row">@csrf<span>{{ $device->title() }}</span> <button class="link">Read it as a new set</button></form>@endforeach
        @endif
        <h2 class="column__title">The set as a file</h2>
        <p class="column__note">An open format that others can read: JSON, described in <code>schema/set.schema.json</code>.</p>
        <p><a class="button" href="{{ route('file.download', $place->record->id) }}" download>Save {{ $place->record->id }}.set.json</a></p>
        <form data-does="edit" method="post" action="{{ route('file.upload', $place->record->id) }}" enctype="multipart/form-data" data-edit novalidate class="upload">{{ $place->from() }}
            <label class="field field--tall"><span>Take a file in the place of this set; it can be undone</span><input type="file" name="file" accept=".json,application/json" required></label>
            <button class="button">Take the file</button>
        </form>
    </section>
</x-layout>
