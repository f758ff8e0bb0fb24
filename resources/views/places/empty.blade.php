<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>Nailrod</title>@vite(['resources/css/app.css'])</head>
<body><main class="plain"><h1>There is no set yet</h1><p>Load the demo with <code>php artisan nailrod:demo</code>, then open this page again.</p></main></body></html>
