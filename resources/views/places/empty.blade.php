<x-plain title="No set yet">
    <h1>There is no set yet</h1>
    <p>Load the demo with <code>php artisan nailrod:demo</code> and open this page again, or bring a set that was saved with its parents.</p>
    <form method="post" action="{{ route('import.bring') }}" enctype="multipart/form-data" class="upload">@csrf
        <label class="field field--tall"><span>A set, a catalogue, or a table of actions</span><input type="file" name="file" accept=".json,.csv" required></label>
        <button class="button button--main">Look at it</button>
    </form>
    @if ($found !== [])
    <h2>On the desk</h2>
    @foreach ($found as $device)<form method="post" action="{{ route('store.fresh', $device->id) }}">@csrf<p>{{ $device->title() }} holds a mapping. <button class="button">Read it as a set</button></p></form>@endforeach
    @endif
</x-plain>
