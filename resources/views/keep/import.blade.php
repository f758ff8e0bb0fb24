@php($incoming = $view->incoming)
@php($set = $incoming->bundle->set)
@php($whole = $view->assembled())
<x-plain title="A file">
    <h1>{{ $view->name }}</h1>
    <p>A set, <strong>{{ $set->name }}</strong>@if ($whole !== null): {{ $view->counts($whole) }}.@else. It cannot be put together yet: see below.@endif</p>
        @if ($view->parents !== [])<p>It inherits from @foreach ($view->parents as [$name, $where])<strong>{{ $name }}</strong> ({{ $where }}){{ $loop->last ? '.' : ', ' }}@endforeach</p>
        @elseif ($set->parent !== null)<p class="says says--warn">Its parent "{{ $set->parent }}" is neither in the file nor here. Choose below what it is to inherit from; only what it says itself comes along.</p>@endif
        @if ($whole !== null && $whole->missing !== [])<p class="says says--warn">{{ count($whole->missing) }} {{ count($whole->missing) === 1 ? 'reference has' : 'references have' }} no control here and {{ count($whole->missing) === 1 ? 'stays' : 'stay' }} open: {{ implode(', ', array_slice($whole->missing, 0, 6)) }}{{ count($whole->missing) > 6 ? ' and more' : '' }}. {{ count($whole->missing) === 1 ? 'It comes' : 'They come' }} back when the device is there.</p>@endif
        @if ($view->isTaken($set))<p>A set of that id is here already; this one comes beside it, under another.</p>@endif
    <form data-does="record" method="post" action="{{ route('import.take', $view->id) }}" class="import__take" id="import-take">@csrf
        <div class="import__match">
            <table><caption>Its devices, on this rig</caption><tbody>
            @foreach ($view->devices as $id => $state)
                <tr><th scope="row">{{ $view->nameOf($id) }}</th><td>{{ $state }}</td><td>@if ($state !== 'at hand')<label class="field"><span class="sr-only">{{ $id }} stands for</span><select name="match[{{ $id }}]"><option value="">{{ $state === 'missing' ? 'left open' : 'comes with it' }}</option>@foreach ($view->here as $here => $name)<option value="{{ $here }}" @selected(($view->match[$id] ?? '') === $here)>is {{ $name }}</option>@endforeach</select></label>@endif</td></tr>
            @endforeach
            </tbody></table>
            @if (in_array('missing', $view->devices, true) || in_array('in the file', $view->devices, true))<button class="button" name="show" value="1">Show it with these</button>@endif
        </div>
        <label class="field field--tall"><span>Name</span><input name="name" maxlength="60" required value="{{ App\Sets\OwnNames::ofSet($set->name) }}"></label>
        @if ($set->parent === null || ! isset($view->sets[$set->parent]))<label class="field field--tall"><span>Inherits from</span><select name="parent"><option value="">nothing here</option>{{ App\Forms\Options::of($view->sets, '') }}</select></label>@endif
        <p><button class="button button--main">Take it</button> <a class="link" href="{{ route('home') }}">Leave it</a></p>
    </form>
</x-plain>
