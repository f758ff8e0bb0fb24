@props(['place'])
<div class="sets" x-data="menu" x-on:keydown.escape="shut">
    <button type="button" class="sets__path" x-on:click="turn" x-bind:aria-expanded="open" aria-controls="set-list">
        @foreach ($place->set->merged->chain as $document)
            @if (! $loop->first)<span aria-hidden="true">›</span>@endif
            <span @class(['sets__own' => $loop->last])>{{ $document->name }}</span>
        @endforeach
        {{ App\View\Icon::of('down') }}<span class="sr-only">Pick another set</span>
    </button>
    <ul class="sets__list" id="set-list" x-show="open" x-cloak x-on:click.outside="shut">
        @foreach ($place->sets as $set)
            <li><a class="sets__item sets__item--{{ $set['depth'] }}" href="{{ $place->at($place->name, set: $set['id']) }}" data-set="{{ $set['id'] }}" @if ($set['id'] === $place->record->id) aria-current="true" @endif>{{ $set['name'] }}</a></li>
        @endforeach
        <li class="sets__manage"><a class="sets__item" href="{{ $place->at('sets') }}" @if ($place->name === 'sets') aria-current="page" @endif>Sets and files…</a></li>
    </ul>
</div>
