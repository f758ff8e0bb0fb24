<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class LayerRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return ['name' => ['required', 'string', 'max:30'], 'holder' => ['nullable', 'string'], 'layer' => ['nullable', 'string']];
    }
}
