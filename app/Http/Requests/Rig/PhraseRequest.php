<?php

declare(strict_types=1);

namespace App\Http\Requests\Rig;

use App\Http\Requests\RevisionRequest;

/** A phrase for a list of phrases. */
final class PhraseRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return ['device' => ['required', 'string'], 'phrase' => ['required', 'string', 'max:60']];
    }

    public function device(): string
    {
        return $this->string('device')->toString();
    }

    /** With one space between words. */
    public function phrase(): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $this->string('phrase')->toString()));
    }

    public function attributes(): array
    {
        return ['phrase' => 'Phrase'] + parent::attributes();
    }
}
