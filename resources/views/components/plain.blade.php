@props(['title'])
<!doctype html>
<html lang="en" data-theme="{{ in_array($theme = request()->cookie('theme', 'system'), ['light', 'dark'], true) ? $theme : 'system' }}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>{{ $title }} · Nailrod</title><link rel="icon" href="/icon.svg" type="image/svg+xml">@vite(['resources/css/app.css'])</head>
<body><main class="plain plain--wide">
@if (session('problem') || $errors->any())<p class="notice notice--problem" role="alert"><strong>Not done.</strong> {{ session('problem') ?? $errors->first() }} Nothing was changed.</p>@endif
{{ $slot }}
</main></body></html>
