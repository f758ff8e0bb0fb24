@php($cell = $view->picked())
@php($output = $view->pickedOutput())
@php($action = $view->pickedAction())
@php($behaviour = $cell?->behaviour)
<header class="editor__head">
    <p class="editor__where"><span class="layer-dot layer--{{ Nailrod\Core\Set\LayerLook::of($place->set, $view->layer) }}"></span>{{ $place->set->layers[$view->layer]->name }}</p>
    <h2>{{ $view->nameOf($view->ref) }}</h2>
    <p class="says">{{ $place->words->sentenceOf($view->layer, $view->ref) }}</p>
    @if (($below = $place->below(Nailrod\Core\Set\PartPath::cell($view->layer, $view->ref))) !== '')<p class="below">{{ $below }}</p>@endif
    <div class="editor__buttons">
        @if ($place->saysItself(Nailrod\Core\Set\PartPath::cell($view->layer, $view->ref)) && count($place->set->merged->chain) > 1)
            <form data-does="edit" method="post" action="{{ route('give-back', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="path" value="cells/{{ $view->layer }}/{{ $view->ref }}"><button class="link">Give back</button></form>
        @endif
        @if ($cell !== null)
            <form data-does="edit" method="post" action="{{ route('cell.clear', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="layer" value="{{ $view->layer }}"><input type="hidden" name="ref" value="{{ $view->ref }}"><button class="link">Clear</button></form>
        @endif
        @if ($cell !== null && ! $cell->isNothing())<x-aside :place="$place" :path="Nailrod\Core\Set\PartPath::cell($view->layer, $view->ref)" :of="$view->nameOf($view->ref)" />@endif
        @if ($cell === null || ! $cell->isNothing())
            <form data-does="edit" method="post" action="{{ route('cell.assign', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="layer" value="{{ $view->layer }}"><input type="hidden" name="ref" value="{{ $view->ref }}"><input type="hidden" name="does" value="nothing"><button class="link" title="Nothing happens in this layer, whatever the base layer says">Nothing</button></form>
        @endif
    </div>
</header>
@php($tick = ($place->set->rig->contacts[$view->ref] ?? null)?->isTick() === true)
@php($hidden = fn () => new Illuminate\Support\HtmlString('<input type="hidden" name="layer" value="'.e($view->layer).'"><input type="hidden" name="ref" value="'.e($view->ref).'">'))
<div class="editor__middle scroll" tabindex="0" role="region" aria-label="What it does">
@foreach ($view->troubles() as $trouble)<p class="says says--warn">{{ $trouble }}</p>@endforeach
@if ($view->isIdle())<div class="says says--warn">{{ $view->nameOf($view->ref) }} holds this layer, so what it does in it never comes. <form data-does="edit" method="post" action="{{ route('cell.clear', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}{{ $hidden() }}<button class="link">Clear it here</button></form></div>@endif
@if ($cell?->as !== null)
    <p class="behaves">It does as <a href="{{ route('assign', ['set' => $place->record->id, 'layer' => $view->layer, 'ref' => $cell->as]) }}" class="link" data-refresh>{{ $place->set->rig->fullNameOf($cell->as, ' · ') }}</a> does, whatever that is in the layer that is live.</p>
@endif
@if (! $view->isAxis() && $cell !== null && ! $cell->isNothing() && $cell->as === null)
    <div class="editor__fields editor__does">
        @include('make.parts.does', ['one' => $cell->either()[0], 'isElse' => false])
        @unless ($behaviour instanceof Nailrod\Core\Mapping\Behaviour\PlaysItsMacro)<label class="check"><input type="checkbox" name="beside" value="1" form="action-list"> The next action comes beside these</label>@endunless
        <form data-does="edit" method="post" action="{{ route('cell.depend', $place->record->id) }}" data-edit novalidate data-autosave class="editor__form whens">
            {{ $place->from() }}{{ $hidden() }}
            <x-condition-fields :conditions="$view->conditions($cell)" tall />
        </form>
    </div>
    @if ($cell->when !== null)
    <section class="editor__else" aria-label="Otherwise">
        <h3>Otherwise @if ($cell->otherwise === null)<small>nothing happens</small>@else<form data-does="edit" method="post" action="{{ route('cell.clear', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}{{ $hidden() }}<input type="hidden" name="else" value="1"><button class="link">Nothing otherwise</button></form>@endif</h3>
        @if ($cell->otherwise !== null)
        <div class="editor__fields editor__does">
            @include('make.parts.does', ['one' => $cell->otherwise, 'isElse' => true])
        </div>
        @endif
        <label class="check"><input type="checkbox" name="else" value="1" form="action-list"> The next action is done otherwise</label>
    </section>
    @endif
