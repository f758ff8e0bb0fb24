@php($place = $view->place)
@php($catalogue = $place->set->catalogue)
@php($holders = $view->holders())
@php($base = route('assign', array_filter(['set' => $place->record->id, 'device' => $view->device?->id, 'show' => $view->comb->filter])))
@php($link = fn (array $more) => route('assign', array_filter($more + ['set' => $place->record->id, 'device' => $view->device?->id, 'show' => $view->comb->filter])))
<x-layout :place="$place" title="Assign">
    @push('skips')<a class="skip" href="{{ $view->comb->shown() === [] ? '#comb-scroll' : '#comb-first' }}">To the table</a><a class="skip" href="#editor">To the editor</a>@endpush
    @if ($view->device === null)
        <section class="column"><h1>Assign</h1><p class="empty">No device is in this rig yet, so there is nothing to assign. <a class="link" href="{{ $place->at('rig') }}">Add one on Rig</a>.</p></section>
    @else
    <div class="loom" id="loom">
        <form data-does="edit" method="post" action="{{ route('cell.assign', $place->record->id) }}" data-edit novalidate id="drag-assign" hidden>{{ $place->from() }}<input name="layer"><input name="ref"><input name="does" value="action"><input name="output[action]"></form>
        <form data-does="edit" method="post" action="{{ route('cell.transfer', $place->record->id) }}" data-edit novalidate id="drag-cell" hidden>{{ $place->from() }}<input name="what" value="cell"><input name="how"><input name="layer"><input name="ref"><input name="to_layer"><input name="to_ref"></form>
        <svg class="loom__wires" id="wires" aria-hidden="true"></svg>
        <section class="column loom__face" aria-label="Faceplate">
            <h1 class="tabs tabs--devices">
                @foreach ($view->devices() as $device)
                    <a href="{{ route('assign', ['set' => $place->record->id, 'device' => $device->id]) }}" data-refresh @if ($device->id === $view->device->id) aria-current="true" @endif title="{{ $device->title() }}">{{ $device->name }}</a>
                @endforeach
            </h1>
            <x-face :device="$view->device" :page="$view->page" />
            <x-face-pages :device="$view->device" :page="$view->page" :link="$view->pageAt(...)" />
        </section>
        <section class="column loom__comb" aria-label="What each control does in each layer">
            <div @class(['layers', 'layers--many' => count($place->set->layers) > 4])>
                @foreach ($place->set->layers as $id => $layer)
                    <span class="layer layer--{{ Nailrod\Core\Set\LayerLook::of($place->set, $id) }}" data-layer="{{ $id }}" title="{{ $layer->name }}, {{ $holders[$id] }}"><span class="layer__name">{{ $layer->name }}</span><small>{{ $holders[$id] }}</small><em class="layer__live">live</em></span>
                @endforeach
                <div class="layers__new">
                <a class="link" href="{{ route('assign', ['set' => $place->record->id, 'device' => $view->device->id, 'layer' => $view->layer, 'pair' => App\View\Make\AssignPairing::ON]) }}" data-refresh title="Press a key and a control: they are assigned to each other">Pair</a>
                <details class="pop" id="new-layer" data-once><summary class="link">New layer</summary>
                    <form data-does="edit" method="post" action="{{ route('layer.add', $place->record->id) }}" data-edit novalidate class="pop__body">
                        {{ $place->from() }}
                        <label class="field"><span>Name</span><input name="name" maxlength="30" required value="{{ Nailrod\Core\Set\LayerEdits::nameOfNext($place->set) }}"></label>
                        <label class="field"><span>Held by</span><select name="holder" data-of="contact" data-any><option value="">nothing yet</option>{{ App\Forms\Options::of($view->fieldInput()->choices->near(Nailrod\Core\Format\Type\Reference::CONTACT, $view->device->id)) }}</select></label>
                        <button class="button">Make it</button>
                    </form>
                </details>
                <details class="pop" id="new-flag" data-once><summary class="link">New flag</summary>
                    <form data-does="edit" method="post" action="{{ route('flag.add', $place->record->id) }}" data-edit novalidate class="pop__body">
                        {{ $place->from() }}
                        <p class="hint">A flag is up while something raises it; assignments can depend on it.{{ $place->set->flags === [] ? '' : ' There are: '.implode(', ', $place->set->flags).'.' }}</p>
                        <label class="field"><span>Name</span><input name="name" maxlength="30" required></label>
                        <button class="button">Make it</button>
                    </form>
                </details>
                @if ($catalogue !== null)<details class="pop pop--told" id="told" data-told-of="{{ route('told', $place->record->id) }}"><summary class="link">Told</summary><div class="pop__body" data-told-list><a href="{{ route('plan', $place->record->id) }}">What is told stands on the plan too.</a></div></details>@endif
                </div>
            </div>
            <div class="scroll comb-scroll" id="comb-scroll" tabindex="0" role="region" aria-label="Assignments of {{ $view->device->name }}">
                <table @class(['comb', 'comb--many' => count($place->set->layers) > 4])>
                    <colgroup><col class="comb__number"><col class="comb__name">@foreach ($place->set->layers as $layer)<col>@endforeach</colgroup>
                    <thead><tr><th scope="col" colspan="2" class="filter"><form data-does="look" action="{{ route('assign', $place->record->id) }}" data-visit><input type="hidden" name="device" value="{{ $view->device->id }}"><input type="hidden" name="layer" value="{{ $view->layer }}"><input type="hidden" name="ref" value="{{ $view->ref }}"><label><span class="sr-only">Show</span><select name="show">@foreach (App\View\Make\AssignComb::FILTERS as $filter => $words)<option value="{{ $filter }}" @selected($filter === $view->comb->filter)>{{ $filter === '' ? 'all controls' : 'only '.$words }}</option>@endforeach</select></label></form></th>
                        @foreach ($place->set->layers as $id => $layer)<th scope="col"><span class="layer-dot layer--{{ Nailrod\Core\Set\LayerLook::of($place->set, $id) }}"></span>{{ $layer->name }}</th>@endforeach
                    </tr></thead>
                    <tbody>
                    @foreach ($view->comb->shown() as $row)
                        <tr data-row="{{ $row['ref'] }}" data-control="{{ $place->set->rig->controlOf($row['ref'])->ref }}" @class(['is-picked' => $row['ref'] === $view->ref])>
                            <td class="number">{{ $row['number'] }}</td><th scope="row">{{ $row['name'] }}</th>
                            @foreach ($view->comb->cells($row['ref']) as $id => [$cell, $classes, $from])
                                @php($action = $place->set->actionOf($cell->outputs[0] ?? null)?->id ?? '')
                                <td class="{{ $classes }}" data-cell="{{ $id }}/{{ $row['ref'] }}" @if ($action !== '') data-action="{{ $action }}" @endif>
                                    <a href="{{ $base }}&amp;layer={{ $id }}&amp;ref={{ rawurlencode($row['ref']) }}" data-refresh @if ($row['ref'] === $view->ref && $id === $view->layer) aria-current="true" @endif @if ($view->comb->isFirst($row['ref'], (string) $id)) id="comb-first" @else tabindex="-1" @endif>@if ($cell === null && ($chord = $place->set->chordWords((string) $id, $row['ref'])) !== '')<span class="sr-only">{{ $row['name'] }} in {{ $place->set->layers[$id]->name }}: </span><em>{{ $chord }}</em>@elseif ($cell === null)<span class="sr-only">{{ $row['name'] }} in {{ $place->set->layers[$id]->name }}: {{ $id === 'base' ? 'free' : 'as in the base layer' }}</span>@else{{ $place->words->brief($cell) }}@endif @if ($from !== '')<small>{{ $from }}</small>@endif</a>
                                </td>
                            @endforeach
                        </tr>
                    @endforeach
                    </tbody>
                </table>
                @if ($view->comb->shown() === [])<p class="empty">No row of {{ $view->device->name }} is {{ App\View\Make\AssignComb::FILTERS[$view->comb->filter] }}.</p>@endif
            </div>
        </section>
        <section class="column loom__actions" aria-label="Actions of the simulator" x-data="actions">
            @if ($catalogue === null)
                <p class="empty">The set {{ $place->record->head->set()->name }} has no simulator. Pick a set below it in the bar above to assign actions, or <a class="link" href="{{ $place->at('actions') }}">bring or write a list</a>; keys and outputs can be assigned here.</p>
            @else
                <label class="find"><span class="sr-only">Find an action of {{ $catalogue->name }}</span><input type="search" placeholder="{{ $view->ref === '' ? 'Find an action' : 'Type an action, Enter assigns it' }}" x-on:input="filter" x-on:keydown.enter.prevent="takeFirst"></label>
                @php($reaching = $view->actions->reaching())
                <form data-does="edit" method="post" action="{{ route('cell.assign', $place->record->id) }}" data-edit novalidate class="scroll" id="action-list" tabindex="0" aria-label="Actions">
                    {{ $place->from() }}<input type="hidden" name="layer" value="{{ $view->layer }}"><input type="hidden" name="ref" value="{{ $view->ref }}"><input type="hidden" name="does" value="action">
                    @foreach ($catalogue->byGroup() as $group => $actions)
                        <fieldset class="actions" data-group><legend><span>{{ $catalogue->groups[$group] }}</span><small>{{ count(array_filter($actions, fn ($a) => isset($reaching[$a->id]))) }} of {{ count($actions) }}</small></legend>
                        @foreach ($actions as $action)
                            @php($way = $view->actions->wayOf($action) === null ? 'no way yet' : $place->words->output($view->actions->wayOf($action)))
                            @if ($view->ref === '' && isset($reaching[$action->id]))
                                <a class="action is-reached" href="{{ $link(['layer' => $reaching[$action->id][0]->layer, 'ref' => $reaching[$action->id][0]->ref]) }}" data-refresh data-action="{{ $action->id }}" data-name="{{ mb_strtolower($action->name) }}"><span class="action__dot" aria-hidden="true"></span><span class="action__name">{{ $action->name }}</span><span class="way">{{ $way }}</span></a>
                            @elseif ($view->ref === '')
                                <a class="action @if ($view->take === $action->id) is-picked @endif" href="{{ $link(['take' => $action->id]) }}" data-refresh data-action="{{ $action->id }}" data-name="{{ mb_strtolower($action->name) }}" title="Then press the control for it"><span class="action__dot" aria-hidden="true"></span><span class="action__name">{{ $action->name }}</span>@if ($action->essential)<small class="action__needed">needed</small>@endif<span class="way">{{ $way }}</span></a>
                            @else
                                <button name="output[action]" value="{{ $action->id }}" data-action="{{ $action->id }}" data-name="{{ mb_strtolower($action->name) }}"
                                    @disabled($view->ref === '' || $action->isAxis() !== $view->isAxis())
                                    @class(['action', 'is-reached' => isset($reaching[$action->id]), 'is-picked' => $view->pickedAction()?->id === $action->id])>
                                    <span class="action__dot" aria-hidden="true"></span><span class="action__name">{{ $action->name }}</span>
                                    @if ($action->essential && ! isset($reaching[$action->id]))<small class="action__needed">needed</small>@endif
                                    <span class="way">{{ $way }}</span>
                                </button>
                            @endif
                        @endforeach
                        </fieldset>
                    @endforeach
                </form>
            @endif
        </section>
        <section class="loom__editor" id="editor" tabindex="-1" aria-label="The picked assignment">
            @if ($view->pairing !== null)
                @include('make.parts.pairing')
            @elseif ($view->ref === '' && $view->take !== '')
                @php($taken = $catalogue->action($view->take))
                <div class="take-up" data-take><p><strong>{{ $taken->isAxis() ? 'Move' : 'Press' }} the control for {{ $taken->name }}.</strong> It is assigned in the layer that is live then. <a class="link" href="{{ $link([]) }}" data-refresh>Leave it</a></p>
                <form data-does="edit" method="post" action="{{ route('cell.assign', $place->record->id) }}" data-edit novalidate hidden>{{ $place->from() }}<input name="layer"><input name="ref"><input name="does" value="action"><input name="output[action]" value="{{ $taken->id }}"></form></div>
            @elseif ($view->ref === '')
                <p class="empty">Press or move a control, or pick a cell: what it does is shown here and can be changed.</p>
            @else
                @include('make.parts.editor')
            @endif
        </section>
    </div>
    @endif
</x-layout>
