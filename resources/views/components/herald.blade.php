{{-- The layer that is live, and how a change of it is announced. --}}
<details class="pop herald" id="herald" data-once hidden><summary class="herald__live"><i class="layer-dot layer--0" aria-hidden="true"></i><span class="sr-only">Live layer: </span><span class="herald__name" data-herald-name></span></summary>
    <form data-does="look" class="pop__body herald__wishes" data-herald-wishes>
        <p class="column__title">When another layer goes live</p>
        <label class="check"><input type="checkbox" name="notice"> say it in a notice</label>
        <label class="field"><span>sound a tone</span><select name="tone"><option value="">none</option><option>low</option><option>high</option><option>two steps</option></select></label>
        <label class="check"><input type="checkbox" name="system"> let the system notify me</label>
        <label class="check"><input type="checkbox" name="silent"> be silent, whatever is ticked</label>
        <p class="column__note" data-herald-said role="status">It always stands here in the bar.</p>
    </form>
</details>
