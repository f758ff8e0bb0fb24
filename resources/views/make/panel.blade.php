@php($post = fn (string $route) => route($route, $place->record->id))
<x-layout :place="$place" title="Panel">
    @if ($view === null)
        <section class="column"><h1>Panel</h1><p class="empty">The rig has no touch panel. Add one on the Rig: a device file of the kind touch panel.</p></section>
    @else
    @php($named = fn () => new Illuminate\Support\HtmlString($place->from().'<input type="hidden" name="device" value="'.e($view->device->id).'"><input type="hidden" name="panel" value="'.e($view->panel?->id).'"><input type="hidden" name="onto" value="'.$view->page.'">'))
    <nav class="column panels__list scroll" aria-label="Panels" tabindex="0" id="panels-list">
        <h2 class="column__title">Panels of {{ $view->device->name }}</h2>
        <ul class="picks">
            @foreach ($view->panels() as $id => $panel)
                <li><a class="pick" href="{{ route('panel', ['set' => $place->record->id, 'device' => $view->device->id, 'panel' => $id]) }}" data-refresh @if ($id === $view->panel?->id) aria-current="true" @endif><span>{{ $panel->name }}</span><small>{{ $panel->inWords() }}@if ($view->isShown($id)), shown @endif</small></a></li>
            @endforeach
            <li><div class="pick pick--not"><span>As new</span><small>{{ $view->device->panel === null ? 'shown: ' : '' }}as the device file says</small></div></li>
        </ul>
        <form data-does="edit" method="post" action="{{ $post('panel.add') }}" data-edit novalidate class="inline-new">{{ $named() }}<label class="field field--tall"><span>New panel</span><input name="name" maxlength="60" required></label><button class="button">Draw it</button></form>
        @if ($view->panel !== null)
        @php($its = Nailrod\Core\Set\PartPath::panel($view->device->id, $view->panel->id))
        <p class="panels__origin"><x-origin :place="$place" :origin="$place->originOf($its)" :path="(string) $its" /></p>
        <div class="panel__row">
            @if (! $view->isShown($view->panel->id))<form data-does="edit" method="post" action="{{ $post('panel.pick') }}" data-edit novalidate>{{ $named() }}<button class="link">Show {{ $view->panel->name }}</button></form>@endif
            @if ($view->device->panel !== null)<form data-does="edit" method="post" action="{{ $post('panel.pick') }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="device" value="{{ $view->device->id }}"><input type="hidden" name="panel" value=""><button class="link">As new</button></form>@endif
            <form data-does="edit" method="post" action="{{ $post('panel.remove') }}" data-edit novalidate>{{ $named() }}<button class="link">Take {{ $view->panel->name }} away</button></form>
        </div>
        <h2 class="column__title">Add to this page</h2>
        <div class="strip-of-tiles">@foreach (Nailrod\Core\Rig\Panel\TileKind::cases() as $kind)<form data-does="edit" method="post" action="{{ $post('panel.add-tile') }}" data-edit novalidate>{{ $named() }}<input type="hidden" name="kind" value="{{ $kind->value }}">@php($left = $view->leftOf($kind))<button class="button" data-tile-kind="{{ $kind->value }}" @disabled($left === 0) title="{{ $left === 0 ? 'The panel has as many as '.$view->device->name.' can have' : 'Click, or drag it onto the page' }}">{{ $kind->inWords() }}@if ($left !== null) <small>{{ $left }} left</small>@endif</button></form>@endforeach</div>
        @if ($view->groups() !== [])
        <h2 class="column__title">A page of a group</h2>
        <form data-does="edit" method="post" action="{{ $post('panel.propose') }}" data-edit novalidate class="panel__row">{{ $named() }}<label class="field"><span class="sr-only">Group</span><select name="group" id="panel-group">@foreach ($view->groups() as $group)<option>{{ $group }}</option>@endforeach</select></label><button class="button">Make the page</button></form>
        @endif
        @endif
        <h2 class="column__title">As a file</h2>
        @if ($view->panel !== null)<div class="panel__row"><a class="link" href="{{ route('panel.file', ['set' => $place->record->id, 'device' => $view->device->id, 'panel' => $view->panel->id, 'page' => $view->page]) }}" download>Save this page</a><a class="link" href="{{ route('panel.file', ['set' => $place->record->id, 'device' => $view->device->id, 'panel' => $view->panel->id]) }}" download>Save the panel</a></div>@endif
        <form data-does="look" method="post" action="{{ route('import.bring') }}" enctype="multipart/form-data" class="panel__row">@csrf<input type="hidden" name="for" value="{{ $place->record->id }}"><input type="hidden" name="device" value="{{ $view->device->id }}"><label class="field"><span class="sr-only">File of a panel</span><input type="file" name="file" id="panel-file" accept=".json" required></label><button class="button">Bring pages</button></form>
        @include('make.parts.phones')
    </nav>
    <section class="column panels__drawing" aria-labelledby="panel-title">
        <h1 id="panel-title">{{ $view->panel->name ?? $view->device->name.' as new' }} <span class="column__note">{{ $view->left() }}</span> <a class="link column__note" href="{{ route('hand', $view->device->id) }}" target="_blank">In the hand</a></h1>
        @if ($view->panel !== null)<form data-does="look" class="panels__size" action="{{ route('panel', $place->record->id) }}" data-visit>@foreach (['device' => $view->device->id, 'panel' => $view->panel->id, 'page' => $view->page, 'tile' => $view->tile?->id] as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
            <label class="field"><span>Drawn as</span><select name="size" id="panel-size">{{ App\Forms\Options::of($view->sizes($phones->paired ?? []), $view->size) }}</select></label><label class="field"><span>or mm</span><input name="mm_across" id="mm-across" type="number" min="40" max="600" step="1" aria-label="Millimetres across"></label><label class="field"><span aria-hidden="true">×</span><input name="mm_down" id="mm-down" type="number" min="40" max="600" step="1" aria-label="Millimetres down"></label><button class="link">In this shape</button></form>@endif
        @if ($view->panel === null)
            <div class="rig__plate"><x-face :device="$view->device" :page="1" /></div>
            <p class="column__note">The tiles that the device file has. Draw a panel of your own beside: it takes their place, and can be taken back.</p>
        @else
            @php($on = $view->on())
            <nav class="pages" aria-label="Pages">@foreach ($view->panel->pages as $i => $page)<a href="{{ $view->link(['page' => $i + 1]) }}" data-refresh @if ($i + 1 === $view->page) aria-current="true" @endif>{{ $page->name }}</a>@endforeach<form data-does="edit" method="post" action="{{ $post('panel.add-page') }}" data-edit novalidate>{{ $named() }}<button class="link">One more page</button></form></nav>
            @php($drawn = $view->drawn())
            <div class="panels__plate" data-panel-draw data-columns="{{ $on->columns }}" data-rows="{{ $on->rows }}" data-move="{{ $post('panel.move') }}" data-size="{{ $post('panel.size') }}" data-add="{{ $post('panel.add-tile') }}" data-remove="{{ $post('panel.remove-tile') }}" data-give="{{ $post('panel.give') }}" data-device="{{ $drawn->id }}" data-panel="{{ $view->panel->id }}" data-onto="{{ $view->page }}">
                <x-face :device="$drawn" :page="$view->page" />
                <svg class="panels__grid" viewBox="0 0 {{ $drawn->width }} {{ $drawn->height }}" preserveAspectRatio="xMidYMin meet" role="group" aria-label="Tiles of {{ $on->name }}; arrows move the picked one, with Shift they stretch it">
                    @php([$w, $h] = [$drawn->width / $on->columns, $drawn->height / $on->rows])
                    <path class="panels__line" d="{{ $view->gridLines($w, $h) }}" />
                    @foreach ($on->tiles as $tile)
                        <g class="draw-tile" data-pick="{{ $view->link(['tile' => $tile->id]) }}" tabindex="0" role="button" data-draw-tile="{{ $tile->id }}" data-column="{{ $tile->column }}" data-row="{{ $tile->row }}" data-across="{{ $tile->across }}" data-down="{{ $tile->down }}" aria-label="{{ $tile->name() }}, {{ $tile->kind->inWords() }}, column {{ $tile->column + 1 }}, row {{ $tile->row + 1 }}" @if ($tile->id === $view->tile?->id) aria-current="true" @endif>
                            <rect x="{{ $tile->column * $w + 4 }}" y="{{ $tile->row * $h + 4 }}" width="{{ $tile->across * $w - 8 }}" height="{{ $tile->down * $h - 8 }}" rx="12" />
                            <path class="draw-tile__corner" data-corner d="M{{ ($tile->column + $tile->across) * $w - 8 }} {{ ($tile->row + $tile->down) * $h - 40 }}v32h-32z" />
                        </g>
                    @endforeach
                </svg>
            </div>
            @if ($view->tooSmall() !== '')<p class="says says--warn">{{ $view->tooSmall() }}</p>@endif
            @foreach ($view->panel->deadEnds() as $page)<p class="says says--warn">{{ $page }} has no tile that leads to another page.</p>@endforeach
        @endif
    </section>
    <section class="column panels__side scroll" aria-label="What is picked" tabindex="0" id="panels-side">
        @if ($view->tile !== null)
            {{ App\View\IconShapes::sheet() }}
            <h2 class="column__title">{{ $view->tile->name() }}</h2>
            <form data-does="edit" method="post" action="{{ $post('panel.tile') }}" data-edit novalidate data-autosave class="panel__part">{{ $named() }}<input type="hidden" name="tile" value="{{ $view->tile->id }}">
                @foreach ($view->tileFields() as [$field, $value]){{ $view->input()->html($field, $field->name, $value) }}@if ($field->name === 'text' && $view->values() !== [])<label class="field" title="The value of the simulator that is put into the text"><span>Put a value in</span><select data-insert="text"><option value="">–</option>{{ App\Forms\Options::of($view->values()) }}</select></label>@endif @endforeach
            </form>
            @foreach ($view->ends() as $end)
                <div class="panels__end"><p class="says"><b>{{ $end['name'] }}</b>: {{ $end['does'] }}</p>
                    @if ($view->isShown($view->panel->id) && $view->actions($end['isAxis']) !== [])<form data-does="edit" method="post" action="{{ $post('panel.give') }}" data-edit novalidate data-autosave>{{ $named() }}<input type="hidden" name="tile" value="{{ $view->tile->id }}"><input type="hidden" name="end" value="{{ $end['end'] }}"><label class="field"><span>Action</span><select name="action" data-of="action"><option value="">–</option>{{ App\Forms\Options::of($view->actions($end['isAxis'])) }}</select></label></form>@endif
                    @if ($view->isShown($view->panel->id))<a class="link" href="{{ route('assign', ['set' => $place->record->id, 'layer' => 'base', 'ref' => $end['ref']]) }}">All that it can do</a>@endif
                </div>
            @endforeach
            @unless ($view->isShown($view->panel->id))<p class="column__note">What its tiles do is picked once the panel is shown.</p>@endunless
            <div class="panel__row">
                <form data-does="edit" method="post" action="{{ $post('panel.copy') }}" data-edit novalidate>{{ $named() }}<input type="hidden" name="tile" value="{{ $view->tile->id }}"><button class="link">Copy</button></form>
                <form data-does="edit" method="post" action="{{ $post('panel.remove-tile') }}" data-edit novalidate>{{ $named() }}<input type="hidden" name="tile" value="{{ $view->tile->id }}"><button class="link">Take it away</button></form>
            </div>
        @endif
        @if ($view->on() !== null)
            <h2 class="column__title">Page {{ $view->on()->name }}</h2>
            <form data-does="edit" method="post" action="{{ $post('panel.page') }}" data-edit novalidate data-autosave class="panel__part">{{ $named() }}
                <label class="field"><span>Name</span><input name="name" id="page-name" value="{{ $view->on()->name }}" maxlength="40"></label>
                <x-field name="columns" id="page-columns" label="Columns" :value="$view->on()->columns" unit="" min="2" max="8" step="1" />
                <x-field name="rows" id="page-rows" label="Rows" :value="$view->on()->rows" unit="" min="2" max="8" step="1" />
                <label class="field"><span>Belongs to</span><select name="layer" id="page-layer"><option value="">no layer</option>@foreach (array_diff_key($place->set->layers, ['base' => 0]) as $id => $layer)<option value="{{ $id }}" @selected($id === $view->on()->layer)>{{ $layer->name }}</option>@endforeach</select></label>
            </form>
            @if (count($view->panel->pages) > 1)<form data-does="edit" method="post" action="{{ $post('panel.remove-page') }}" data-edit novalidate class="panel__row">{{ $named() }}<button class="link">Take the page away</button></form>@endif
        @endif
        @if ($view->panel !== null && $view->isShown($view->panel->id) && $view->byGroup() !== [])
            <div class="panels__actions" x-data="actions">
            <h2 class="column__title">Actions</h2>
            <label class="find"><span class="sr-only">Find an action</span><input type="search" placeholder="{{ $view->tile === null ? 'Drop a tile on one; find' : 'Drop the tile on one, or type it' }}" x-on:input="filter" x-on:keydown.enter.prevent="takeFirst"></label>
            <form data-does="edit" method="post" action="{{ $post('panel.give') }}" data-edit novalidate aria-label="Actions">{{ $named() }}<input type="hidden" name="tile" value="{{ $view->tile?->id }}">
                @foreach ($view->byGroup() as $group => $actions)<fieldset class="actions" data-group><legend><span>{{ $group }}</span></legend>
                    @foreach ($actions as $action)<button name="action" value="{{ $action->id }}" class="action" data-drop-action="{{ $action->id }}" data-name="{{ mb_strtolower($action->name) }}" @disabled($view->tile === null)><span class="action__name">{{ $action->name }}</span></button>@endforeach
                </fieldset>@endforeach
            </form>
            </div>
        @endif
    </section>
    @endif
</x-layout>
