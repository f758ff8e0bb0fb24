<form data-does="edit" method="post" action="{{ route('roles.bring', $place->record->id) }}" data-edit
    novalidate>{{ $place->from() }}<input type="hidden" name="role" value="{{ $row->role }}"><input type="hidden"
    name="layer" value="{{ $spot->layer }}"><input type="hidden" name="ref" value="{{ $spot->ref }}"><input
    type="hidden" name="only" value="{{ $only }}"><button class="link link--quiet"
    title="{{ ucfirst($row->role) }} to {{ $place->set->rig->nameOf($spot->ref) }}">{{ $words }}</button></form>