@endif
@if ($view->isAxis() && $cell !== null && ! $cell->isNothing())
    <form data-does="edit" method="post" action="{{ route('cell.hand-over', $place->record->id) }}" data-edit novalidate data-autosave class="editor__form editor__over">
        {{ $place->from() }}<input type="hidden" name="layer" value="{{ $view->layer }}"><input type="hidden" name="ref" value="{{ $view->ref }}">
        @foreach (Nailrod\Core\Set\HandOver::fields()->all as $field){{ $view->fieldInput()->html($field, $field->name, $cell->over?->toArray()[$field->name] ?? $field->usual) }}@endforeach
    </form>
@endif
@if ($cell === null || ($action === null && ! $cell->isNothing()))
@include('make.parts.sends', ['isOpen' => true])
@endif
</div>
<div class="editor__more scroll" tabindex="0" role="region" aria-label="More of it">
@if ($action !== null)
    <div class="editor__fields">
        <form data-does="edit" method="post" action="{{ route('way.save', $place->record->id) }}" data-edit novalidate data-autosave class="editor__form">
            {{ $place->from() }}<input type="hidden" name="action" value="{{ $action->id }}">
            <label class="field field--tall"><span>{{ $action->name }} reaches the game by</span><select name="way">
                @if ($view->actions->wayOf($action) === null)<option value="">no way yet: choose one</option>@endif
                @foreach ($view->actions->waysOf($action) as $json => $words)<option value="{{ $json }}" @selected(($view->actions->wayOf($action) === null ? '' : $place->words->output($view->actions->wayOf($action))) === $words)>{{ $words }}</option>@endforeach
            </select></label>
        </form>
        <x-origin :place="$place" :origin="$place->originOf(Nailrod\Core\Set\PartPath::way($action->id))" path="ways/{{ $action->id }}" />
    </div>
@endif
@if (($advice = $view->advice()) !== null)
    <div class="advice"><strong>The game only offers a flip for this.</strong> A two-way switch can fall out of step with it. Its variable can be written instead, one value each way.
        <form data-does="edit" method="post" action="{{ route('cell.in-step', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="layer" value="{{ $view->layer }}"><input type="hidden" name="ref" value="{{ $view->ref }}"><button class="link">Use the variable</button></form>
    </div>
@endif
@unless ($cell === null || ($action === null && ! $cell->isNothing()))
@include('make.parts.sends', ['isOpen' => false])
@endunless
@php($picked = $place->set->rig->contacts[$view->ref] ?? null)
@php($beside = $view->beside())
@php($others = $beside->others())
@if ($picked !== null)
<details class="editor__other" id="as" @if ($cell?->as !== null) open @endif>
    <summary>As another control does</summary>
    <form data-does="edit" method="post" action="{{ route('cell.as', $place->record->id) }}" data-edit novalidate class="editor__form">
        {{ $place->from() }}{{ $hidden() }}
        <label class="field field--tall"><span>As</span><select name="as" data-of="contact" data-any>{{ App\Forms\Options::of($beside->examples(), $cell?->as) }}</select></label>
        <button class="button">Do as it does</button>
    </form>
</details>
@endif
@if ($picked !== null && $picked->isReported() && $others !== [])
<details class="editor__other editor__chords" id="chords" @if ($beside->chords() !== []) open @endif>
    <summary>Together with another</summary>
    <ul class="outputs chords">@foreach ($beside->chords() as $id => $chord)
        <li>{{ implode(' + ', array_map($view->nameOf(...), $chord->of)) }} within {{ $chord->within / 1000 }} ms{{ $chord->held > 0 ? ', held for '.($chord->held / 1000).' ms' : '' }}: {{ implode(' and ', array_map($place->words->output(...), $chord->outputs)) }}
            <form data-does="edit" method="post" action="{{ route('cell.remove-chord', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}{{ $hidden() }}<input type="hidden" name="chord" value="{{ $id }}"><button class="link" title="Take this chord away">✕<span class="sr-only">Take {{ $chord->name }} away</span></button></form>
            <form data-does="edit" method="post" action="{{ route('cell.time-chord', $place->record->id) }}" data-edit novalidate data-autosave class="editor__form">{{ $place->from() }}{{ $hidden() }}<input type="hidden" name="chord" value="{{ $id }}">@foreach (['within_ms' => ['within', $chord->within], 'held_ms' => ['held', $chord->held]] as $field => [$name, $us]){{ $view->fieldInput()->html(Nailrod\Core\Set\Chord::fields()->all[$field], $name, $us / 1000) }}@endforeach</form>
        </li>
    @endforeach</ul>
    <form data-does="edit" method="post" action="{{ route('cell.chord', $place->record->id) }}" data-edit novalidate class="editor__form">
        {{ $place->from() }}{{ $hidden() }}
        <label class="field field--tall"><span>With</span><select name="together" data-of="contact" data-any>{{ App\Forms\Options::of($others) }}</select></label>
        <label class="field field--tall"><span>And</span><select name="third" data-of="contact" data-any><option value="">nothing else</option>{{ App\Forms\Options::of($others) }}</select></label>
        {{ $view->fieldInput()->html(Nailrod\Core\Set\Chord::fields()->all['within_ms'], 'within', Nailrod\Core\Set\Chord::WITHIN_MS) }}
        {{ $view->fieldInput()->html(Nailrod\Core\Set\Chord::fields()->all['held_ms'], 'held', 0.0) }}
        @php($first = $catalogue === null ? 'button' : 'action')
        {{ $beside->chordForm()->chooser('Does', $first) }}
        @if ($catalogue !== null)<label class="field field--tall" data-kinds="action"><span>Action</span><select name="output[action]" data-of="action">{{ App\Forms\Options::of(App\Forms\Options::actions($catalogue)) }}</select></label>@endif
        {{ $beside->chordForm()->fields($first, [], $view->begins()) }}
        <button class="button">Put together</button>
    </form>
