<div class="found" id="found" role="status"><span class="found__number" data-found-number>–</span><span class="found__name" data-found-name>Press or move something: its number is shown here</span></div>
<div class="scroll" data-look="{{ $view->device->id }}" id="inputs-scroll" tabindex="0" role="region" aria-label="Inputs of {{ $view->device->name }}">
    <table class="inputs">
        <thead><tr><th scope="col">Number</th><th scope="col">Control</th><th scope="col">What it is</th><th scope="col" class="right">Now</th><th scope="col">Seen</th></tr></thead>
        <tbody>
        @foreach ($view->inputs() as $input)
            <tr data-row="{{ $input['ref'] }}" data-sheet="{{ $input['ref'] }}">
                <td class="number">{{ $input['number'] }}</td>
                <th scope="row">{{ $input['name'] }}@if ($input['state'] !== '')<small>{{ $input['state'] }}</small>@endif</th>
                <td>{{ $input['what'] }}</td>
                <td class="right figure" data-now="{{ $input['ref'] }}" @if ($input['ticks']) data-ticks @endif></td>
                <td class="seen" data-cell="seen">not yet</td>
            </tr>
        @endforeach
        </tbody>
    </table>
</div>
<ul class="left-out-list" data-left-out aria-label="Left out, and why"></ul>
