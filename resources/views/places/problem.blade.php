<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>Not done · Nailrod</title>@vite(['resources/css/app.css'])</head>
<body><main class="plain"><h1>That could not be done</h1><p>{{ $message }}</p><p><a class="button" href="{{ route('home') }}">To the rig</a></p></main></body></html>
