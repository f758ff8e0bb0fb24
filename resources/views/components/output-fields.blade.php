@props(['form', 'does', 'now' => [], 'begins' => []])
{{-- What can be driven by a contact, an axis or a step of a macro; the fields of the chosen kind are shown. --}}
{{ $form->chooser('Output', $does) }}
{{ $form->fields($does, $now, $begins) }}
