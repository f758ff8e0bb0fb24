<?php

declare(strict_types=1);

namespace App\Http\Requests\Keep;

use App\Http\Requests\RevisionRequest;

/** A set that is begun, copied or renamed. */
final class SetRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'simulator' => ['nullable', 'string', 'regex:/^[a-z0-9_-]+$/'],
        ];
    }

    public function name(): string
    {
        return $this->string('name')->trim()->toString();
    }
}
