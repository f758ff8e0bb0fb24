<div class="sheet" data-look="{{ $view->device->id }}">
    <p class="verdict" data-verdict role="status">Press, move and turn everything on {{ $view->device->name }}, each to its ends. Press many at once to see whether some hide others.</p>
    <ul class="troubles" data-troubles></ul>
</div>
<div class="scroll" id="sheet-scroll" tabindex="0" role="region" aria-label="What was seen of {{ $view->device->name }}">
    <table class="inputs">
        <thead><tr><th scope="col">Number</th><th scope="col">Control</th><th scope="col">Seen</th><th scope="col" class="right">Times</th><th scope="col" class="right">Lowest</th><th scope="col" class="right">Highest</th><th scope="col" class="right">Shortest</th><th scope="col">To look at</th></tr></thead>
        <tbody>
        @foreach ($view->device->controls as $control)
            @foreach (Nailrod\Core\Engine\Survey\Verdict::inputs($control) as $port)
                <tr data-row="{{ $port }}" data-sheet="{{ $port }}">
                    <td class="number">{{ $place->set->rig->numberOf($port) }}</td>
                    <th scope="row">{{ $place->set->rig->nameOf($port) }}</th>
                    <td class="seen" data-cell="seen"><span class="seen__not">not yet</span></td>
                    <td class="right figure" data-cell="count"></td><td class="right figure" data-cell="low"></td><td class="right figure" data-cell="high"></td><td class="right figure" data-cell="shortest"></td><td data-cell="bounces"></td>
                </tr>
            @endforeach
        @endforeach
        </tbody>
    </table>
</div>
<p class="panel__row"><button type="button" class="button" data-survey="sheet">Begin the sheet anew</button></p>
