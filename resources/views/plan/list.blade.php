@php($list = $view->list)
@php($catalogue = $list->catalogue)
@php($text = fn (string $name, string $now) => old(str_replace(['[', ']'], ['.', ''], $name), $now))
<x-plain :title="$list->name" script="list">
    <h1>{{ $list->from !== null ? $list->name : 'A list of actions' }}@if ($list->from === null) <span class="column__note">{{ $list->name }}</span>@endif</h1>
    @if ($list->notHere !== '')<p class="says says--warn">The address names a use that is not here. It is shown as {{ $list->choices[$list->for] }}.</p>@endif
    @if ($list->from === null && count($list->choices) > 1)
        <form data-does="look" action="{{ route('import.show', $view->id) }}" class="list__for">
            <label class="field"><span>This is</span><select name="for">{{ App\Forms\Options::of($list->choices, $list->for) }}</select></label>
            <button class="button">Show it so</button>
        </form>
    @endif
    @if ($list->isForKeys())
        <p>Only its keys are taken, into a new set for {{ $list->choices[$list->for] }}. What else the list says is left out.</p>
    @elseif ($catalogue->actions === [])
        <p>Write what {{ $catalogue->name }} can be told to do, one line each. A name is enough; a key is what the game itself has for it. More can be added later.</p>
    @else
        <p>{{ count($catalogue->actions) }} {{ count($catalogue->actions) === 1 ? 'action' : 'actions' }} in {{ count($catalogue->groups) }} {{ count($catalogue->groups) === 1 ? 'group' : 'groups' }}. Each can be changed here before it is taken; an action that is called something else stays the same for the sets.</p>
    @endif
    @if (! $list->isForKeys() && $catalogue->actions !== [])<x-no-roles :catalogue="$catalogue" />@endif
    <form data-does="record" method="post" action="{{ route('list.take', $view->id) }}" class="list" novalidate>@csrf
        <input type="hidden" name="for" value="{{ $list->for }}"><input type="hidden" name="seen" value="{{ $view->seen() }}"><input type="hidden" name="head" value="{{ $list->of?->head_id }}">
        @if (! $list->isForKeys())
            <p class="list__sim">
                <label class="field"><span>Simulator</span><input name="simulator" maxlength="60" value="{{ $text('simulator', $view->nameOfSimulator()) }}"></label>
                <label class="field"><span>sees so many controller buttons</span><input type="number" name="buttons" min="0" max="512" value="{{ $text('buttons', (string) $catalogue->buttons) }}"></label>
                <label class="field"><span>and axes</span><input type="number" name="axes" min="0" max="32" value="{{ $text('axes', (string) $catalogue->axes) }}"></label>
            </p>
            <p class="list__sim"><label class="field"><span>Find</span><input type="search" data-find placeholder="a part of a name, a key, a role"></label> <a class="link" href="#new-actions">New actions</a> <span class="column__note">are written at the end of the list</span></p>
            <div class="list__rows scroll" tabindex="0" role="region" aria-label="Actions"><table>
                <thead><tr>@foreach ($view->columns() as $label => $words)<th scope="col" title="{{ $words }}">{{ $label }}</th>@endforeach<th scope="col">Goes</th></tr></thead>
                <tbody>
                @foreach ($view->rows() as $id => $row)<x-list-row :name="'rows['.$id.']'" :row="$row" :id="(string) $id" :mark="$view->mark((string) $id)" :kinds="$view->kinds()" :text="$text" />@endforeach
                </tbody>
                <tbody class="list__new" id="new-actions"><tr><th colspan="10" scope="rowgroup">New actions</th></tr>
                @foreach ($view->blank() as $i => $row)<x-list-row :name="'new['.$i.']'" :row="$row" id="" mark="" :kinds="$view->kinds()" :text="$text" />@endforeach
                </tbody>
                @if (($view->change->removed ?? []) !== [])
                <tbody class="list__gone"><tr><th colspan="10" scope="rowgroup">What goes</th></tr>
                @foreach ($view->change->removed as $action)
                    <tr><th scope="row" colspan="7">{{ $action->name }}</th><td colspan="3"><label><input type="checkbox" name="stays[]" value="{{ $action->id }}"> stays all the same<span class="sr-only">: {{ $action->name }}</span></label></td></tr>
                @endforeach
                </tbody>
                @endif
            </table></div>
            <details class="columns-said"><summary class="link">What the columns say</summary><dl>@foreach ($view->columns() as $label => $words)<dt>{{ $label }}</dt><dd>{{ $words }}</dd>@endforeach</dl></details>
            <datalist id="groups">@foreach ($catalogue->groups as $group)<option value="{{ $group }}">@endforeach</datalist>
            <datalist id="roles">@foreach ($view->roles() as $role)<option value="{{ $role }}">@endforeach</datalist>
            <datalist id="variables">@foreach ($view->variables() as $variable)<option value="{{ $variable }}">@endforeach</datalist>
            <datalist id="keys">@foreach ($view->keys() as $code => $label)<option value="{{ $label }}" data-code="{{ $code }}">@endforeach</datalist>
        @endif
        @if ($view->change !== null)
            <section id="does" class="list__does" aria-labelledby="does-title" tabindex="-1"><h2 id="does-title">What it does</h2>
                @if ($view->change->isNothing())
                    <p class="empty">It is the list that is at hand, word for word.</p>
                @else
                    <ul>@foreach ($view->change->lines() as $line)<li>{{ $line }}</li>@endforeach</ul>
                    @forelse ($view->effects() as $set => $lines)
                        <div class="says says--warn"><p>From <strong>{{ $set }}</strong> {{ count($lines) === 1 ? 'one thing goes' : count($lines).' things go' }}; one step back in the list brings {{ count($lines) === 1 ? 'it' : 'them' }} back.</p><ul>@foreach ($lines as $line)<li>{{ $line }}</li>@endforeach</ul></div>
                    @empty
                        <p>{{ $view->sets() === 0 ? 'No set is for it yet.' : ($view->sets() === 1 ? 'The set that is for it keeps all it has.' : 'The '.$view->sets().' sets that are for it keep all they have.') }}</p>
                    @endforelse
                @endif
            </section>
        @else
            <div class="import__take">
                <label class="field field--tall"><span>Name of the set that is begun for it</span><input name="name" maxlength="60" required value="{{ $text('name', $view->nameOfSet()) }}"></label>
                <label class="field field--tall"><span>Inherits from</span><select name="parent"><option value="">nothing here</option>{{ App\Forms\Options::of($view->parents(), (string) $text('parent', (string) array_key_first($view->parents()))) }}</select></label>
            </div>
        @endif
        <input type="hidden" name="whole" value="1">
        <p class="list__end"><button class="button button--main">Take it</button>@if ($view->change !== null) <button class="button" formaction="{{ route('list.say', $view->id) }}">Show what it does</button>@endif <a class="link" href="{{ $list->from !== null ? route('actions', $list->from) : route('home') }}">Leave it</a></p>
    </form>
</x-plain>
