{{-- Something else than an action, for the picked cell. --}}
<details class="editor__other" @if ($isOpen) open @endif>
    <summary>{{ $action === null ? 'Sends' : 'Something else than an action' }}</summary>
    <form method="post" action="{{ route('cell.assign', $place->record->id) }}" data-edit novalidate class="editor__form does">
        {{ $place->from() }}<input type="hidden" name="layer" value="{{ $view->layer }}"><input type="hidden" name="ref" value="{{ $view->ref }}">
        <x-output-fields :place="$place" :kinds="$view->kinds()" :does="$view->does()" :output="$view->shownOutput()" :axis="$view->isAxis()" />
        @unless ($view->isAxis())
            <x-behaviour-fields :behaviour="$action === null ? $behaviour : null" :tick="$tick" />
            @if ($cell !== null && ! $cell->isNothing())<label class="check"><input type="checkbox" name="beside" value="1"> beside what it does</label>@endif
        @endunless
        <button class="button">{{ $cell === null || $action !== null ? 'Assign' : 'Change' }}</button>
    </form>
</details>
