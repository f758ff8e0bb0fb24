<div class="recorder" id="recorder">
    <span class="recorder__playing" id="playing" role="status"></span>
    <span class="recorder__macro" data-record-macro role="status" hidden></span>
    <label class="recorder__name" data-record-name hidden><span class="sr-only">Name of the recording</span><input maxlength="60" placeholder="Name it"></label>
    <span class="figure" data-record-time hidden>0.0 s</span>
    <button type="button" class="recorder__turn" data-record aria-pressed="false" title="Record what the rig does"><span class="recorder__dot" aria-hidden="true"></span><span data-record-word>Record</span></button>
</div>
