<x-plain :title="$view->file->name">
    <h1>{{ $view->file->name }}</h1>
    <p>{{ ucfirst($view->file->panel->inWords()) }} of a panel{{ $view->file->game === '' ? '' : ', made for '.$view->file->game }}.</p>
    @if ($view->device === '')<p class="says says--warn">{{ $view->sets[$view->for] ?? "No set" }} has no touch panel. Choose a set that has one.</p>@endif
    <form data-does="edit" method="post" action="{{ route('import.panel', $view->id) }}" class="import__match" id="panel-take">@csrf
        <label class="field field--tall"><span>Taken into</span><select name="for" id="panel-for">{{ App\Forms\Options::of($view->sets, $view->for) }}</select></label>
        @if (count($view->devices) > 1)<label class="field field--tall"><span>On</span><select name="device">{{ App\Forms\Options::of($view->devices, $view->device) }}</select></label>@else<input type="hidden" name="device" value="{{ $view->device }}">@endif
        @if ($view->device !== '')<label class="field field--tall"><span>As</span><select name="panel" id="panel-as">{{ App\Forms\Options::of($view->panels(), $view->panel) }}</select></label>@endif
        <button class="button" name="show" value="1">Show it with these</button>
    </form>
    @if ($view->device !== '')
    <table><caption>{{ $view->inWords() }}</caption>
        <thead><tr><th scope="col">Tile</th><th scope="col">Did{{ $view->file->game === '' ? '' : ' in '.$view->file->game }}</th><th scope="col">Does in {{ $view->sets[$view->for] }}</th></tr></thead>
        <tbody>@foreach ($view->rows() as $row)<tr><th scope="row">{{ $row->tile }} {{ $row->end }}</th><td>{{ $row->did }}</td><td @class(['is-lacking' => $row->lacks !== ''])>{{ $row->lacks === '' ? $row->does : 'nothing: '.$row->lacks.' is not here' }}</td></tr>@endforeach</tbody>
    </table>
    <p class="import__take"><button class="button button--main" form="panel-take">Take it</button> <a class="link" href="{{ route('panel', $view->for) }}">Leave it</a></p>
    @endif
</x-plain>
