<div class="notice notice--changed listening" id="listening" role="status" hidden>
    <span><span data-said></span> Press Escape twice to end that.</span>
    <svg class="mouse-pad" id="mouse-pad" viewBox="-100 -60 200 120" hidden aria-label="Pad for the mouse: where it is, its buttons and its wheel count here"><rect class="pad" x="-99" y="-59" width="198" height="118" rx="4" /><path class="pad__cross" d="M-99 0h198M0-59v118" /><circle class="pad__dot" r="6" data-dot /></svg>
</div>
