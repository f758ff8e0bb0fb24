@props(['behaviour'])
<label class="field field--tall"><span>Behaviour</span><select name="behaviour">
    @foreach (Nailrod\Core\Behaviour\Behaviours::kinds() as $kind)<option value="{{ $kind }}" @selected(($behaviour === null ? 'follow' : $behaviour::kind()) === $kind)>{{ $kind }}</option>@endforeach
</select></label>
<label class="field field--tall for-pulse"><span>When it</span><select name="on">
    @foreach (['press' => 'closes', 'release' => 'opens', 'both' => 'closes and opens'] as $on => $label)<option value="{{ $on }}" @selected(($behaviour->on ?? 'press') === $on)>{{ $label }}</option>@endforeach
</select></label>
<label class="field field--tall for-pulse"><span>Width, ms</span><input type="number" name="width" min="1" max="60000" step="1" value="{{ ($behaviour->width ?? 60000) / 1000 }}"></label>
