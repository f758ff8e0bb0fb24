@php($pairing = $view->pairing)
<div class="pairing" data-pair data-within="{{ Nailrod\Core\Advice\Plan\KeyPairing::WITHIN_MS }}"
    data-left="{{ json_encode($pairing->left) }}" data-asked="{{ $pairing->asked }}">
    <div class="pairing__asks">
        <p class="editor__where"><span class="layer-dot layer--{{ Nailrod\Core\Set\LayerLook::of($place->set, $view->layer) }}"></span>{{ $place->set->layers[$view->layer]->name }}</p>
        <h2>{{ $pairing->asked === '' ? 'Press a key and a control' : 'Press '.$view->nameOf($pairing->asked).' and its key' }}</h2>
        <p class="pairing__says" data-pair-says role="status">{{ $pairing->last === '' ? 'Within two seconds, in either order; they are assigned to each other in the layer that is live then.' : $place->words->sentenceOf($view->layer, $pairing->last) }}</p>
        <p class="editor__buttons">
            @if ($pairing->asked !== '')
                @if ($pairing->leavingOut() !== '')<a class="link" href="{{ $pairing->leavingOut() }}" data-refresh>Leave it out</a>@endif
                <a class="link" href="{{ $pairing->asking(App\View\Make\AssignPairing::ON) }}" data-refresh>Ask for none</a>
            @elseif ($pairing->left !== [])
                <a class="link" href="{{ $pairing->asking($pairing->left[0]) }}" data-refresh>Ask for them one by one</a>
            @endif
            <a class="link" href="{{ $pairing->ending() }}" data-refresh data-pair-end title="Escape twice">End pairing</a>
        </p>
        <form data-does="edit" method="post" action="{{ route('cell.pair', $place->record->id) }}" data-edit novalidate hidden>{{ $place->from() }}<input name="keys"><input name="ref"><input name="layer"><input name="apart"><input name="asked" value="{{ $pairing->asked }}"></form>
    </div>
    <div class="pairing__list scroll" tabindex="0" role="region" aria-label="Left">
        <h3>Left <span class="column__note">{{ count($pairing->left) }} of {{ $view->device->name }} do nothing here yet</span></h3>
        <p class="chips">@foreach ($pairing->left as $ref)<a class="chip" href="{{ $pairing->asking($ref) }}" data-refresh @if ($ref === $pairing->asked) aria-current="true" @endif>{{ $view->nameOf($ref) }}</a>@endforeach</p>
        @if ($pairing->left === [])<p class="hint">Every control of {{ $view->device->name }} does something in {{ $place->set->layers[$view->layer]->name }}.</p>@endif
    </div>
    <div class="pairing__list scroll" tabindex="0" role="region" aria-label="Done">
        <h3>Done <span class="column__note">{{ count($pairing->done) }}</span></h3>
        <dl class="pairing__done">@foreach ($pairing->last === '' ? $pairing->done : [$pairing->last, ...array_diff($pairing->done, [$pairing->last])] as $ref)<div @class(['is-last' => $ref === $pairing->last])><dt>{{ $view->nameOf($ref) }}</dt><dd>{{ $pairing->does($ref) }}</dd></div>@endforeach</dl>
    </div>
</div>
