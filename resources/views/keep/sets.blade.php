@php($place = $view->place)
@php($post = fn (string $route) => route($route, $place->record->id))
@php($own = $place->set->merged->own)
<x-layout :place="$place" title="Sets">
    <section class="column sets-list" aria-labelledby="sets-title">
        <h1 id="sets-title">Sets <span class="column__note">what is said in one holds in all below it, until one of them says otherwise</span> <a class="link sets-first" href="{{ route('first') }}">The first page</a></h1>
        <div class="scroll" tabindex="0" role="region" aria-label="All sets" id="all-sets"><table class="all-sets">
            <thead><tr><th scope="col">Set</th><th scope="col">Simulator</th><th scope="col"><x-term word="Says itself" /></th></tr></thead><tbody>
            @foreach ($view->sets() as $set)
                <tr @class(['is-picked' => $set['id'] === $place->record->id])><th scope="row"><a class="sets__item--{{ $set['depth'] }}" href="{{ route('sets', $set['id']) }}" data-set-row="{{ $set['id'] }}" @if ($set['id'] === $place->record->id) aria-current="true" @endif>{{ $set['name'] }}</a></th><td>{{ $set['game'] ?: '–' }}</td><td class="column__note">{{ $set['says'] }}</td></tr>
            @endforeach
            </tbody></table>
            @if ($view->removed() !== [])<h2 class="column__title">Deleted</h2><ul class="left-out">@foreach ($view->removed() as $id => $name)<li>{{ $name }} <form data-does="record" method="post" action="{{ $post('sets.bring-back') }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="id" value="{{ $id }}"><button class="link">Bring it back</button></form></li>@endforeach</ul>@endif
            @if ($view->demo() !== null)<form data-does="record" method="post" action="{{ $view->demo() ? route('demo.put-away') : route('demo.bring-back') }}" class="sets-demo">@csrf<button class="link" id="demo-turn">{{ $view->demo() ? 'Put the demo away' : 'Bring the demo back' }}</button> <span class="column__note">{{ $view->demo() ? 'It is not listed then; nothing of it is lost.' : 'As it was when it was put away.' }}</span></form>@endif
            @if (($root = $view->withoutSteps()) !== null)<form data-does="record" method="post" action="{{ route('steps', $root->id) }}" data-edit novalidate class="sets-demo">@csrf<button class="link" name="again" value="1">List the first steps of {{ $root->name }}</button></form>@endif
        </div>
        <h2 class="column__title" id="said-title">What was said in {{ $own->name }} <span class="column__note">the newest first; undo goes back step by step</span></h2>
        <ol class="revisions scroll" tabindex="0" aria-labelledby="said-title" id="revisions">
            @foreach ($place->history(60) as $revision)<li><time class="figure" datetime="{{ $revision->created_at->toIso8601String() }}" data-local>{{ $revision->created_at->format('Y-m-d H:i') }}</time> {{ $revision->sentence }} <small>{{ $revision->author }}</small></li>@endforeach
        </ol>
    </section>
    <section class="column sets-one" aria-labelledby="one-title">
        <h2 class="column__title" id="one-title">{{ $own->name }}</h2>
        <form data-does="edit" method="post" action="{{ $post('sets.rename') }}" data-edit novalidate class="sets-form">{{ $place->from() }}<label class="field field--tall"><span>Name</span><input name="name" maxlength="60" value="{{ $own->name }}" required></label><button class="button">Rename</button></form>
        <form data-does="record" method="post" action="{{ $post('sets.new') }}" data-edit novalidate class="sets-form">{{ $place->from() }}<label class="field field--tall"><span>New set below it, as for a vehicle</span><input name="name" maxlength="60" placeholder="Its name" required></label>@if ($place->set->catalogue === null)<label class="field field--tall"><span>Simulator</span><select name="simulator"><option value="">none yet</option>{{ App\Forms\Options::of($view->offered()) }}</select></label>@endif<button class="button">Begin it</button></form>
        <form data-does="record" method="post" action="{{ $post('sets.duplicate') }}" data-edit novalidate class="sets-form">{{ $place->from() }}<label class="field field--tall"><span>Copy beside it</span><input name="name" maxlength="60" value="{{ App\Sets\OwnNames::ofSet($own->name.' copy') }}" required></label><button class="button">Copy</button></form>
        @if ($view->children() === [] && count($place->sets) > 1)
            <form data-does="record" method="post" action="{{ $post('sets.remove') }}" data-edit novalidate class="sets-form">{{ $place->from() }}<p class="column__note">Deleting it takes what it says itself out of sight; it can be brought back.</p><button class="button">Delete {{ $own->name }}</button></form>
        @else<p class="column__note">{{ $view->children() === [] ? 'It is the only set, so it cannot be deleted.' : 'It cannot be deleted while '.implode(', ', $view->children()).(count($view->children()) === 1 ? ' inherits' : ' inherit').' from it.' }}</p>@endif
    </section>
    <section class="column scroll sets-files" aria-labelledby="files-title" tabindex="0">
        <h2 class="column__title" id="files-title">Out</h2>
        <ul class="outs">
            <li><a class="link" href="{{ route('file.download', $place->record->id) }}" download>The set alone</a> <span class="column__note">what it says itself; JSON</span></li>
            <li><a class="link" href="{{ route('file.bundle', $place->record->id) }}" download>With its parents</a> <span class="column__note">and devices and simulator: stands alone anywhere; JSON</span></li>
            @if ($place->set->catalogue !== null)
            <li><a class="link" href="{{ route('file.bindings', $place->record->id) }}" download>Binding list</a> <span class="column__note">what {{ $place->set->catalogue->name }} is told in its own settings; JSON</span></li>
            <li><a class="link" href="{{ route('file.keys', $place->record->id) }}" download>Key list</a> <span class="column__note">actions, keys and what reaches them; CSV</span></li>
            @endif
            <li><a class="link" href="{{ route('file.summary', $place->record->id) }}" download>Summary</a> <span class="column__note">to read or send; plain text</span></li>
        </ul>
        <h2 class="column__title">In</h2>
        <form data-does="look" method="post" action="{{ route('import.bring') }}" enctype="multipart/form-data" class="upload">@csrf
            <label class="field field--tall"><span>A set, a catalogue of a simulator (JSON), or a table of actions (CSV); also a newer one of a simulator that is here. It is shown first; nothing is changed.</span><input type="file" name="file" accept=".json,.csv,application/json,text/csv" required></label>
            <button class="button">Look at it</button>
        </form>
        <details class="columns-said" id="columns"><summary class="link">What a table of actions looks like</summary>
            <dl>@foreach (Nailrod\Core\Exchange\ActionRow::SAID as $column => $words)<dt>{{ $column }}</dt><dd>{{ $words }}</dd>@endforeach</dl>
            <pre role="figure" tabindex="0" aria-label="An example of a table of actions">{{ Nailrod\Core\Exchange\CatalogueTable::EXAMPLE }}</pre>
        </details>
        @if ($place->set->catalogue !== null)
        <form data-does="edit" method="post" action="{{ route('file.take-bindings', $place->record->id) }}" enctype="multipart/form-data" data-edit novalidate class="upload">{{ $place->from() }}
            <label class="field field--tall"><span>A binding list or key list of {{ $place->set->catalogue->name }}, into {{ $own->name }}; it can be undone</span><input type="file" name="file" accept=".json,.csv" required></label>
            <button class="button">Take its ways</button>
        </form>
        @endif
    </section>
</x-layout>
