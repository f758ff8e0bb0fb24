@props(['behaviour', 'tick' => false])
{{-- The behaviour of a contact; the fields of the chosen kind are shown. --}}
@php($ms = fn (?int $us, float $else) => ($us ?? 1000 * $else) / 1000)
<label class="field field--tall"><span>Behaviour</span><select name="behaviour">
    @foreach (Nailrod\Core\Behaviour\Behaviours::kinds() as $kind)
        @continue($kind === 'macro' || ($kind === 'ticks') !== $tick && $kind === 'ticks')
        <option value="{{ $kind }}" @selected(($behaviour === null ? ($tick ? 'ticks' : 'follow') : $behaviour::kind()) === $kind)>{{ $kind }}</option>
    @endforeach
</select></label>
<label class="field field--tall for-pulse"><span>When it</span><select name="on">
    {{ App\View\Options::of(['press' => 'closes', 'release' => 'opens', 'both' => 'closes and opens'], ($behaviour->on ?? 'press')) }}
</select></label>
<label class="field field--tall for-repeat"><span>First after, ms</span><input type="number" name="delay" min="1" max="60000" step="1" value="{{ $ms($behaviour->delay ?? null, 450) }}"></label>
<label class="field field--tall for-repeat"><span>Then every, ms</span><input type="number" name="period" min="1" max="60000" step="1" value="{{ $ms($behaviour->period ?? null, 125) }}"></label>
<label class="field field--tall for-repeat"><span>While</span><select name="while">@foreach (['held', 'until pressed again'] as $while)<option @selected(($behaviour->isLatched ?? false) === ($while !== 'held'))>{{ $while }}</option>@endforeach</select></label>
<label class="field field--tall for-cycle"><span>Goes</span><select name="direction_of">@foreach (['forward', 'back'] as $direction)<option @selected(($behaviour->direction ?? '') === $direction)>{{ $direction }}</option>@endforeach</select></label>
<label class="field field--tall for-cycle"><span>Anew after, ms (0: never)</span><input type="number" name="idle" min="0" max="3600000" step="1" value="{{ $ms($behaviour->idle ?? null, 0) }}"></label>
<label class="field field--tall for-taps"><span>Outputs are for</span><select name="taps">@foreach (['short and long', 'short and double', 'short, long and double'] as $taps)<option @selected($taps === (isset($behaviour->long, $behaviour->double) ? 'short, long and double' : (isset($behaviour->double) ? 'short and double' : 'short and long')))>{{ $taps }}</option>@endforeach</select></label>
<label class="field field--tall for-taps"><span>Long from, ms</span><input type="number" name="long" min="1" max="60000" step="1" value="{{ $ms($behaviour->t1 ?? null, 500) }}"></label>
<label class="field field--tall for-taps"><span>Double within, ms</span><input type="number" name="double" min="1" max="60000" step="1" value="{{ $ms($behaviour->t2 ?? null, 300) }}"></label>
<label class="field field--tall for-ticks"><span>Pause, ms</span><input type="number" name="gap" min="0" max="1000" step="1" value="{{ $ms($behaviour->gap ?? null, 20) }}"></label>
<label class="field field--tall for-ticks"><span>Most that wait</span><input type="number" name="most" min="0" max="1000" step="1" value="{{ $behaviour->most ?? 32 }}"></label>
<label class="field field--tall for-ticks"><span>Second output above, a second</span><input type="number" name="coarse" min="0" max="1000" step="1" value="{{ $behaviour->coarse ?? 0 }}"></label>
<label class="field field--tall for-width"><span>Width, ms</span><input type="number" name="width" min="1" max="60000" step="1" value="{{ $ms($behaviour->width ?? null, $tick ? 20 : 60) }}"></label>
