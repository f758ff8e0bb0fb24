<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Proposals of a plan that are taken. */
final class PlanRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'propose' => ['required', 'string', 'max:60'],
            'not' => ['array', 'max:400'],
            'not.*' => ['string', 'max:200'],
            'only' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return list<string> */
    public function not(): array
    {
        return array_values(array_filter($this->array('not'), is_string(...)));
    }

    /** @return ?list<string> null for all */
    public function chosen(): ?array
    {
        $only = $this->string('only')->toString();

        return $only === '' ? null : [$only];
    }
}
