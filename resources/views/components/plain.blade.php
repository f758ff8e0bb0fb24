@props(['title', 'script' => ''])
<!doctype html>
<html lang="en" data-theme="{{ App\View\Theme::kept() }}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>{{ $title }} · Nailrod</title><link rel="icon" href="/icon.svg" type="image/svg+xml">@vite(array_filter(['resources/css/app.css', $script === '' ? '' : 'resources/js/'.$script.'.js']))</head>
<body><main class="plain plain--wide">
<x-refused />
@if (session('said'))<p class="notice" role="status">{{ session('said') }}</p>@endif
{{ $slot }}
</main></body></html>
