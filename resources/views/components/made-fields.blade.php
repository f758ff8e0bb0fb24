@props(['place', 'view', 'made', 'id'])
{{-- What is made from axes: its fields, in the scale of its first axis. --}}
@php($kind = $made->kind())
@php($isBuilt = $made instanceof Nailrod\Core\Made\BuiltAxis)
<details class="part part--made" key="made-{{ $id }}" id="part-made-{{ $id }}">
    <summary class="part__head"><h3>{{ $made->name() }} <small>{{ $made instanceof Nailrod\Core\Made\Threshold ? 'threshold' : $kind }}</small></h3><span class="part__says" data-made-state="made/{{ $id }}">{{ $view->sentenceOfMade($made) }}</span></summary>
    <form method="post" action="{{ route('shape.made', $place->record->id) }}" data-edit novalidate data-autosave class="part__body">
        {{ $place->from() }}<input type="hidden" name="id" value="{{ $id }}"><input type="hidden" name="centred" value="{{ (int) $view->isCentred() }}">
        <label class="field"><span>Name</span><input name="name" value="{{ $made->name() }}" maxlength="60" required></label>
        @foreach ($made->sources() as $i => $source)
            <label class="field"><span>{{ count($made->sources()) === 1 ? 'Made from' : ($i === 0 ? 'First' : 'Second') }}</span><select name="of[]">
                @foreach ($place->set->rig->axes as $ref => $axis)
                    @if ($ref === $source || (! ($isBuilt && $axis->isBuilt()) && ($axis->centred === ($place->set->rig->axes[$source]->centred ?? false))))
                        <option value="{{ $ref }}" @selected($ref === $source)>{{ $place->set->rig->deviceNameOf($ref) }} · {{ $place->set->rig->nameOf($ref) }}</option>
                    @endif
                @endforeach
            </select></label>
        @endforeach
        @if ($made instanceof Nailrod\Core\Made\Threshold)
            <fieldset class="choice"><legend>Closes</legend>
                @foreach (Nailrod\Core\Made\Threshold::kinds() as $case)<label><input type="radio" name="kind" value="{{ $case }}" @checked($kind === $case)><span>{{ $case }}</span></label>@endforeach
            </fieldset>
            <fieldset class="choice"><legend>Looks at</legend>
                @foreach ([Nailrod\Core\Made\MadeContacts::TRAVEL => 'travel', Nailrod\Core\Made\MadeContacts::SHAPED => 'value'] as $case => $word)<label><input type="radio" name="looks_at" value="{{ $case }}" @checked($made->looksAt() === $case)><span>{{ $word }}</span></label>@endforeach
            </fieldset>
            <x-field name="at" id="made-{{ $id }}-at" :label="$kind === 'between' ? 'From' : 'Closes at'" :value="$view->at($made->at)" :min="$view->isCentred() ? -100 : 0" />
            @if ($kind === 'between')<x-field name="to" id="made-{{ $id }}-to" label="To" :value="$view->at($made->to)" :min="$view->isCentred() ? -100 : 0" />@endif
            <x-field name="hysteresis" id="made-{{ $id }}-h" label="Opens this far back" :value="$view->by($made->hysteresis)" />
        @else
            <input type="hidden" name="kind" value="{{ $kind }}">
        @endif
        @if ($made instanceof Nailrod\Core\Made\Zones)
            @foreach ($made->bounds as $i => $bound)
                <div class="field-row"><x-field name="bounds[]" id="made-{{ $id }}-b-{{ $i }}" :label="'Bound '.($i + 1)" :value="$view->at($bound)" :min="$view->at(($made->bounds[$i - 1] ?? 0.0) + 2 * $made->hysteresis)" :max="$view->at(($made->bounds[$i + 1] ?? 1.0) - 2 * $made->hysteresis)" /><button type="submit" class="link" form="remove-bound-{{ $id }}-{{ $i }}" title="Take bound {{ $i + 1 }} away">✕<span class="sr-only">Take bound {{ $i + 1 }} away</span></button></div>
            @endforeach
            <x-field name="hysteresis" id="made-{{ $id }}-h" label="Changes this far past" :value="$view->by($made->hysteresis)" />
        @endif
        @if ($made instanceof Nailrod\Core\Made\Directions)<x-field name="dead_radius" id="made-{{ $id }}-dead" label="Dead radius" :value="Nailrod\Core\Axis\Percent::figure($made->dead)" :max="90" />@endif
        @if ($isBuilt && $kind === 'shared travel')<x-field name="share" id="made-{{ $id }}-share" :label="'Share of '.$place->set->rig->nameOf($made->sources()[0])" :value="Nailrod\Core\Axis\Percent::figure($made->share)" />@endif
    </form>
    @if ($isBuilt && $kind === 'shared travel')
        <form method="post" action="{{ route('shape.bite', $place->record->id) }}" data-edit novalidate class="part__body part__try">
            {{ $place->from() }}<input type="hidden" name="axis" value="{{ $id }}">
            @foreach ($made->sources() as $i => $source)<input type="hidden" name="{{ $i === 0 ? 'first' : 'second' }}" data-live-travel="{{ $source }}" value="0">@endforeach
            <p class="hint">Let go of one, pull the other until it bites, then:</p>
            <button class="button">It bites here</button>
        </form>
    @endif
    @if ($made instanceof Nailrod\Core\Made\Zones)
        @foreach ($made->bounds as $i => $bound)
            <form method="post" action="{{ route('shape.remove', $place->record->id) }}" data-edit novalidate id="remove-bound-{{ $id }}-{{ $i }}" hidden>{{ $place->from() }}<input type="hidden" name="axis" value="{{ $id }}"><input type="hidden" name="what" value="bound"><input type="hidden" name="index" value="{{ $i }}"></form>
        @endforeach
    @endif
    <div class="panel__row">
        @if ($isBuilt && ! $view->axis->isBuilt())@foreach ($made->axes() as $axis)<a class="link" href="{{ $view->link(['axis' => $axis->ref, 'two' => '', 'with' => '']) }}" data-refresh>Shape {{ $place->set->rig->nameOf($axis->ref) }}</a>@endforeach @else<a class="link" href="{{ route('assign', ['set' => $place->record->id, 'device' => 'made']) }}">Assign it</a>@endif
        <x-origin :place="$place" :origin="$place->originOf(Nailrod\Core\Set\PartPath::made($id))" path="made/{{ $id }}" />
        <form method="post" action="{{ route('shape.remove', $place->record->id) }}" data-edit novalidate id="remove-made-{{ $id }}">{{ $place->from() }}<input type="hidden" name="axis" value="{{ $id }}"><input type="hidden" name="what" value="made"><button class="link">Take it away</button></form>
    </div>
</details>
