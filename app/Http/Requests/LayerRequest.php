<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Nailrod\Core\Layer\Layer;

final class LayerRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return ['name' => ['required', 'string', 'max:30'], 'holder' => ['nullable', 'string'], 'layer' => ['nullable', 'string'], 'colour' => ['sometimes', 'integer', 'between:1,'.Layer::COLOURS], 'lets_go' => ['sometimes', 'boolean']];
    }
}
