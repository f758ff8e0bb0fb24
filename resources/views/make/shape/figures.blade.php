@php($figures = $view->figures())
<table class="figures figures--tuner"><caption>What it gives</caption>
    <tbody>@foreach ($figures->rows() as $what => $figure)<tr><th scope="row">{{ $what }}</th><td class="figure @if (str_starts_with($figure, 'is lost')) figure--lost @endif">{{ $figure }}</td></tr>@endforeach</tbody>
</table>
@foreach ($figures->tuner->heldBack() as $stop)<p class="says">While {{ $stop }} is shut, what lies beyond is not sent.</p>@endforeach
@foreach ($figures->tuner->notices() as $notice)<p class="says says--warn">{{ $notice }}</p>@endforeach
<h3>Against trembling</h3>
@if ($figures->tuner->measured === null && ! $view->axis->isBuilt())
    <p class="panel__now">It has not been measured, so it is not known how much it trembles. <a class="link" href="{{ route('rig', ['set' => $place->record->id, 'do' => 'measure', 'ref' => $ref]) }}">Measure it</a></p>
@else
    @forelse ($figures->tuner->places() as $said)<p class="says @unless ($said['good']) says--warn @endunless">{{ $said['words'] }}</p>@empty<p class="panel__now">Nothing on it acts at a place.</p>@endforelse
@endif
