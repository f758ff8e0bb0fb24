@props(['title', 'scripts' => false])
<!doctype html>
<html lang="en" data-theme="{{ in_array($theme = request()->cookie('theme', 'system'), ['light', 'dark'], true) ? $theme : 'system' }}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>{{ $title }} · Nailrod</title><link rel="icon" href="/icon.svg" type="image/svg+xml">@vite($scripts ? ['resources/css/app.css', 'resources/js/list.js'] : ['resources/css/app.css'])</head>
<body><main class="plain plain--wide">
<x-refused />
@if (session('said'))<p class="notice" role="status">{{ session('said') }}</p>@endif
{{ $slot }}
</main></body></html>
