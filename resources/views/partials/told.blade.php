{{-- What the checks have found, each with its sentence, where it is, and what would mend it. --}}
<ul class="told">
    @forelse ($findings as $finding)
        <li class="told__item" data-told="{{ json_encode(['spots' => array_map(strval(...), $finding->spots), 'actions' => $finding->actions]) }}" data-kind="{{ str_replace(' ', '-', $finding->kind) }}">
            <p><span class="tag told__kind">{{ $finding->kind }}</span> {{ $finding->sentence }}</p>
            <div class="told__do">
                @if ($finding->mend !== null)<form method="post" action="{{ route('mend', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="finding" value="{{ $finding->id() }}"><button class="link">{{ $finding->mend->words }}</button></form>@endif
                @if ($finding->spots !== [])<a class="link link--quiet" href="{{ route('assign', ['set' => $place->record->id, 'layer' => $finding->spots[0]->layer, 'ref' => $finding->spots[0]->ref]) }}" @if (! isset($elsewhere)) data-refresh @endif>Show it</a>@endif
            </div>
        </li>
    @empty
        <li class="empty">Nothing: no key is lost, no output unseen, nothing driven twice, all that is needed is reached.</li>
    @endforelse
    @foreach (array_keys(array_count_values(array_column($findings, 'kind')), Nailrod\Core\Check\Checks::MOST) as $kind)<li class="column__note">There may be more of the sort “{{ $kind }}”; they come when these are mended.</li>@endforeach
</ul>
