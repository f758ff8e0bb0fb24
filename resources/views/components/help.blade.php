@props(['place'])
@php($help = App\View\HelpPages::of($place->address()))
@php($label = App\View\Places::labelOf($place->address()))
<dialog class="help" id="help" aria-labelledby="help-title">
    <h2 id="help-title">@if ($help !== null){{ $label }}: why and how @else Keys and help @endif</h2>
    @if ($help !== null)<div class="help__page" id="help-why" data-from="{{ route('help', ['set' => $place->record->id, 'page' => $help]) }}" aria-live="polite"><p><a class="link" href="{{ route('help', ['set' => $place->record->id, 'page' => $help]) }}">Why and how of {{ $label }}</a></p></div>@endif
    <h3 class="help__keys">Keys</h3>
    <div class="help__columns">
        <section>
            <h3>Anywhere</h3>
            <dl>
                <div><dt><kbd>1</kbd> to <kbd>{{ count(App\View\Places::GROUPS) }}</kbd></dt>
                    <dd>{{ implode(', ', App\View\Places::GROUPS) }}: once more goes to its next place, with <kbd>Shift</kbd> to the one
                    before</dd></div>
                <div><dt><kbd>Ctrl</kbd> <kbd>K</kbd></dt><dd>find anything by a part of its name, and go there</dd></div>
                <div><dt><kbd>Ctrl</kbd> <kbd>Z</kbd></dt><dd>undo the last edit</dd></div>
                <div><dt><kbd>Ctrl</kbd> <kbd>Y</kbd></dt><dd>do it again</dd></div>
                <div><dt><kbd>L</kbd></dt><dd>reach for it: a control you move or press is jumped to, or not</dd></div>
                <div><dt><kbd>A</kbd></dt><dd>set what is picked aside, or take it up again: an assignment, a stop, a threshold, a macro, a lamp rule</dd></div>
                <div><dt><kbd>T</kbd></dt><dd>light, dark, or as the system says</dd></div>
                <div><dt><kbd>?</kbd></dt><dd>this page</dd></div>
            </dl>
        </section>
        <section>
            <h3>On Assign</h3>
            <dl>
                <div><dt><kbd>↑</kbd> <kbd>↓</kbd> <kbd>←</kbd> <kbd>→</kbd></dt><dd>from cell to cell; <kbd>Enter</kbd> picks one, <kbd>Delete</kbd> clears it</dd></div>
                <div><dt><kbd>E</kbd></dt><dd>to the editor of the picked cell</dd></div>
                <div><dt><kbd>Ctrl</kbd> <kbd>C</kbd> <kbd>X</kbd> <kbd>V</kbd></dt><dd>copy or move a cell to another</dd></div>
                <div><dt>Pair</dt><dd>press a key and a control within two seconds: they are assigned to each other; <kbd>Esc</kbd> twice ends it</dd></div>
                <div><dt>drag</dt><dd>a wire from a cell to an action, or back; a cell to another moves it, with <kbd>Ctrl</kbd> copies, with <kbd>Alt</kbd> swaps</dd></div>
            </dl>
            <h3>On a drawn device</h3>
            <dl>
                <div><dt><kbd>Tab</kbd></dt><dd>from control to control</dd></div>
                <div><dt>mouse wheel</dt><dd>over an encoder: turn it</dd></div>
                <div><dt><kbd>↑</kbd> <kbd>↓</kbd> <kbd>←</kbd> <kbd>→</kbd></dt><dd>move a lever, stick, switch or dial; <kbd>Page up</kbd> and <kbd>Page down</kbd> in larger steps, <kbd>Home</kbd> and <kbd>End</kbd> to the ends</dd></div>
                <div><dt><kbd>Space</kbd></dt><dd>press a button for as long as it is down; flip a switch</dd></div>
                <div><dt><kbd>Enter</kbd></dt><dd>or Shift and a click: keep a button down until the next time</dd></div>
            </dl>
        </section>
    </div>
    <form data-does="look" method="dialog"><button class="button" autofocus>Close</button></form>
</dialog>
