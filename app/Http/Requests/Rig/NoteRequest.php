<?php

declare(strict_types=1);

namespace App\Http\Requests\Rig;

use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Rig\Device\Kind\ControlKinds;

/** What the owner says of a control: only the fields that the form has. */
final class NoteRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'control' => ['required', 'string'],
            'name' => ['sometimes', 'required', 'string', 'max:60'],
            'label' => ['sometimes', 'required', 'string', 'max:20'],
            'kind' => ['sometimes', 'required', 'in:'.implode(',', ControlKinds::words())],
            'x' => ['sometimes', 'required', 'integer', 'between:0,4000'],
            'y' => ['sometimes', 'required', 'integer', 'between:0,4000'],
            'debounce' => ['sometimes', 'required', 'numeric', 'between:0,1000'],
        ];
    }

    public function control(): string
    {
        return $this->string('control')->toString();
    }

    /** @return array<string, mixed> fields of a note in the open format */
    public function note(): array
    {
        $note = [];
        foreach (['name', 'label', 'kind'] as $field) {
            if ($this->has($field)) {
                $note[$field] = $this->string($field)->toString();
            }
        }

        if ($this->has('debounce')) {
            $note['debounce_ms'] = $this->float('debounce') > 0.0 ? $this->float('debounce') : null;
        }

        return $note + ($this->has('x') && $this->has('y') ? ['at' => [$this->integer('x'), $this->integer('y')]] : []);
    }

    public function attributes(): array
    {
        return [
            'x' => 'Across',
            'y' => 'Down',
            'label' => 'Label',
            'kind' => 'Kind',
            'debounce' => 'Debounce',
        ] + parent::attributes();
    }
}
