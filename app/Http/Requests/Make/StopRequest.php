<?php

declare(strict_types=1);

namespace App\Http\Requests\Make;

use App\Forms\Answers;
use App\Forms\Figure;
use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Mapping\Axis\Stop;

/** A stop, as its form gives it, and what opens it. */
final class StopRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'stop' => ['required', 'string', 'regex:/^[a-z0-9][a-z0-9_-]*$/'],
            'opener' => ['nullable', 'string'],
        ];
    }

    /** @return array<string, mixed> the stop in the open format */
    public function value(): array
    {
        return (new Answers($this->all(), new Figure($this->boolean('centred'))))->all(Stop::fields());
    }
}
