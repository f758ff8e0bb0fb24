<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>{{ $exception->getStatusCode() === 404 ? 'Not here' : 'Not done' }} · Nailrod</title>@vite(['resources/css/app.css'])</head>
<body><main class="plain"><h1>{{ $exception->getStatusCode() === 404 ? 'There is no such page' : 'That could not be done' }}</h1>
<p>{{ $exception->getStatusCode() === 404 ? 'The address names a set, a device or a page that is not here.' : ($exception->getMessage() ?: 'The server did not take the request ('.$exception->getStatusCode().').') }} Nothing was changed.</p>
<p><a class="button" href="/">To the rig</a></p></main></body></html>
