{{-- Something else than an action, for the picked cell. --}}
<details class="editor__other" @if ($isOpen) open @endif>
    <summary>{{ $action === null ? 'Sends' : 'Something else than an action' }}</summary>
    <form data-does="edit" method="post" action="{{ route('cell.assign', $place->record->id) }}" data-edit novalidate class="editor__form does">
        {{ $place->from() }}<input type="hidden" name="layer" value="{{ $view->layer }}"><input type="hidden" name="ref" value="{{ $view->ref }}">
        <x-output-fields :form="$view->outputForm()" :does="$view->does()" :now="$view->shown()" :begins="$view->begins()" />
        @unless ($view->isAxis())
            <x-behaviour-fields :form="$view->behaviourForm($tick)" :behaviour="$action === null ? $behaviour : null" :tick="$tick" />
            @if ($cell !== null && ! $cell->isNothing() && $cell->as === null)<label class="check"><input type="checkbox" name="beside" value="1"> beside what it does</label>@endif
            @if ($cell?->when !== null)<label class="check"><input type="checkbox" name="else" value="1"> otherwise</label>@endif
        @endunless
        <button class="button">{{ $cell === null || $action !== null ? 'Assign' : 'Change' }}</button>
    </form>
</details>
