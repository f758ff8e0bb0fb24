<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class StopRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'stop' => ['required', 'string', 'regex:/^[a-z0-9][a-z0-9_-]*$/'],
            'name' => ['required', 'string', 'max:60'],
            'at' => ['required', 'numeric', $this->placeRule()],
            'side' => ['required', 'in:above,below'],
            'opens' => ['required', 'string'],
            'axes' => ['required', 'array', 'max:16'],
            'axes.*' => ['string'],
            'opener' => ['nullable', 'string'],
            'rearm' => ['required', 'numeric', 'between:0,50'],
            'patience' => ['required', 'numeric', 'min:0'],
        ];
    }

    /** @return array<string, mixed> the stop in the open format */
    public function value(): array
    {
        return [
            'name' => $this->string('name')->toString(),
            'axes' => array_values($this->array('axes')),
            'at' => $this->place('at'),
            'side' => $this->string('side')->toString(),
            'opens' => $this->string('opens')->toString(),
            'rearm' => $this->width('rearm'),
            'patience_ms' => $this->float('patience'),
        ];
    }
}
