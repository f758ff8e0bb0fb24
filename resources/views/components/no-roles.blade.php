@props(['catalogue'])
{{-- A game whose list of actions names no roles: what that means. --}}
@if ($catalogue !== null && $catalogue->byRole() === [])
<p class="says says--warn">The list of actions of {{ $catalogue->name }} names no roles. It can be assigned, planned and paired like any other; what cannot be done is to carry something over to it by role, or to keep it in line with other games. A column <b>role</b> in the list says what each action is for, in the same words in every game: look left.</p>
@endif
