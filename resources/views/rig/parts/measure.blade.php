@if ($view->axis === null)
    <p class="empty">{{ $view->device->name }} has no axis to measure.</p>
@else
@php($axis = $view->axis)
@php($name = $place->set->rig->nameOf($axis->ref))
<div class="scroll measure" id="measure-scroll" tabindex="0" role="region" aria-label="Measuring {{ $name }}">
    <p class="chips">@foreach ($view->device->axes() as $other)<a class="chip" href="{{ $view->link(['ref' => $other->ref]) }}" data-refresh data-row="{{ $other->ref }}" @if ($other->ref === $axis->ref) aria-current="true" @endif>{{ $place->set->rig->nameOf($other->ref) }} <small>{{ $view->isCalibrated($other) ? 'calibrated' : 'not calibrated' }}</small></a>@endforeach</p>
    <p class="measure__now">Now reads <b class="figure" data-show="{{ $axis->ref }}" data-part="reading">–</b>, travel <b class="figure" data-show="{{ $axis->ref }}" data-part="travel">–</b>, shaped <b class="figure" data-show="{{ $axis->ref }}" data-part="value">–</b><br><span class="column__note">{{ $view->shapedAs($axis) }}</span></p>
    @if (($own = $view->ownParts($axis)) !== [])<p class="notice notice--changed">{{ $place->set->merged->own->name }} says its own {{ implode(' and ', $own) }} for this axis; that stays until it is given back on Shape.</p>@endif
    <ol @class(['steps', 'steps--done' => $view->measured !== null]) data-steps>
        @foreach (Nailrod\Core\Engine\Survey\SweepPhase::cases() as $phase)<li data-phase="{{ $phase->value }}"><b>{{ ucfirst($phase->value) }}</b> {{ $phase->task() }}</li>@endforeach
    </ol>
    <p class="complaint" data-complaint role="alert" hidden></p>
    <p class="panel__row"><button type="button" class="button button--main" data-survey="measure" data-ref="{{ $axis->ref }}" data-begin>{{ $view->measured === null ? 'Measure' : 'Measure again' }} {{ $name }}</button>
        <button type="button" class="button" data-survey="next" data-going hidden>It is done: go on</button>
        <button type="button" class="link" data-survey="end" data-going hidden>Stop measuring</button>
        <span class="figure" data-sweep-time></span></p>
    <div class="measure__flips">
        <p><button type="button" class="link" data-survey="flip" data-ref="{{ $axis->ref }}">It is a switch: flip it through its positions</button></p>
        <div data-flips hidden>
            <p class="says" data-flips-words role="status"></p>
            <form data-does="edit" method="post" action="{{ route('rig.flipped', $place->edited->id) }}" data-edit novalidate class="panel__row">{{ $place->from() }}<input type="hidden" name="open" value="{{ $place->record->id }}">
                <button class="button button--main" data-flips-take disabled>Make a zone of each</button>
                <button type="button" class="link" data-survey="end">Stop</button>
            </form>
        </div>
    </div>
    @if (($measured = $view->measured) !== null)
        <svg class="sweep" viewBox="-34 -8 {{ $measured::WIDTH + 40 }} {{ $measured::HEIGHT + 30 }}" role="img" aria-label="Readings of the sweep over time">
            @foreach ($measured->phases() as $phase)
                <path class="sweep__edge" d="M{{ round($phase['to'], 1) }} 0V{{ $measured::HEIGHT }}" /><text class="plot__mark" x="{{ round(($phase['from'] + $phase['to']) / 2, 1) }}" y="{{ $measured::HEIGHT + 15 }}" text-anchor="middle">{{ $phase['to'] - $phase['from'] > 70 ? $phase['phase']->value : $loop->iteration }}</text>
            @endforeach
            <rect class="sweep__range" x="0" y="{{ $measured->y($measured->report->top()) }}" width="{{ $measured::WIDTH }}" height="{{ $measured->y($measured->report->bottom()) - $measured->y($measured->report->top()) }}" />
            @foreach ([[$measured->report->top(), '12'], [$measured->report->bottom(), '-4']] as [$end, $below])<text class="plot__mark" x="-4" y="{{ $measured->y($end) + 4 }}" text-anchor="end">{{ $end }}</text>@endforeach
            <path class="sweep__line" d="{{ $measured->path() }}" />
        </svg>
        <div class="measure__results">
            <div>
            <table class="figures figures--result"><caption>What comes of it</caption><thead><tr><th scope="col"><span class="sr-only">Where</span></th><th scope="col" class="right">{{ $measured->isTaken() ? 'uncalibrated' : 'as it is' }}</th><th scope="col" class="right">{{ $measured->isTaken() ? 'now' : 'proposed' }}</th></tr></thead><tbody>
                @foreach ($measured->figures() as $where => [$before, $after])<tr><th scope="row">{{ $where }}</th><td class="right figure">{{ $before }}</td><td class="right figure figure--after">{{ $after }}</td></tr>@endforeach
            </tbody></table>
            </div>
            <table class="figures"><caption>What was measured</caption><tbody>
                @foreach ($measured->facts() as $what => $value)<tr><th scope="row"><x-term :word="$what" /></th><td class="right figure">{{ $value }}</td></tr>@endforeach
            </tbody></table>
        </div>
        <form data-does="edit" method="post" action="{{ route('rig.measured', $place->edited->id) }}" data-edit novalidate class="take">{{ $place->from() }}
            <ul class="measure__lines">
                @foreach ($measured->proposals() as $what => $proposed)<li>@if ($proposed['isTaken'])<span>✓ {{ $what }}</span>@else<label class="check"><input type="checkbox" name="parts[]" value="{{ $proposed['part'] }}" checked> {{ $what }}</label>@endif<span>{{ $proposed['words'] }} <span class="column__note">{{ $proposed['reason'] }}</span></span></li>@endforeach
            </ul>
            @if ($measured->isTaken())<p class="verdict verdict--good">This is how the axis is shaped now.</p>@else<p class="panel__row"><button class="button button--main">Take what is ticked</button><span class="column__note">One step back (Ctrl+Z) undoes it.</span></p>@endif
        </form>
    @else
        <h3>All axes of the rig</h3>
        <table class="axes-of-rig"><tbody>
            @foreach ($view->axes() as [$other, $device])<tr><th scope="row"><a class="link" href="{{ route('rig', ['set' => $place->record->id, 'device' => $device->id, 'do' => 'measure', 'ref' => $other->ref]) }}" data-refresh>{{ $device->name }} {{ $place->set->rig->nameOf($other->ref) }}</a></th><td>{{ $view->isCalibrated($other) ? 'calibrated' : 'not calibrated' }}</td><td class="column__note">{{ $view->shapedAs($other) }}</td></tr>@endforeach
        </tbody></table>
    @endif
</div>
@endif
