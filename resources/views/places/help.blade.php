<x-plain :title="$label.': why and how'">
    <article class="help-page" id="help-page">
        <h1>{{ $label }} <a class="link help-page__go" href="{{ $place->on($address) }}">Go there</a></h1>
        <div class="help-page__body">
            <div class="help-page__text">{{ App\View\HelpPages::text($page) }}</div>
            <img src="{{ route('help.picture', $page) }}" alt="The place {{ $label }} with the demo" width="1280" height="800" loading="lazy">
        </div>
    </article>
    <nav class="help-page__others" aria-label="The other places">
        @foreach (App\View\HelpPages::all() as $name => [$other])<a class="link" href="{{ route('help', ['set' => $place->record->id, 'page' => $name]) }}" @if ($name === $page) aria-current="page" @endif>{{ $other }}</a> @endforeach
    </nav>
</x-plain>
