<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Requests\RevisionRequest;

/** An action, and the control that was pressed or moved for it. */
final class PressRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'action' => ['required', 'string', 'max:60'],
            'layer' => ['required', 'string', 'max:60'],
            'ref' => ['required', 'string', 'max:200'],
        ];
    }
}
