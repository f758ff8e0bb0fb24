@php($incoming = $view->incoming)
@php($set = $incoming->bundle?->set)
@php($whole = $view->assembled())
<x-plain title="A file">
    <h1>{{ $view->name }}</h1>
    @if ($set !== null)
        <p>A set, <strong>{{ $set->name }}</strong>@if ($whole !== null): {{ $view->counts($whole) }}.@else. It cannot be put together yet: see below.@endif</p>
        @if ($view->parents() !== [])<p>It inherits from @foreach ($view->parents() as [$name, $where])<strong>{{ $name }}</strong> ({{ $where }}){{ $loop->last ? '.' : ', ' }}@endforeach</p>
        @elseif ($set->parent !== null)<p class="says says--warn">Its parent "{{ $set->parent }}" is neither in the file nor here. Choose below what it is to inherit from; only what it says itself comes along.</p>@endif
        @if ($whole !== null && $whole->missing !== [])<p class="says says--warn">{{ count($whole->missing) }} {{ count($whole->missing) === 1 ? 'reference has' : 'references have' }} no control here and {{ count($whole->missing) === 1 ? 'stays' : 'stay' }} open: {{ implode(', ', array_slice($whole->missing, 0, 6)) }}{{ count($whole->missing) > 6 ? ' and more' : '' }}. {{ count($whole->missing) === 1 ? 'It comes' : 'They come' }} back when the device is there.</p>@endif
        @if ($view->isTaken($set))<p>A set of that id is here already; this one comes beside it, under another.</p>@endif
        <form action="{{ route('import.show', $view->id) }}" class="import__match">
            <table><caption>Its devices, on this rig</caption><tbody>
            @foreach ($view->devices() as $id => $state)
                <tr><th scope="row">{{ $view->nameOf($id) }}</th><td>{{ $state }}</td><td>@if ($state !== 'at hand')<label class="field"><span class="sr-only">{{ $id }} stands for</span><select name="match[{{ $id }}]"><option value="">{{ $state === 'missing' ? 'left open' : 'comes with it' }}</option>@foreach ($view->here() as $here => $name)<option value="{{ $here }}" @selected(($view->match[$id] ?? '') === $here)>is {{ $name }}</option>@endforeach</select></label>@endif</td></tr>
            @endforeach
            </tbody></table>
            @if (in_array('missing', $view->devices(), true) || in_array('in the file', $view->devices(), true))<button class="button">Show it with these</button>@endif
        </form>
    @else
        <p>{{ $incoming->kind === Nailrod\Core\Exchange\Incoming::TABLE ? 'A table of actions' : 'A catalogue of '.$view->catalogue->name }}: {{ count($view->catalogue->actions) }} actions in {{ count($view->catalogue->groups) }} {{ count($view->catalogue->groups) === 1 ? 'group' : 'groups' }}.</p>
        <div class="import__rows scroll" tabindex="0" role="region" aria-label="Actions"><table><thead><tr><th scope="col">Action</th><th scope="col">Group</th><th scope="col">Kind</th><th scope="col">Key</th><th scope="col">Role</th></tr></thead><tbody>
            @foreach (array_slice($view->catalogue->actions, 0, 60) as $action)<tr><th scope="row">{{ $action->name }}@if ($action->essential) <small class="action__needed">needed</small>@endif</th><td>{{ $view->catalogue->groups[$action->group] }}</td><td>{{ $action->kind->value }}</td><td>{{ $action->key?->label() }}</td><td>{{ $action->role }}</td></tr>@endforeach
        </tbody></table>@if (count($view->catalogue->actions) > 60)<p class="column__note">and {{ count($view->catalogue->actions) - 60 }} more</p>@endif</div>
        <x-no-roles :catalogue="$view->catalogue" />
    @endif
    <form method="post" action="{{ route('import.take', $view->id) }}" class="import__take">@csrf
        @foreach ($view->match as $old => $new)<input type="hidden" name="match[{{ $old }}]" value="{{ $new }}">@endforeach
        <label class="field field--tall"><span>{{ $set !== null ? 'Name' : 'Name of the set that is begun for it' }}</span><input name="name" maxlength="60" required value="{{ $set->name ?? ($incoming->kind === 'table' ? pathinfo($view->name, PATHINFO_FILENAME) : $view->catalogue->name) }}"></label>
        @if ($set === null || $set->parent === null || ! isset($view->sets()[$set->parent]))<label class="field field--tall"><span>Inherits from</span><select name="parent"><option value="">nothing here</option>{{ App\Forms\Options::of($view->sets(), $set === null ? array_key_first($view->sets()) : '') }}</select></label>@endif
        @if ($incoming->kind === 'table')
            <label class="field field--tall"><span>For</span><select name="game"><option value="">a new simulator of these actions</option>@foreach ($view->games() as $id => $name)@if (($fits = $view->fits($id)) !== null)<option value="{{ $id }}">{{ $name }}: keys of {{ $fits }} of its actions</option>@endif @endforeach</select></label>
            <label class="field"><span>A new one sees so many controller buttons</span><input type="number" name="buttons" min="0" max="128" value="128"></label>
            <label class="field"><span>and so many axes</span><input type="number" name="axes" min="0" max="8" value="8"></label>
        @endif
        <p><button class="button button--main">Take it</button> <a class="link" href="{{ route('home') }}">Leave it</a></p>
    </form>
</x-plain>
