{{-- An action in the fields of a list: see ActionRow. --}}
@props(['name', 'row', 'id', 'mark', 'kinds', 'text'])
@php($now = fn (string $column) => (string) $text($name.'['.$column.']', $row->said[$column] ?? ''))
@php($called = ($row->said['action'] ?? '') === '' ? 'a new action' : $row->said['action'])
<tr @if ($mark !== '') class="list__row--{{ $mark }}" @endif>
    <th scope="row"><span><input name="{{ $name }}[action]" maxlength="60" value="{{ $now('action') }}" aria-label="Name of {{ $called }}">@if ($mark !== '') <small>{{ $mark }}</small>@endif</span></th>
    <td><input name="{{ $name }}[group]" maxlength="40" list="groups" value="{{ $now('group') }}" aria-label="Group of {{ $called }}"></td>
    <td><select name="{{ $name }}[kind]" aria-label="Kind of {{ $called }}">@if ($id === '')<option value="">by its name</option>@endif @foreach ($kinds as $kind)<option @selected($now('kind') === $kind)>{{ $kind }}</option>@endforeach</select></td>
    <td class="list__key"><span><input name="{{ $name }}[key]" maxlength="80" value="{{ $now('key') }}" aria-label="Key of {{ $called }}"><button type="button" class="tool" data-press aria-label="Press the key of {{ $called }}" title="Press the key instead">{{ App\View\Icon::of('keys') }}</button></span></td>
    <td><input name="{{ $name }}[role]" maxlength="40" list="roles" value="{{ $now('role') }}" aria-label="Role of {{ $called }}"></td>
    <td><input name="{{ $name }}[variable]" maxlength="40" list="variables" value="{{ $now('variable') }}" placeholder="{{ $id === '' ? '' : 'its own' }}" aria-label="What {{ $called }} changes"></td>
    <td><input name="{{ $name }}[amount]" maxlength="16" inputmode="decimal" value="{{ $now('amount') }}" aria-label="By or to how much {{ $called }} changes it"></td>
    @foreach (['essential' => 'is needed', 'written' => 'can be written from outside'] as $column => $words)
        <td class="list__yes"><input type="hidden" name="{{ $name }}[{{ $column }}]" value=""><input type="checkbox" name="{{ $name }}[{{ $column }}]" value="yes" aria-label="{{ ucfirst($called) }} {{ $words }}" @checked($now($column) === 'yes')></td>
    @endforeach
    <td class="list__yes">@if ($id !== '')<input type="checkbox" name="gone[]" value="{{ $id }}" aria-label="{{ $called }} goes" @checked(in_array($id, (array) old('gone', []), true))>@endif</td>
</tr>
