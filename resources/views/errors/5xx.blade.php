<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>A fault · Nailrod</title>@vite(['resources/css/app.css'])</head>
<body><main class="plain"><h1>Something broke in Nailrod</h1><p>Your sets are as they were. What went wrong is written in <code>storage/logs/nailrod.log</code>.</p><p><a class="button" href="/">To the rig</a></p></main></body></html>
