@php($place = $view->place)
@php($item = $view->item)
<x-layout :place="$place" title="Shelf">
    <nav class="column shelf__list scroll" aria-label="Ready things" tabindex="0" id="shelf-list">
        <h1>Shelf</h1>
        @foreach ($view->byKind() as $title => $items)
            <h2 class="column__title">{{ $title }}</h2>
            <ul class="picks">@foreach ($items as $id => $one)<li><a class="pick" href="{{ route('shelf', ['set' => $place->record->id, 'item' => $id]) }}" data-refresh @if ($id === $view->picked) aria-current="true" @endif><span>{{ $one->name }}</span>@if ($view->isOwn($id))<small>yours</small>@endif</a></li>@endforeach</ul>
        @endforeach
        @if (App\Sets\Shelf::removed() !== [])<h2 class="column__title">Taken down</h2><ul class="left-out">@foreach (App\Sets\Shelf::removed() as $id => $name)<li>{{ $name }} <form data-does="record" method="post" action="{{ route('shelf.remove', $place->record->id) }}" data-edit novalidate>@csrf<input type="hidden" name="item" value="{{ $id }}"><button class="link">Put it back</button></form></li>@endforeach</ul>@endif
    </nav>
    @if ($item !== null)
    <section class="column shelf__item" aria-labelledby="shelf-title">
        <h2 id="shelf-title" class="shelf__title"><x-picto :name="$item->kind::icon()" /> {{ $item->name }} <span class="tag">{{ $item->kind::title() }}</span></h2>
        @if ($item->about !== '')<p>{{ $item->about }}</p>@endif
        <p class="column__note">{{ $item->kind::about() }}@if ($item->game !== '') Made for {{ $item->game }}.@endif @if ($item->needs() !== []) It names {{ implode(', ', array_slice($item->needs(), 0, 12)) }}{{ count($item->needs()) > 12 ? ' and '.(count($item->needs()) - 12).' more' : '' }}.@endif</p>
        @if ($view->isFile())
            <p>It is looked at on a page of its own before anything of it is taken.</p>
        @else
        <div class="shelf__on" id="shelf-on">
            @if ($view->axis !== null)<label class="field"><span>Into the axis</span><select name="axis" id="shelf-axis" form="shelf-take">{{ App\Forms\Options::of($view->axes(), $view->axis) }}</select></label>
            @else @foreach ($item->devices as $id => $kind)<label class="field"><span>Its {{ $kind }} is here</span><select name="on[{{ $id }}]" form="shelf-take">{{ App\Forms\Options::of($view->devices(), $view->fit->devices[$id] ?? '') }}</select></label>@endforeach @endif
        </div>
        <p class="says" id="shelf-fits">{{ $view->inWords() }}</p>
        <div class="scroll shelf__rows" tabindex="0" role="region" aria-label="What fits here" id="shelf-rows"><table>
            <thead><tr><th scope="col">Part</th><th scope="col">Here</th></tr></thead>
            <tbody>@foreach ($view->fit->rows() as $row)<tr><th scope="row">{{ $row->was }}</th><td @class(['is-lacking' => $row->lacks !== ''])>{{ $row->lacks === '' ? $row->here : 'not taken: '.$row->lacks }}</td></tr>@endforeach</tbody>
        </table></div>
        @inject('sets', App\Sets\SetStore::class)
        @if (($line = $view->line($sets)) !== '')<svg class="shelf__line" viewBox="0 0 300 150" role="img" aria-label="What is sent for what the hand does, with this shape"><rect x="6" y="6" width="288" height="138" /><path d="{{ $line }}" /></svg>@endif
        @if ($view->worked() !== [])<div class="shelf__faces" inert>@foreach (array_slice($view->worked(), 0, 3) as $device)<x-face :device="$device" />@endforeach</div>@endif
        @endif
        <div class="panel__row shelf__do">
            <form data-does="edit" method="post" action="{{ route('shelf.take', $place->edited->id) }}" @if (! $view->isFile()) data-edit data-asks="{{ route('shelf', $place->record->id) }}" @endif id="shelf-take" novalidate>{{ $place->from() }}<input type="hidden" name="item" value="{{ $view->picked }}">
                <button class="button button--main" @disabled($view->fit !== null && $view->fit->fits() === 0)>{{ $view->isFile() ? 'Look at it' : 'Take it into '.$place->record->name }}</button></form>
            <a class="button" href="{{ route('shelf.file', ['set' => $place->record->id, 'item' => $view->picked]) }}" download>Save as a file</a>
            @if ($view->isOwn($view->picked))<form data-does="record" method="post" action="{{ route('shelf.remove', $place->record->id) }}" data-edit novalidate>@csrf<input type="hidden" name="item" value="{{ $view->picked }}"><button class="link">Take it down</button></form>@endif
        </div>
    </section>
    @endif
    <section class="column scroll shelf__put" aria-labelledby="put-title" tabindex="0" id="shelf-put">
        <h2 class="column__title" id="put-title">Put something there</h2>
        @if ($view->offered() === [])<p class="empty">{{ $place->record->name }} has nothing yet that could lie there.</p>
        @else
        <form data-does="record" method="post" action="{{ route('shelf.put', $place->record->id) }}" data-edit novalidate class="upload">{{ $place->from() }}
            <label class="field field--tall"><span>Of {{ $place->record->name }}</span><select name="thing" id="shelf-thing">@foreach ($view->offered() as $title => $things)<optgroup label="{{ $title }}">@foreach ($things as $thing => $name)<option value="{{ $thing }}">{{ $name }}</option>@endforeach</optgroup>@endforeach</select></label>
            <label class="field field--tall"><span>Its name</span><input name="name" maxlength="{{ Nailrod\Core\Exchange\Shelf\ShelfItem::LONGEST_NAME }}" required></label>
            <label class="field field--tall"><span>What it is good for</span><input name="about" maxlength="{{ Nailrod\Core\Exchange\Shelf\ShelfItem::LONGEST_ABOUT }}"></label>
            <button class="button">Put it on the shelf</button>
        </form>
        <p class="column__note">It can be given away: no serials, no tokens and no names of your devices are in it.</p>
        @endif
        <h2 class="column__title">Given by somebody</h2>
        <form data-does="record" method="post" action="{{ route('shelf.bring', $place->record->id) }}" enctype="multipart/form-data" data-edit novalidate class="upload">@csrf
            <label class="field field--tall"><span>A file from a shelf; nothing of it is taken yet</span><input type="file" name="file" accept=".json,application/json" required></label>
            <button class="button">Put it on the shelf</button>
        </form>
    </section>
</x-layout>
