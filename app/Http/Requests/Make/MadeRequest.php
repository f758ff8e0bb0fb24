<?php

declare(strict_types=1);

namespace App\Http\Requests\Make;

use App\Forms\Answers;
use App\Forms\Figure;
use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Mapping\Made\MadeKinds;

/** What is made from axes, as its form gives it; its fields are read by its kind. */
final class MadeRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'id' => ['required', 'string', 'regex:/^[a-z0-9][a-z0-9_-]*$/'],
            'kind' => ['required', 'string'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->toString();
    }

    /**
     * In the open format; only what its kind has. What no form has is kept; what the form of another kind did not have
     * is added.
     *
     * @return array<string, mixed>
     */
    public function value(?Made $now): array
    {
        $kinds = MadeKinds::all();
        $kind = $this->string('kind')->toString();
        $said = (
            new Answers($this->all(), new Figure($this->boolean('centred')))
        )->alone($kinds[$kind] ?? null, $kind, $now?->toArray());

        return isset($kinds[$kind]) ? $kinds[$kind]::completed($said) : $said;
    }
}
