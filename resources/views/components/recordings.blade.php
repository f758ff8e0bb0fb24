@php($recordings = App\View\RecordingsView::all())
<div class="recorder" id="recorder">
    <span class="recorder__playing" id="playing" role="status"></span>
    <label class="recorder__name" data-record-name hidden><span class="sr-only">Name of the recording</span><input maxlength="60" placeholder="Recording {{ count($recordings->kept) + 1 }}"></label>
    <span class="figure" data-record-time hidden>0.0 s</span>
    <button type="button" class="recorder__turn" data-record aria-pressed="false" title="Record what the rig does"><span class="recorder__dot" aria-hidden="true"></span><span data-record-word>Record</span></button>
    <details class="pop" id="recordings"><summary class="link">Recordings ({{ count($recordings->kept) }})</summary>
        <div class="pop__body pop__body--recordings">
            @if ($recordings->kept === [])<p class="empty">None yet. Record what you do, or take one from a file.</p>
            @else
                <table class="recordings"><thead><tr><th scope="col">Recording</th><th scope="col" class="right">Length</th><th scope="col" class="right">Rows</th><th scope="col"><span class="sr-only">What to do</span></th></tr></thead><tbody>
                @foreach ($recordings->kept as $recording)
                    <tr><th scope="row">{{ $recording->name }}</th><td class="right figure">{{ number_format($recording->length / 1e6, 1) }} s</td><td class="right figure">{{ $recording->rows }}</td>
                        <td class="recordings__do"><button type="button" class="link" data-play="{{ $recording->id }}" data-name="{{ $recording->name }}">Play</button> <a class="link" href="{{ route('recording.download', $recording->id) }}" download>Save</a>
                            <form method="post" action="{{ route('recording.remove', $recording->id) }}" data-edit novalidate>@csrf<button class="link">Remove</button></form></td></tr>
                @endforeach
                </tbody></table>
                <form method="post" action="{{ route('recording.cut', $recordings->kept[0]->id) }}" data-edit data-cut novalidate class="recordings__cut">@csrf
                    <label class="field field--tall"><span>Cut a piece out of</span><select data-cut-recording>@foreach ($recordings->kept as $recording)<option value="{{ route('recording.cut', $recording->id) }}">{{ $recording->name }}</option>@endforeach</select></label>
                    <label class="field field--tall"><span>from, s</span><input type="number" name="start" value="0" min="0" step="0.1"></label>
                    <label class="field field--tall"><span>to, s</span><input type="number" name="end" value="{{ round($recordings->kept[0]->length / 1e6, 1) }}" min="0" step="0.1"></label>
                    <label class="field field--tall"><span>Name</span><input name="name" maxlength="60"></label>
                    <button class="button">Cut</button>
                </form>
            @endif
            <form method="post" action="{{ route('recording.upload') }}" enctype="multipart/form-data" data-edit novalidate class="upload">@csrf
                <label class="field field--tall"><span>Take a recording from a CSV file</span><input type="file" name="file" accept=".csv,text/csv" required></label><button class="button">Take it</button>
            </form>
            @if ($recordings->removed !== [])
                <p class="column__note">Removed:</p>
                @foreach ($recordings->removed as $recording)<form method="post" action="{{ route('recording.bring-back', $recording->id) }}" data-edit novalidate class="panel__row">@csrf<span>{{ $recording->name }}</span><button class="link">Bring back</button></form>@endforeach
            @endif
        </div>
    </details>
</div>
