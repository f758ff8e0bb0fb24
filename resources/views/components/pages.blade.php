@props(['pages', 'by', 'label'])
@if ($pages->last > 1)
    <nav class="pages" aria-label="{{ $label }}">
        @if ($pages->page > 1)<a class="link" href="{{ request()->fullUrlWithQuery([$by => $pages->page - 1, 'recording' => null]) }}" data-refresh rel="prev">Newer</a>@endif
        <span class="column__note">{{ $pages->inWords() }}</span>
        @if ($pages->page < $pages->last)<a class="link" href="{{ request()->fullUrlWithQuery([$by => $pages->page + 1, 'recording' => null]) }}" data-refresh rel="next">Older</a>@endif
    </nav>
@endif
