<p class="says">Each phrase is a contact: said (typed in the field on the left, or clicked on the list), it closes for a moment. What a phrase does stands on Assign.</p>
<div class="scroll" id="phrases-scroll" tabindex="0" role="region" aria-label="Phrases of {{ $view->device->name }}">
    <ol class="phrases">
    @foreach ($view->device->controls as $control)
        <li data-row="{{ $control->contacts[0]->ref }}">
            <form data-does="edit" method="post" action="{{ route('rig.note', $place->edited->id) }}" data-edit novalidate data-autosave>{{ $place->from() }}<input type="hidden" name="control" value="{{ $control->ref }}">
                <label class="sr-only" for="p-{{ $control->id() }}">Phrase {{ $loop->iteration }}</label><input name="name" id="p-{{ $control->id() }}" value="{{ $control->name }}" maxlength="60" required></form>
            <form data-does="edit" method="post" action="{{ route('rig.remove-phrase', $place->edited->id) }}" data-edit novalidate>{{ $place->from() }}<input type="hidden" name="control" value="{{ $control->ref }}"><button class="link" aria-label="Remove the phrase {{ $control->name }}">remove</button></form>
        </li>
    @endforeach
    </ol>
    @if ($view->device->controls === [])<p class="empty">No phrase yet. Write the first one below.</p>@endif
</div>
<form data-does="edit" method="post" action="{{ route('rig.add-phrase', $place->edited->id) }}" data-edit novalidate class="panel__row add-phrase">{{ $place->from() }}<input type="hidden" name="device" value="{{ $view->device->id }}">
    <label class="field field--tall"><span>A new phrase</span><input name="phrase" id="new-phrase" maxlength="60" autocomplete="off" value="" required></label><button class="button">Add it</button></form>
<form data-does="edit" method="post" action="{{ route('rig.remove', $place->edited->id) }}" data-edit novalidate class="panel__row">{{ $place->from() }}<input type="hidden" name="device" value="{{ $view->device->id }}"><button class="link">Take {{ $view->device->name }} out of the rig</button></form>
