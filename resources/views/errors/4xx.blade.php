@php($isGone = $exception->getStatusCode() === 404)
<x-plain :title="$isGone ? 'Not here' : 'Not done'">
    <h1>{{ $isGone ? 'There is no such page' : 'That could not be done' }}</h1>
    <p>{{ $isGone ? 'The address names a set, a device or a page that is not here.' : ($exception->getMessage() ?: 'The server did not take the request ('.$exception->getStatusCode().').') }} Nothing was changed.</p>
    <p><a class="button" href="/">To the rig</a></p>
</x-plain>
