<?php

declare(strict_types=1);

namespace App\Http\Requests\Make;

use App\Http\Requests\RevisionRequest;

/** One step on the picture of an axis: something to put in or take off, a wish of the hand. */
final class ShapeStepRequest extends RevisionRequest
{
    protected function fields(): array
    {
        $part = ['sometimes', 'required', 'numeric', 'between:0,1'];

        return [
            'axis' => ['required', 'string'],
            'what' => ['nullable', 'string'],
            'other' => ['nullable', 'string'],
            'index' => ['sometimes', 'integer', 'min:0'],
            'travel' => $part, 'first' => $part, 'second' => $part,
            'sends' => ['sometimes', 'required', 'numeric', 'between:-100,100'],
            'both' => ['sometimes', 'boolean'],
        ];
    }

    /** Reference of the axis, or id of what is made from axes. */
    public function axis(): string
    {
        return $this->string('axis')->toString();
    }

    public function what(): string
    {
        return $this->string('what')->toString();
    }

    /** Where a hand was as it was told, 0..1. */
    public function travel(string $field, float $else = 0.0): float
    {
        return $this->filled($field) ? $this->float($field) : $else;
    }

    /** What is to be sent there, 0..1. */
    public function sent(): float
    {
        return $this->place('sends');
    }
}
