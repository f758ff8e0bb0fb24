<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Requests\RevisionRequest;

/** Proposals of a plan that are taken. */
final class PlanRequest extends RevisionRequest
{
    use TurnsDown;

    protected function fields(): array
    {
        return [
            'propose' => ['required', 'string', 'max:60'],
            'only' => ['nullable', 'string', 'max:60'],
            'devices' => ['array', 'max:200'], 'devices.*' => ['string', 'max:60'],
            'by' => ['nullable', 'string', 'max:20'],
            'otherwise' => ['array', 'max:400'], 'otherwise.*' => ['string', 'max:60'],
        ] + self::NOT;
    }

    /** @return ?list<string> null for all */
    public function chosen(): ?array
    {
        $only = $this->string('only')->toString();

        return $only === '' ? null : [$only];
    }
}
