{{-- Sets a part aside, or takes it up again; `of` says which to who hears the page. --}}
@props(['place', 'path', 'of'])
@php($isAside = $place->set->isAside($path))
<form data-does="edit" method="post" action="{{ route('aside', $place->record->id) }}" data-edit novalidate data-aside>{{ $place->from() }}<input type="hidden" name="path" value="{{ $path }}"><button class="link" title="{{ $isAside ? 'It does again what it says' : 'It is kept, and does nothing' }} (A)" aria-label="{{ $isAside ? 'Take up' : 'Set aside' }}: {{ $of }}">{{ $isAside ? 'Take up' : 'Set aside' }}</button></form>
