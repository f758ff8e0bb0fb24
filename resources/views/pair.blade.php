<x-plain title="Pair" script="phone">
<div class="phone">
    <h1>Pair this phone</h1>
    <p>Type the six digits that the desk shows, on the place Panel under <b>On a phone</b>.</p>
    @if ($problem !== '')<p class="says says--warn" role="alert">{{ $problem }}</p>@endif
    <form data-does="record" method="post" action="{{ route('phone.pair') }}" novalidate>
        @csrf
        <label class="field field--tall"><span>Code</span><input name="code" inputmode="numeric" autocomplete="off" maxlength="20" autofocus></label>
        <label class="field field--tall"><span>What this phone is called</span><input name="name" autocomplete="off" maxlength="40" placeholder="Phone"></label>
        <button class="button button--main">Pair</button>
    </form>
    <p class="column__note">The panel cannot keep this phone awake by itself: give its screen the longest time in the phone's own settings while you use it.</p>
</div>
</x-plain>
