{{-- What the checks have found, each with its sentence, where it is, and what would mend it; apart from that, what is meant to be so. --}}
<ul class="told" data-meant-count="{{ count($report->meant) }}">
    @forelse ($report->told as $finding)
        <li class="told__item" data-told="{{ json_encode(['spots' => array_map(strval(...), $finding->spots), 'actions' => $finding->actions]) }}" data-kind="{{ str_replace(' ', '-', $finding->kind) }}">
            <p><span class="tag told__kind">{{ $finding->kind }}</span> {{ $finding->sentence }}@if (isset($report->reasons[$finding->id()])) <span class="column__note">It was meant, “{{ $report->reasons[$finding->id()] }}”, but what it speaks of has changed.</span>@endif</p>
            <div class="told__do">
                @if ($finding->mend !== null)<form data-does="edit" method="post" action="{{ route('mend', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="finding" value="{{ $finding->id() }}"><button class="link">{{ $finding->mend->words }}</button></form>@endif
                @if ($finding->spots !== [])<a class="link link--quiet" href="{{ route('assign', ['set' => $place->record->id, 'layer' => $finding->spots[0]->layer, 'ref' => $finding->spots[0]->ref]) }}" @if (! isset($elsewhere)) data-refresh @endif>Show it</a>@endif
                <details class="told__mean"
                    id="mean-{{ Nailrod\Core\Advice\Check\FindingsReport::path($finding)->key }}"><summary
                    class="link link--quiet">It is meant</summary>
                    <form data-does="edit" method="post" action="{{ route('meant', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="finding" value="{{ $finding->id() }}">
                        <label class="field field--tall"><span>Why</span><input name="why" maxlength="200" required value="{{ $report->reasons[$finding->id()] ?? '' }}"></label>
                        @if (count($place->set->merged->chain) > 1)<label class="field field--tall"><span>From</span><select name="in">@foreach (array_reverse($place->set->merged->chain) as $document)<option value="{{ $document->id }}">{{ $document->name }}{{ $loop->first ? ', this set' : ' on' }}</option>@endforeach</select></label>@endif
                        <button class="button">Leave it so</button>
                    </form>
                </details>
            </div>
        </li>
    @empty
        <li class="empty">Nothing: no key is lost, no output unseen, nothing driven twice, all that is needed is reached.</li>
    @endforelse
    @foreach (array_keys(array_count_values(array_column($report->told, 'kind')), Nailrod\Core\Advice\Check\Checks::MOST) as $kind)<li class="column__note">There may be more of the sort “{{ $kind }}”; they come when these are mended.</li>@endforeach
</ul>
@if ($report->meant !== [])
<details class="told-meant" id="told-meant"><summary class="link">Meant: {{ count($report->meant) }}</summary>
    <ul class="told">@foreach ($report->meant as $finding)<li class="told__item told__item--meant"><p><span class="tag told__kind">{{ $finding->kind }}</span> {{ $finding->sentence }} <span class="column__note">“{{ $report->reasons[$finding->id()] }}”</span></p>
        <div class="told__do"><form data-does="edit" method="post" action="{{ route('meant', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="finding" value="{{ $finding->id() }}"><input type="hidden" name="again" value="1"><button class="link">Tell it again</button></form>
        @if ($finding->spots !== [])<a class="link link--quiet" href="{{ route('assign', ['set' => $place->record->id, 'layer' => $finding->spots[0]->layer, 'ref' => $finding->spots[0]->ref]) }}" @if (! isset($elsewhere)) data-refresh @endif>Show it</a>@endif</div></li>@endforeach</ul>
</details>
@endif
