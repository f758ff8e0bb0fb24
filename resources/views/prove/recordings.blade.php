<x-layout :place="$place" title="Recordings">
    <section class="column" aria-labelledby="recordings-title">
        <h1 id="recordings-title">Recordings <span class="column__note">what the rig did, to be done again. Record is in the bar, on every place</span></h1>
        <div class="scroll" id="recordings-scroll" tabindex="0" role="region" aria-label="All recordings">
        @if ($recordings->kept === [])<p class="empty">None yet. Press Record in the bar and do something; or take one from a file.</p>@else
            <table class="recordings"><thead><tr><th scope="col">Recording</th><th scope="col">Made</th><th scope="col" class="right">Length</th><th scope="col" class="right">Rows</th><th scope="col"><span class="sr-only">What to do</span></th></tr></thead><tbody>
            @foreach ($recordings->kept as $recording)
                <tr id="recording-{{ $recording->id }}"><th scope="row">{{ $recording->name }}</th><td><time data-local datetime="{{ $recording->created_at->toIso8601ZuluString() }}">{{ $recording->created_at->format('Y-m-d H:i') }}</time></td><td class="right figure">{{ number_format($recording->length / 1e6, 1) }} s</td><td class="right figure">{{ $recording->rows }}</td>
                    <td class="recordings__do"><button type="button" class="link" data-play="{{ $recording->id }}">Play</button> <a class="link" href="{{ route('recording.download', $recording->id) }}" download>Save</a>
                        <form data-does="record" method="post" action="{{ route('recording.remove', $recording->id) }}" data-edit novalidate>@csrf<button class="link">Remove</button></form></td></tr>
            @endforeach
            </tbody></table>
            <x-pages :pages="$recordings->pages" by="page" label="Pages of recordings" />
        @endif
        @if ($recordings->removed !== [])
            <h2 class="column__title">Removed</h2>
            @foreach ($recordings->removed as $recording)<form data-does="record" method="post" action="{{ route('recording.bring-back', $recording->id) }}" data-edit novalidate class="panel__row">@csrf<span>{{ $recording->name }}</span><button class="link">Bring back</button></form>@endforeach
            <x-pages :pages="$recordings->removedPages" by="removed" label="Pages of removed recordings" />
        @endif
        </div>
    </section>
    <section class="column recordings__more" aria-label="Pieces and files">
        @if ($recordings->kept !== [])
            <h2 class="column__title">A piece of one</h2>
            <form data-does="record" method="post" action="{{ route('recording.cut', $recordings->kept[0]->id) }}" data-edit data-cut novalidate class="sets-form">@csrf
                <label class="field field--tall"><span>Cut a piece out of</span><select data-cut-recording>@foreach ($recordings->kept as $recording)<option value="{{ route('recording.cut', $recording->id) }}">{{ $recording->name }}</option>@endforeach</select></label>
                <label class="field field--tall"><span>from, s</span><input type="number" name="start" value="0" min="0" step="0.1"></label>
                <label class="field field--tall"><span>to, s</span><input type="number" name="end" value="{{ round($recordings->kept[0]->length / 1e6, 1) }}" min="0" step="0.1"></label>
                <label class="field field--tall"><span>Name</span><input name="name" maxlength="60"></label>
                <button class="button">Cut</button>
            </form>
        @endif
        <h2 class="column__title">From a file</h2>
        <form data-does="record" method="post" action="{{ route('recording.upload') }}" enctype="multipart/form-data" data-edit novalidate class="upload">@csrf
            <label class="field field--tall"><span>Take a recording from a CSV file</span><input type="file" name="file" accept=".csv,text/csv" required></label><button class="button">Take it</button>
        </form>
    </section>
</x-layout>
