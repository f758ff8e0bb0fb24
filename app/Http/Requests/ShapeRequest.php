<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** One part of the shaping of an axis, as its form gives it: percentages, and readings for the calibration. */
final class ShapeRequest extends RevisionRequest
{
    protected function fields(): array
    {
        $percent = ['sometimes', 'required', 'numeric', 'between:0,100'];

        return ['axis' => ['required', 'string'], 'reverse' => ['sometimes', 'boolean']] + match ($this->route('part')) {
            'calibrate' => ['low' => ['required', 'integer'], 'high' => ['required', 'integer'], 'rest' => ['nullable', 'integer']],
            'curve' => ['k' => ['required', 'numeric', 'between:-100,100']],
            default => ['low' => $percent, 'high' => $percent, 'rest' => $percent],
        };
    }

    /** @return array<string, mixed> the part in the open format */
    public function value(): array
    {
        return match ($this->route('part')) {
            'calibrate' => array_filter([
                'low' => $this->integer('low'),
                'high' => $this->integer('high'),
                'rest' => $this->filled('rest') ? $this->integer('rest') : null,
                'reverse' => $this->boolean('reverse') ?: null,
            ], fn (mixed $value) => $value !== null),
            'curve' => ['kind' => 'expo', 'k' => $this->part('k')],
            default => array_map($this->part(...), array_combine($fields = array_values(array_filter(['low', 'high', 'rest'], $this->has(...))), $fields)),
        };
    }
}
