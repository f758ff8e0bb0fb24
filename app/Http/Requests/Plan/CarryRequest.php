<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Requests\RevisionRequest;

/** What is carried over into a set: from another set, or from one device to another. */
final class CarryRequest extends RevisionRequest
{
    use TurnsDown;

    protected function fields(): array
    {
        return [
            'carry' => ['nullable', 'string', 'regex:/^[a-z0-9_-]+$/'],
            'old' => ['nullable', 'string', 'regex:/^[a-z0-9_-]+$/'],
            'new' => ['nullable', 'string', 'regex:/^[a-z0-9_-]+$/'],
            'only' => ['nullable', 'string', 'max:200'],
        ] + self::NOT;
    }
}