</details>
@endif
@php($numbers = $view->outputs()->numbers())
<div class="editor__other editor__numbers" id="numbers">
    <a class="editor__open" href="{{ $view->withMore($view->more === 'numbers' ? '' : 'numbers') }}" data-refresh aria-expanded="{{ $view->more === 'numbers' ? 'true' : 'false' }}">Free {{ $view->isAxis() ? 'axes' : 'outputs' }}: lowest {{ $numbers->lowest() ?? 'none' }}, highest {{ $numbers->highest() ?? 'none' }}</a>
    @if ($view->more === 'numbers')
    @php($chart = $view->outputs()->chart())
    <p class="hint">{{ $catalogue === null ? 'A controller has' : $catalogue->name.' sees' }} {{ $numbers->most }}; {{ count($numbers->free()) }} are free.@foreach ([2, 4, 8] as $n) @if ($numbers->block($n) !== null) {{ $n }} in a row from {{ $numbers->block($n) }}.@endif @endforeach {{ $numbers->gaps() === [] ? 'No gaps.' : 'Gaps: '.implode(', ', array_slice($numbers->gaps(), 0, 8)).(count($numbers->gaps()) > 8 ? ' and more' : '').'.' }}@if ($numbers->unseen() !== []) Not seen: {{ implode(', ', $numbers->unseen()) }}.@endif</p>
    <div class="numbers">@for ($n = 1; $n <= $numbers->most; $n++)
        @if (isset($chart[$n]))<span class="numbers__used" title="{{ implode(', ', $chart[$n]['hears']) ?: $chart[$n]['at'][0] ?? '' }}">{{ $n }}</span>@else<button type="button" data-number="{{ $n }}">{{ $n }}</button>@endif
    @endfor</div>
    <table class="chart"><caption class="sr-only">Where each {{ $view->isAxis() ? 'axis' : 'output' }} is used, and what the game hears</caption><thead><tr><th scope="col">No.</th><th scope="col">Used by</th><th scope="col">Game hears</th></tr></thead><tbody>
        @foreach ($chart as $n => $line)<tr><td class="number">{{ $n }}</td><td>{{ implode('; ', $line['at']) ?: 'nothing yet' }}</td><td>{{ implode('; ', $line['hears']) ?: 'nothing' }}</td></tr>@endforeach
    </tbody></table>
@endif
</div>
@if ($cell !== null && count($place->set->layers) > 1 && ($view->layer !== 'base' || $view->isElsewhere()))
<div class="editor__other editor__layers">
    <form data-does="edit" method="post" action="{{ route('cell.everywhere', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}{{ $hidden() }}<button class="link" title="Every layer does what {{ $place->set->layers[$view->layer]->name }} does here">Same in every layer</button></form>
    @if ($view->layer !== 'base' && $view->isElsewhere())<form data-does="edit" method="post" action="{{ route('cell.only', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}{{ $hidden() }}<button class="link" title="What the other layers do with {{ $view->nameOf($view->ref) }} is taken away">Only in this layer</button></form>@endif
</div>
@endif
<details class="editor__other editor__transfer" id="transfer">
    <summary>Copy, move, swap</summary>
    <form data-does="edit" method="post" action="{{ route('cell.transfer', $place->record->id) }}" data-edit novalidate class="editor__form transfer">
        {{ $place->from() }}{{ $hidden() }}
        <label class="field field--tall"><span>What</span><select name="what"><option value="cell">this cell</option><option value="row">the whole row</option><option value="layer">the whole layer</option></select></label>
        <label class="field field--tall"><span>How</span><select name="how">{{ App\Forms\Options::of(['copy' => 'copy to', 'move' => 'move to', 'swap' => 'swap with', 'clear' => 'clear']) }}</select></label>
        <label class="field field--tall to-ref"><span>Control</span><select name="to_ref" data-of="{{ $view->isAxis() ? 'axis' : 'contact' }}" data-any>{{ App\Forms\Options::of($view->near(), $view->ref) }}</select></label>
        <label class="field field--tall to-layer"><span>Layer</span><select name="to_layer" data-of="layer">{{ App\Forms\Options::of(App\Forms\Options::names($place->set->layers), $view->layer) }}</select></label>
        <button class="button">Do it</button>
    </form>
</details>
</div>
