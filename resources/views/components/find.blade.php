{{-- Anything is found by a part of its name: Ctrl+K. What is found is asked of the server; resources/js/find.js shows it. --}}
<dialog class="choose find-anything" id="find" aria-label="Find anything" data-find-at="{{ $to }}">
    <input type="text" class="choose__find" role="combobox" aria-expanded="true" aria-autocomplete="list" aria-controls="find-list" aria-label="Find a place, a control, an action, anything" placeholder="A part of what it is called" autocomplete="off" spellcheck="false">
    <ul class="choose__list scroll" id="find-list" role="listbox" aria-label="What is found"></ul>
    <p class="choose__says" role="status"></p>
</dialog>
