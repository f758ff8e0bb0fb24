{{-- What is asked for in a list is pressed, moved or found by a part of its name; resources/js/choose.js opens it beside the list. --}}
<div class="choose" id="choose" role="dialog" aria-labelledby="choose-title" hidden>
    <p class="choose__title" id="choose-title"></p>
    <div class="choose__key" data-keys tabindex="0" role="application" aria-label="Press the key here" hidden></div>
    <input type="text" class="choose__find" role="combobox" aria-expanded="true" aria-autocomplete="list" aria-controls="choose-list" aria-label="Find by a part of its name" autocomplete="off" spellcheck="false">
    <ul class="choose__list scroll" id="choose-list" role="listbox" aria-labelledby="choose-title"></ul>
    <p class="choose__says" role="status"></p>
</div>
