@php($place = $view->place)
@php($catalogue = $view->catalogue())
<x-layout :place="$place" title="Actions">
    @if ($catalogue === null)
        <section class="column scroll actions-begin" aria-labelledby="actions-title" tabindex="0" id="actions-begin"><h1 id="actions-title">Actions</h1>
            <p>{{ $place->record->name }} has no simulator, so it has no actions.@if (count($place->sets) > 1) Pick a set for a game in the bar above, or begin one here.@endif A set for the game comes below it, with what the game can be told to do.</p>
            <h2 class="column__title">The game has a list</h2>
            <form data-does="look" method="post" action="{{ route('import.bring') }}" enctype="multipart/form-data" class="upload">@csrf<input type="hidden" name="below" value="{{ $place->record->id }}">
                <label class="field field--tall"><span>A catalogue of a simulator (JSON), or a table of actions (CSV). It is shown first; nothing is changed.</span><input type="file" name="file" accept=".json,.csv,application/json,text/csv" required></label>
                <button class="button">Look at it</button>
            </form>
            <h2 class="column__title">A list of your own</h2>
            <form data-does="record" method="post" action="{{ route('first.list') }}" class="upload">@csrf<input type="hidden" name="below" value="{{ $place->record->id }}">
                <label class="field field--tall"><span>Name of the game</span><input name="name" maxlength="60" required></label>
                <button class="button">Write its list</button>
            </form>
        </section>
    @else
    <section class="column" aria-labelledby="actions-title">
        <h1 id="actions-title">Actions <span class="column__note">{{ $catalogue->name }} can be told {{ count($catalogue->actions) }} things</span></h1>
        <div class="list-bar">
            <form data-does="look" method="post" action="{{ route('list.begin', $place->record->id) }}">@csrf<button class="button">Change this list</button></form>
            @foreach (['undo' => ['Undo in the list', $view->undo()], 'redo' => ['Do again in the list', $view->redo()]] as $step => [$words, $sentence])
                @if ($sentence !== null)<form data-does="record" method="post" action="{{ route('list.'.$step, $place->record->id) }}" data-edit novalidate>@csrf<input type="hidden" name="list" value="{{ $view->record->id }}"><input type="hidden" name="seen" value="{{ $view->record->head_id }}"><button class="button" title="{{ $sentence }}">{{ $words }}</button> <span class="column__note">{{ $sentence }}</span></form>@endif
            @endforeach
        </div>
        <form data-does="look" action="{{ route('actions', $place->record->id) }}" data-visit class="find"><label><span class="sr-only">Find an action</span><input type="search" name="find" value="{{ $view->find }}" placeholder="A part of a name, a key, a kind or a role, Enter finds it"></label></form>
        <div class="scroll actions-list" id="actions-list" tabindex="0" role="region" aria-label="Actions of {{ $catalogue->name }}">
            @if ($view->groups() === [])
                <p class="empty">No action has “{{ $view->find }}” in its name, its key, its kind or its role.</p>
            @else
            <table><thead><tr><th scope="col">Action</th><th scope="col">Kind</th><th scope="col">Its <x-term word="own key" /></th><th scope="col">Can be told by</th><th scope="col">Told by here</th><th scope="col">Done by</th><th scope="col"><x-term word="Role" /></th></tr></thead>
            @foreach ($view->groups() as $group => $actions)
                <tbody><tr class="actions-list__group"><th colspan="7" scope="rowgroup">{{ $group }} <small>{{ count($actions) }}</small></th></tr>
                @foreach ($actions as $action)
                    <tr><th scope="row">{{ $action->name }}@if ($action->essential) <small class="action__needed">needed</small>@endif</th><td>{{ $action->kind->value }}</td>
                        <td>@if ($action->key !== null)<span class="way">{{ $action->key->label() }}</span>@endif</td><td>{{ implode(', ', $catalogue->toldBy($action)) }}</td><td>@if (($way = $view->way($action)) !== '')<span class="way">{{ $way }}</span>@else no way yet @endif</td>
                        <td>@if ($view->spots($action) !== [])<a href="{{ route('assign', ['set' => $place->record->id, 'layer' => $view->spots($action)[0]->layer, 'ref' => $view->spots($action)[0]->ref]) }}">{{ $view->where($action) }}</a>@else<a class="link" href="{{ route('plan', ['set' => $place->record->id, 'take' => $action->id]) }}">{{ $action->isAxis() ? 'Move' : 'Press' }} a control</a>@endif</td>
                        <td>{{ $action->role }}</td></tr>
                @endforeach
                </tbody>
            @endforeach
            </table>
            @endif
        </div>
    </section>
    <section class="column scroll" aria-labelledby="kept-title" tabindex="0">
        <h2 class="column__title" id="kept-title">Keys that are kept</h2>
        @forelse ($view->kept() as $who => $keys)
            <table><caption class="tag">{{ $who }}</caption><tbody>@foreach ($keys as $key)<tr><th scope="row"><span class="way">{{ $key->key->label() }}</span></th><td>{{ $key->opens === '' ? 'kept for itself' : ucfirst($key->opens) }}</td></tr>@endforeach</tbody></table>
        @empty
            <p class="empty">No key is known that {{ $catalogue->name }} or the desktop keeps.</p>
        @endforelse
        <p class="hint">A plan never takes them. What sends one all the same is told on the <a class="link" href="{{ route('plan', $place->record->id) }}">plan</a>. Another list, or a newer one of this simulator, is brought on <a class="link" href="{{ route('sets', $place->record->id) }}">Sets</a>.</p>
    </section>
    @endif
</x-layout>
