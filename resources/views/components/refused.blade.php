{{-- What was not done and why; of a file with many bad lines each in a line of its own. --}}
@if (session('problem') || $errors->any())
@php($lines = explode("\n", (string) (session('problem') ?? $errors->first())))
<div class="notice notice--problem" role="alert"><strong>Not done.</strong> @if (count($lines) === 1){{ $lines[0] }} @else<ul class="notice__lines">@foreach ($lines as $line)<li>{{ $line }}</li>@endforeach</ul>@endif Nothing was changed.</div>
@endif
