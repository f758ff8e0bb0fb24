<x-plain title="Not done">
    <h1>That could not be done</h1>
    <p>{{ $message }}</p>
    <p><a class="button" href="{{ route('home') }}">To the rig</a></p>
</x-plain>
