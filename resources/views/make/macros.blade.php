@php($place = $view->place)
@php($macro = $view->macro)
@php($post = fn (string $route) => route($route, $place->record->id))
@php($hidden = new Illuminate\Support\HtmlString($macro === null ? '' : '<input type="hidden" name="id" value="'.e($macro->id).'">'))
<x-layout :place="$place" title="Macros">
    <section class="column macros__list" aria-label="The macros of this set">
        <h1>Macros</h1>
        <ul class="picks scroll" tabindex="0" aria-label="Macros">
            @foreach ($place->set->macros as $id => $one)
                @php($uses = $view->use->of($id))
                <li><a href="{{ route('macros', ['set' => $place->record->id, 'macro' => $id]) }}" data-refresh class="pick" @if ($id === $macro?->id) aria-current="true" @endif><span>{{ $one->name }}</span><small>{{ $place->set->isAside(Nailrod\Core\Set\PartPath::macro((string) $id)) ? 'set aside · ' : '' }}{{ $view->timeOf($one) }} · {{ $uses === [] ? 'nothing plays it' : (count($uses) === 1 ? '1 use' : count($uses).' uses') }}@if ($one->when !== null) · {{ $place->words->condition($one->when) }}@endif</small></a></li>
            @endforeach
        </ul>
        @if ($place->set->macros === [])<p class="empty">No macro yet. A macro is a row of presses, waits and texts that one press plays.</p>@endif
        <form data-does="edit" method="post" action="{{ $post('macro.add') }}" data-edit novalidate class="inline-new">
            {{ $place->from() }}
            <label class="field field--tall"><span>New macro</span><input name="name" maxlength="60" required placeholder="Harbour call"></label>
            <button class="button">Make it</button>
        </form>
    </section>
    @if ($macro !== null)
    <section class="column macros__line" aria-label="{{ $macro->name }}">
        <header class="macros__head">
            <form data-does="edit" method="post" action="{{ $post('macro.say') }}" data-edit novalidate data-autosave class="macros__name">{{ $place->from() }}{{ $hidden }}<label><span class="sr-only">Name</span><input name="name" maxlength="60" value="{{ $macro->name }}"></label></form>
            <button type="button" class="button button--main" data-try-macro="{{ $macro->id }}">Play it</button>
            <span class="figure">{{ $view->time($view->line->length) }} in all</span>
            <x-aside :place="$place" :path="Nailrod\Core\Set\PartPath::macro($macro->id)" :of="$macro->name" />
            <form data-does="edit" method="post" action="{{ $post('macro.copy') }}" data-edit novalidate>{{ $place->from() }}{{ $hidden }}<button class="link">Copy</button></form>
            <form data-does="edit" method="post" action="{{ $post('macro.remove') }}" data-edit novalidate>{{ $place->from() }}{{ $hidden }}<button class="link" title="Takes the macro away, and what plays it">Delete</button></form>
        </header>
        <form data-does="edit" method="post" action="{{ $post('macro.say') }}" data-edit novalidate data-autosave class="macros__about">{{ $place->from() }}{{ $hidden }}<label class="field"><span>What it is for</span><input name="about" id="macro-about" maxlength="200" value="{{ $macro->about }}" placeholder="in your words; it stands beside its name where it is chosen"></label></form>
        <p class="says">{{ $place->set->isAside(Nailrod\Core\Set\PartPath::macro($macro->id)) ? 'Set aside: ' : '' }}{{ $place->words->macro($macro) }}</p>
        @foreach ($place->told->of(Nailrod\Core\Set\PartPath::macro($macro->id)) as $sentence)<p class="says says--warn">{{ $sentence }}</p>@endforeach
        @php($lanes = $view->lanes())
        @if ($lanes === [])
            <p class="empty">It does nothing yet. Add a step on the right, or record what you press.</p>
        @else
        <svg class="timeline" id="timeline" height="{{ count($lanes) * App\View\Make\MacrosView::LANE + 26 }}" data-shown="{{ $view->shown() }}" role="group" aria-label="The macro on its time line; the table below says the same in numbers">
            @foreach ($view->grid() as $us)
                <line class="timeline__grid" x1="{{ $view->across($us) }}" x2="{{ $view->across($us) }}" y1="18" y2="100%" /><text class="timeline__time" x="{{ $view->across($us) }}" y="12">{{ $us / 1000 }}</text>
            @endforeach
            @foreach ($lanes as $at => $lane)
                @php($y = $at * App\View\Make\MacrosView::LANE + 22)
                <line class="timeline__base" x1="0" x2="100%" y1="{{ $y + 24 }}" y2="{{ $y + 24 }}" />
                @foreach ($lane['bars'] as $i => $bar)
                    @php($narrow = ! $bar->isText() && $bar->to - $bar->from < 0.02 * $view->shown() * (mb_strlen($view->nameOf($bar)) + 2) * 0.55)
                    <g @class(['bar', 'bar--text' => $bar->isText(), 'bar--narrow' => $narrow]) data-bar="{{ $i }}" data-from="{{ $bar->from }}" data-to="{{ $bar->to }}" @if ($bar->isText()) data-fixed @endif tabindex="0" role="slider" aria-label="{{ $view->nameOf($bar) }}" aria-valuemin="0" aria-valuemax="{{ $view->shown() / 1000 }}" aria-valuenow="{{ $bar->from / 1000 }}" aria-valuetext="from {{ $bar->from / 1000 }} to {{ $bar->to / 1000 }} ms">
                        <rect x="{{ $view->across($bar->from) }}" y="{{ $y }}" width="{{ $view->across(max(1, $bar->to - $bar->from)) }}" height="20" />
                        @unless ($bar->isText())<rect class="bar__end" x="{{ $view->across($bar->to) }}" y="{{ $y }}" width="9" height="20" transform="translate(-4 0)" />@endunless
                        <text x="{{ $view->across($narrow ? $bar->to : $bar->from) }}" y="{{ $y + 14 }}" dx="5">{{ $view->nameOf($bar) }}</text>
                    </g>
                @endforeach
            @endforeach
            <line class="timeline__end" x1="{{ $view->across($view->line->length) }}" x2="{{ $view->across($view->line->length) }}" y1="14" y2="100%" />
            <line class="timeline__now" id="timeline-now" x1="0" x2="0" y1="14" y2="100%" hidden />
        </svg>
        <p class="hint">Drag a bar to move it, its end to hold it longer. With the keys: <kbd>←</kbd> <kbd>→</kbd> move by 10 ms, with <kbd>Shift</kbd> by 1 ms, with <kbd>Alt</kbd> the end. While a text is typed nothing else begins or ends.</p>
        <form data-does="edit" method="post" action="{{ $post('macro.move-bar') }}" data-edit novalidate id="bar-moved" hidden>{{ $place->from() }}{{ $hidden }}<input name="bar"><input name="starts"><input name="lasts"></form>
        <div class="scroll steps-table" tabindex="0" role="region" aria-label="Steps in numbers">
            <table><thead><tr><th scope="col">Presses</th><th scope="col" colspan="2"><span class="times"><span>Starts, ms</span><span>Lasts, ms</span></span></th><th scope="col"><span class="sr-only">Take away</span></th></tr></thead><tbody>
            @foreach ($view->line->bars as $i => $bar)
                <tr data-step="{{ $i }}"><th scope="row">
                    @if ($bar->isText())
                        <form data-does="edit" method="post" action="{{ $post('macro.retype') }}" data-edit novalidate data-autosave class="retype">{{ $place->from() }}{{ $hidden }}<input type="hidden" name="bar" value="{{ $i }}">
                            <label><span class="sr-only">Text</span><textarea name="text" rows="2" maxlength="500">{{ $bar->text }}</textarea></label>
                            <label><span class="sr-only">Keyboard layout</span><select name="layout">{{ App\Forms\Options::of($view->layouts, $bar->layout) }}</select></label>
                            <label class="field"><span>Each key, ms</span><input type="number" name="key_ms" min="1" max="1000" step="1" value="{{ $bar->width / 1000 }}"></label>
                        </form>
                    @else
                        {{ $view->nameOf($bar) }}
                    @endif
                </th><td colspan="2">
                    <form data-does="edit" method="post" action="{{ $post('macro.move-bar') }}" data-edit novalidate data-autosave class="times">{{ $place->from() }}{{ $hidden }}<input type="hidden" name="bar" value="{{ $i }}">
                        <label><span class="sr-only">{{ $view->nameOf($bar) }} starts at, ms</span><input class="small" type="number" name="starts" min="0" max="600000" step="any" value="{{ $bar->from / 1000 }}"></label>
                        @if ($bar->isText())<input type="hidden" name="lasts" value="0"><span class="figure">{{ ($bar->to - $bar->from) / 1000 }}</span>@else<label><span class="sr-only">{{ $view->nameOf($bar) }} lasts, ms</span><input class="small" type="number" name="lasts" min="0" max="600000" step="any" value="{{ ($bar->to - $bar->from) / 1000 }}"></label>@endif
                    </form>
                </td><td><form data-does="edit" method="post" action="{{ $post('macro.remove-bar') }}" data-edit novalidate>{{ $place->from() }}{{ $hidden }}<input type="hidden" name="bar" value="{{ $i }}"><button class="link" title="Take this step away">✕<span class="sr-only">Take {{ $view->nameOf($bar) }} away</span></button></form></td></tr>
            @endforeach
            </tbody></table>
        </div>
        @endif
    </section>
    <section class="column macros__side scroll" aria-label="Steps and how it plays" tabindex="0">
        <h2 class="column__title">One more step</h2>
        <form data-does="edit" method="post" action="{{ $post('macro.bar') }}" data-edit novalidate class="editor__form does">
            {{ $place->from() }}{{ $hidden }}
            <x-output-fields :form="$view->outputForm()" does="key" :begins="$view->begins()" />
            <label class="field field--tall" data-kinds="type" hidden><span>Text; a new line is Enter</span><textarea name="text" rows="3" maxlength="500" cols="30">Text</textarea></label>
            <label class="field field--tall" data-kinds="type" hidden><span>Typed on</span><select name="layout">{{ App\Forms\Options::of($view->layouts, 'us') }}</select></label>
            <label class="field field--tall" data-kinds="type" hidden><span>Each key, ms</span><input type="number" name="key_ms" min="1" max="1000" step="1" value="20"></label>
            <label class="field field--tall for-length"><span>Lasts, ms</span><input type="number" name="lasts" min="1" max="600000" step="1" value="60"></label>
            <button class="button">Add at the end</button>
        </form>
        <h2 class="column__title">Record</h2>
        <div class="recording" data-macro-record>
            <p><button type="button" class="button" data-steps-from="keys" aria-pressed="false">From the keyboard</button> <button type="button" class="button" data-steps-from="rig" aria-pressed="false">From the rig</button></p>
            <p class="hint" data-record-says>Keys are taken as you press them, or what the rig sends while you work it; it comes after the last step.</p>
            <p class="hint">Mid-game a control does it: <em>record a macro</em>, on Assign.</p>
            <form data-does="edit" method="post" action="{{ $post('macro.record') }}" data-edit novalidate id="macro-recorded" hidden>{{ $place->from() }}{{ $hidden }}<input name="events"></form>
        </div>
        <h2 class="column__title">How it plays</h2>
        <form data-does="edit" method="post" action="{{ $post('macro.say') }}" data-edit novalidate data-autosave class="plays">
            {{ $place->from() }}{{ $hidden }}
            @foreach (Nailrod\Core\Mapping\Macro\Macro::howItPlays()->all as $field){{ $view->fieldInput()->html($field, $field->name, $macro->toArray()[$field->name] ?? $field->usual) }}@endforeach
            <x-condition-fields :conditions="$view->conditions()" />
        </form>
        <form data-does="edit" method="post" action="{{ $post('macro.say') }}" data-edit novalidate data-autosave class="plays">{{ $place->from() }}{{ $hidden }}<label class="field"><span>Pause at the end, ms</span><input type="number" name="pause" min="0" max="600000" step="any" value="{{ $view->line->pause() / 1000 }}"></label></form>
        <h2 class="column__title">Played by</h2>
        @foreach ($view->leftOut() as $sentence)<p class="says says--warn">{{ $sentence }}</p>@endforeach
        <ul class="uses">
            @forelse ($view->use->of($macro->id) as $use)
                <li><a href="{{ route('assign', ['set' => $place->record->id, 'layer' => $use['layer'], 'ref' => $use['ref']]) }}">{{ $use['words'] }}</a></li>
            @empty
                <li>Nothing yet. On <a href="{{ route('assign', $place->record->id) }}">Assign</a>, pick a control and choose “play a macro”.</li>
            @endforelse
        </ul>
        <p><x-origin :place="$place" :origin="$view->origin()" path="macros/{{ $macro->id }}" /></p>
    </section>
    @endif
</x-layout>
