@php($place = $view->place)
@php($asked = $view->asked)
@php($isLabels = $asked->what === App\View\Keep\PrintAsked::LABELS)
<x-layout :place="$place" title="Print">
    <section class="column print__ask scroll" aria-labelledby="print-title" tabindex="0" id="print-ask">
        <h1 id="print-title">Print</h1>
        <form data-does="look" action="{{ route('print', $place->record->id) }}" data-visit id="print-form">
            <fieldset class="choice print__what" aria-label="What">@foreach (App\View\Keep\PrintAsked::WHAT as $what => $label)<label><input type="radio" name="what" value="{{ $what }}" @checked($what === $asked->what)><span>{{ $label }}</span></label>@endforeach</fieldset>
            @if ($isLabels)
                <label class="field"><span>Of</span><select name="device" id="print-device">{{ App\Forms\Options::of($view->devices(), $asked->device?->id) }}</select></label>
                <label class="field"><span>Text</span><select name="text" id="print-text">@foreach (Nailrod\Core\Exchange\Print\LabelText::cases() as $text)<option value="{{ $text->value }}" @selected($text === $asked->text)>{{ $text->inWords() }}</option>@endforeach</select></label>
                <label class="field"><span>Height of a label</span><select name="height" id="print-height">@foreach (Nailrod\Core\Exchange\Print\Paper::TAPES as $height)<option value="{{ $height }}" @selected($height === $asked->height)>{{ $height }} mm</option>@endforeach</select></label>
            @endif
            <label class="field"><span>Printed on</span><select name="paper" id="print-paper">{{ App\Forms\Options::of($asked->papers(), $asked->paper) }}</select></label>
            @if ($isLabels && count($place->set->layers) > 1)
                <fieldset class="print__layers"><legend class="tag">Layers, at most {{ Nailrod\Core\Exchange\Print\LabelWish::MOST_LAYERS }}</legend>
                    @foreach ($place->set->layers as $id => $layer)<label class="check"><input type="checkbox" name="layers[]" value="{{ $id }}" @checked(in_array((string) $id, $asked->layers, true)) @disabled(count($asked->layers) >= Nailrod\Core\Exchange\Print\LabelWish::MOST_LAYERS && ! in_array((string) $id, $asked->layers, true))><i class="layer-dot layer--{{ Nailrod\Core\Set\LayerLook::of($place->set, (string) $id) }}" aria-hidden="true"></i> {{ $layer->name }}</label>@endforeach
                </fieldset>
            @endif
            <div class="print__two">
                @if ($isLabels)<label class="check"><input type="checkbox" name="apart" value="1" @checked($asked->isApart)> One for each position</label>
                @elseif ($asked->what === App\View\Keep\PrintAsked::CARD)<label class="check"><input type="checkbox" name="apart" value="1" @checked($asked->isApart)> A page for each layer</label>@endif
                <label class="check"><input type="checkbox" name="large" value="1" @checked($asked->isLarge)> Large print</label>
                <label class="check"><input type="checkbox" name="black" value="1" @checked($asked->isBlack)> Black and white</label>
                @if ($isLabels && $view->since !== null)<label class="check"><input type="checkbox" name="changed" value="1" @checked($asked->isChanged)> Only what has changed</label>@endif
            </div>
        </form>
        <p class="panel__row">
            <button type="button" class="button button--main" data-print @disabled($view->pages === [])>Print, or save as PDF</button>
        </p>
        @if ($view->pages !== [])<form data-does="record" method="post" action="{{ $view->link('print.done') }}" data-edit novalidate class="panel__row">@csrf<button class="link">It is on paper: count what changes from now on</button></form>@endif
        @if ($view->changed() !== '')<p class="says" id="print-changed">{{ $view->changed() }}</p>@endif
        @if ($view->problems !== [])
            <h2 class="column__title">{{ count($view->problems) === 1 ? '1 label does not fit' : count($view->problems).' labels do not fit' }}</h2>
            <ul class="left-out" id="print-problems">@foreach ($view->problems as $problem)<li>{{ $problem }}</li>@endforeach</ul>
        @endif
        @foreach ($asked->device === null || ! $isLabels ? [] : $place->told->ofKey(Nailrod\Core\Set\Section\Controls::name(), $asked->device->id) as $sentence)<p class="says says--warn">{{ $sentence }}</p>@endforeach
        @if (($lacking = $view->lacking()) !== '')<p class="says says--warn" id="print-lacking">{{ $lacking }}</p>@endif
        @if ($view->shortened > 0)<p class="column__note">On {{ $view->shortened }} {{ $view->shortened === 1 ? 'label stands' : 'labels stand' }} your own label where the name of the action has no room.</p>@endif
        @if ($isLabels && $asked->device !== null)
            <p class="column__note">Your own labels are said on <a class="link" href="{{ $place->at('rig', ['do' => 'arrange', 'device' => $asked->device->id]) }}">Name &amp; place</a>.</p>
            <h2 class="column__title">How large {{ $asked->device->name }} is</h2>
            <p class="column__note">A label is as wide as the way to the next control allows. @if ($view->size() === null)So far the drawing is taken for true. Measure between two controls, from middle to middle, and labels fit the real thing.@else It is {{ $view->size() }}.@endif</p>
            <form data-does="edit" method="post" action="{{ route('print.size', $place->edited->id) }}" data-edit novalidate class="panel__part">{{ $place->from() }}<input type="hidden" name="device" value="{{ $asked->device->id }}" data-about>
                <label class="field"><span>From</span><select name="control" id="size-from">{{ App\Forms\Options::of($view->controls()) }}</select></label>
                <label class="field"><span>To</span><select name="other" id="size-to">{{ App\Forms\Options::of($view->controls(), array_key_last($view->controls())) }}</select></label>
                <label class="field"><span>Apart</span><span class="field__box"><input type="number" name="mm" id="size-mm" min="{{ Nailrod\Core\Set\Section\Sizes::LEAST }}" max="{{ Nailrod\Core\Set\Section\Sizes::MOST }}" step="0.5"><span class="field__unit">mm</span></span></label>
                <p class="panel__row"><button class="button">Take this size</button></p>
            </form>
            @if ($view->size() !== null)<form data-does="edit" method="post" action="{{ route('print.size', $place->edited->id) }}" data-edit novalidate class="panel__row">{{ $place->from() }}<input type="hidden" name="device" value="{{ $asked->device->id }}"><button class="link">As it is drawn again</button></form>@endif
        @endif
    </section>
    <section class="column scroll print__pages" aria-label="What is printed" tabindex="0" id="print-pages">
        @forelse ($view->pages as $i => $page)
            <div class="print__page print__page--{{ $page->paper->id }}" data-page="{{ $i + 1 }}">{{ $view->drawing($i + 1) }}</div>
            <p class="print__caption">{{ $page->paper->name }}, page {{ $i + 1 }} of {{ count($view->pages) }} · <a class="link" href="{{ $view->link('print.page', ['page' => (string) ($i + 1)]) }}" download>Save as SVG</a></p>
        @empty
            <p class="empty print__head">@if ($asked->isChanged && $isLabels && $view->since !== null)Nothing has changed since it was printed.
                @elseif ($isLabels && $asked->device === null)No device of this rig has controls that could be labelled.
                @elseif ($isLabels){{ $asked->device->name }} does nothing in {{ $place->record->name }} yet. <a class="link" href="{{ $place->at('assign', ['device' => $asked->device->id]) }}">Say on Assign what it does</a>, or print your own labels.
                @else {{ $place->record->name }} says nothing yet. <a class="link" href="{{ $place->at('assign') }}">Say on Assign what its controls do</a>.@endif</p>
        @endforelse
    </section>
</x-layout>
