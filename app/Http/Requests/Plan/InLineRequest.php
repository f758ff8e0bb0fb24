<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Requests\RevisionRequest;

/** A role that is brought to the same place in a set, or in all. */
final class InLineRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'role' => ['required', 'string', 'max:40'],
            'layer' => ['required', 'string', 'max:60'],
            'ref' => ['required', 'string', 'max:200'],
            'only' => ['nullable', 'string', 'regex:/^[a-z0-9_-]+$/'],
        ];
    }
}
