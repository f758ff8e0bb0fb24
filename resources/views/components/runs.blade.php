@php($runs = App\View\RunsView::all())
<div class="recorder" id="recorder">
    <span class="recorder__playing" id="playing" role="status"></span>
    <label class="recorder__name" data-record-name hidden><span class="sr-only">Name of the run</span><input maxlength="60" placeholder="Run {{ count($runs->kept) + 1 }}"></label>
    <span class="figure" data-record-time hidden>0.0 s</span>
    <button type="button" class="recorder__turn" data-record aria-pressed="false" title="Record what the rig does"><span class="recorder__dot" aria-hidden="true"></span><span data-record-word>Record</span></button>
    <details class="pop" id="runs"><summary class="link">Runs ({{ count($runs->kept) }})</summary>
        <div class="pop__body pop__body--runs">
            @if ($runs->kept === [])<p class="empty">None yet. Record what you do, or take one from a file.</p>
            @else
                <table class="runs"><thead><tr><th scope="col">Run</th><th scope="col" class="right">Length</th><th scope="col" class="right">Rows</th><th scope="col"><span class="sr-only">What to do</span></th></tr></thead><tbody>
                @foreach ($runs->kept as $run)
                    <tr><th scope="row">{{ $run->name }}</th><td class="right figure">{{ number_format($run->length / 1e6, 1) }} s</td><td class="right figure">{{ $run->rows }}</td>
                        <td class="runs__do"><button type="button" class="link" data-play="{{ $run->id }}" data-name="{{ $run->name }}">Play</button> <a class="link" href="{{ route('run.download', $run->id) }}" download>Save</a>
                            <form method="post" action="{{ route('run.remove', $run->id) }}" data-edit novalidate>@csrf<button class="link">Remove</button></form></td></tr>
                @endforeach
                </tbody></table>
                <form method="post" action="{{ route('run.cut', $runs->kept[0]->id) }}" data-edit data-cut novalidate class="runs__cut">@csrf
                    <label class="field field--tall"><span>Cut a piece out of</span><select data-cut-run>@foreach ($runs->kept as $run)<option value="{{ route('run.cut', $run->id) }}">{{ $run->name }}</option>@endforeach</select></label>
                    <label class="field field--tall"><span>from, s</span><input type="number" name="start" value="0" min="0" step="0.1"></label>
                    <label class="field field--tall"><span>to, s</span><input type="number" name="end" value="{{ round($runs->kept[0]->length / 1e6, 1) }}" min="0" step="0.1"></label>
                    <label class="field field--tall"><span>Name</span><input name="name" maxlength="60"></label>
                    <button class="button">Cut</button>
                </form>
            @endif
            <form method="post" action="{{ route('run.upload') }}" enctype="multipart/form-data" data-edit novalidate class="upload">@csrf
                <label class="field field--tall"><span>Take a run from a CSV file</span><input type="file" name="file" accept=".csv,text/csv" required></label><button class="button">Take it</button>
            </form>
            @if ($runs->removed !== [])
                <p class="column__note">Removed:</p>
                @foreach ($runs->removed as $run)<form method="post" action="{{ route('run.bring-back', $run->id) }}" data-edit novalidate class="panel__row">@csrf<span>{{ $run->name }}</span><button class="link">Bring back</button></form>@endforeach
            @endif
        </div>
    </details>
</div>
