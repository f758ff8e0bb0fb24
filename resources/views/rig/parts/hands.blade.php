<p class="column__note">Whatever works the rig now. The rig itself goes on, whether anybody looks or not.</p>
<div class="scroll" id="hands-scroll" tabindex="0" role="region" aria-label="Hands on the rig">
    <table class="inputs hands">
        <thead><tr><th scope="col">Hand</th><th scope="col" class="right">Inputs a second</th><th scope="col" class="right">Delay</th><th scope="col">Holds</th></tr></thead>
        <tbody data-hands></tbody>
    </table>
    <p class="empty" data-hands-none>Nobody is there yet: open a page, or start a program that has a token.</p>
    <p class="panel__row"><span class="column__note" data-eyes></span><button type="button" class="link" data-let-go title="Everything that is held, toggled or running ends">Let go of everything</button></p>
    <h3 class="column__title">Tokens of programs</h3>
    @if (session('token'))
        <p class="notice token">This token is shown once: <code>{{ session('token') }}</code> <span>A program sends it as <code>Authorization: Bearer</code>; docs/rig-protocol.md says how.</span></p>
    @endif
    <ul class="tokens">
        @forelse ($view->tokens() as $token)
            <li><span><b>{{ $token->name }}</b> <small>{{ implode(', ', App\Rig\Scope::of($token->scope)->inWords()) }} · since {{ $token->created_at->format('Y-m-d') }}</small></span>
                <form data-does="record" method="post" action="{{ route('token.remove', $place->record->id) }}" data-edit novalidate>@csrf<input type="hidden" name="token" value="{{ $token->id }}"><button class="link">Take away</button></form></li>
        @empty
            <li class="empty">None. Pages need none.</li>
        @endforelse
    </ul>
    <details class="panel__new" id="new-token"><summary class="link">Give a token to a program</summary>
        <form data-does="record" method="post" action="{{ route('token.add', $place->record->id) }}" data-edit novalidate class="panel__form">@csrf
            <label class="field"><span>Program</span><input name="name" maxlength="60" placeholder="My button box"></label>
            <fieldset class="choice choice--wrap"><legend class="sr-only">What it may</legend>
                <label><input type="checkbox" name="see" value="1" checked><span>see what happens</span></label>
                <label><input type="checkbox" name="order" value="1"><span>give orders</span></label>
                @foreach ($rig->devices as $one)<label><input type="checkbox" name="feeds[]" value="{{ $one->id }}"><span>move {{ $one->name }}</span></label>@endforeach
                @if ($place->set->catalogue !== null)<label><input type="checkbox" name="games[]" value="{{ $place->set->catalogue->id }}"><span>be {{ $place->set->catalogue->name }}</span></label>@endif
            </fieldset>
            <button class="button">Give it</button>
        </form>
    </details>
</div>
