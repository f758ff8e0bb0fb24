@props(['form', 'behaviour', 'tick' => false])
{{-- The behaviour of a contact; the fields of the chosen kind are shown. --}}
@php($kind = $behaviour === null ? ($tick ? 'ticks' : 'follow') : $behaviour::kind())
{{ $form->chooser('Behaviour', $kind) }}
{{ $form->fields($kind, $behaviour?->toArray() ?? []) }}
