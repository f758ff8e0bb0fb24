<x-plain title="Nailrod">
    <h1>Nailrod</h1>
    <p class="first__says">Say once what your joysticks, throttles, wheels, pedals and boxes shall do, and have it in every simulator. Nailrod finds out which number a switch has, shapes what an axis sends, gives a control a second meaning while you hold another, and says in a sentence why something happened. What you say is kept here on your own machine, each step can be undone, and it comes out on labels, on a phone and in the memory of the device.</p>
    <div class="first__ways">
        @if ($opens !== null)
        <form data-does="record" method="post" action="{{ route('first.demo') }}">@csrf<button class="button button--main">Look around in the demo</button><p class="column__note">A rig of drawn devices, three made-up games. Nothing can be broken in it.</p></form>
        @elseif ($isAway)
        <form data-does="record" method="post" action="{{ route('demo.bring-back') }}">@csrf<button class="button">Bring the demo back</button><p class="column__note">As it was when it was put away.</p></form>
        @endif
        @foreach ($own as $set)<p><a class="button button--main" href="{{ route('rig', $set->id) }}">Go on with {{ $set->name }}</a></p>@endforeach
        <form data-does="record" method="post" action="{{ route('first.own') }}">@csrf<button @class(['button', 'button--main' => $own->isEmpty()])>Begin with my own rig</button><label class="field field--tall"><span>What it is called</span><input name="name" maxlength="60" placeholder="My rig"></label></form>
    </div>
    <details class="copies" @if ($opens === null) open @endif><summary>Bring something that was saved</summary>
        <form data-does="look" method="post" action="{{ route('import.bring') }}" enctype="multipart/form-data" class="upload">@csrf
            <label class="field field--tall"><span>A set, a catalogue, or a table of actions</span><input type="file" name="file" accept=".json,.csv" required></label>
            <button class="button">Look at it</button>
        </form>
        @foreach ($found as $device)<form data-does="look" method="post" action="{{ route('store.fresh', $device->id) }}">@csrf<p>{{ $device->title() }} holds a mapping. <button class="button">Read it as a set</button></p></form>@endforeach
    </details>
    @if ($opens !== null && $isLoaded)<form data-does="record" method="post" action="{{ route('demo.put-away') }}">@csrf<p><button class="link">Put the demo away</button> <span class="column__note">It is not listed then; nothing of it is lost.</span></p></form>@endif
</x-plain>
