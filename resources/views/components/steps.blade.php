@props(['place'])
@inject('sets', App\Sets\SetStore::class)
@inject('line', App\Rig\PageLine::class)
@php($steps = App\View\Steps::of($place, $sets, $line))
@if ($steps !== null)
<nav class="first-steps" id="steps" aria-label="First steps">
    <span class="first__title">First steps</span>
    <ol>
        @foreach ($steps->all() as $name => [$label])
            <li @class(['first__step', 'is-done' => ($steps->stand[$name] ?? '') === App\View\Steps::DONE, 'is-skipped' => ($steps->stand[$name] ?? '') === App\View\Steps::SKIPPED, 'is-next' => $name === $steps->next])><a href="{{ $steps->link($name) }}" data-carries @if ($name === $steps->next) aria-current="step" @endif><span aria-hidden="true">{{ match ($steps->stand[$name] ?? '') { App\View\Steps::DONE => '✓', App\View\Steps::SKIPPED => '–', default => $loop->iteration } }}</span> {{ $label }}@if (isset($steps->stand[$name]))<span class="sr-only">, {{ $steps->stand[$name] }}</span>@endif</a></li>
        @endforeach
    </ol>
    @if ($steps->next !== null)<form data-does="record" method="post" action="{{ route('steps', $steps->root->id) }}" data-edit novalidate>@csrf<button class="link" name="skip" value="{{ $steps->next }}">Skip {{ App\View\Steps::ALL[$steps->next][0] }}</button></form>
    @else<span class="first__end">All done.</span>@endif
    <form data-does="record" method="post" action="{{ route('steps', $steps->root->id) }}" data-edit novalidate>@csrf<button class="link link--quiet" name="away" value="1">Put this list away</button></form>
</nav>
@endif
