{{-- What a cell does, or does otherwise: its behaviour, and its outputs one by one. --}}
@php($else = new Illuminate\Support\HtmlString($isElse ? '<input type="hidden" name="else" value="1">' : ''))
@if ($one->behaviour instanceof Nailrod\Core\Mapping\Behaviour\PlaysItsMacro)
<p class="behaves">Plays <a href="{{ route('macros', ['set' => $place->record->id, 'macro' => $one->behaviour->macro()]) }}">{{ $place->set->macros[$one->behaviour->macro()]->name }}</a>: {{ $place->words->macro($place->set->macros[$one->behaviour->macro()]) }}</p>
@else
<form data-does="edit" method="post" action="{{ route('cell.behave', $place->record->id) }}" data-edit novalidate data-autosave class="editor__form behaves">
    {{ $place->from() }}{{ $hidden() }}{{ $else }}
    <x-behaviour-fields :form="$view->behaviourForm($tick)" :behaviour="$one->behaviour" :tick="$tick" />
</form>
@endif
<ol class="outputs">@foreach ($one->outputs as $i => $output)
    <li>{{ $view->roleOf($one, $i) }}{{ $place->words->output($output) }}
        @if (count($one->outputs) > 1)<form data-does="edit" method="post" action="{{ route('cell.remove-output', $place->record->id) }}" data-edit novalidate>{{ $place->from() }}{{ $hidden() }}{{ $else }}<input type="hidden" name="index" value="{{ $i }}"><button class="link" title="Take this output away">✕<span class="sr-only">Take {{ $place->words->output($output) }} away</span></button></form>@endif
    </li>
@endforeach
@foreach ($view->openRoles($one) as $role)
    <li class="outputs__open">{{ $role }}: @if ($loop->first && ! $isElse && $view->actionChoices() !== [])<form data-does="edit" method="post" action="{{ route('cell.assign', $place->record->id) }}" data-edit novalidate data-autosave>{{ $place->from() }}{{ $hidden() }}<input type="hidden" name="does" value="action"><input type="hidden" name="beside" value="1"><label class="field"><span class="sr-only">{{ ucfirst($role) }} does</span><select name="output[action]"><option value="">nothing yet</option>@foreach ($view->actionChoices() as $group => $actions)<optgroup label="{{ $group }}">@foreach ($actions as $id => $name)<option value="{{ $id }}">{{ $name }}</option>@endforeach</optgroup>@endforeach</select></label></form>@else nothing yet @endif</li>
@endforeach</ol>
