<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\SetDocument;

/** Why a finding is meant, and from which set on. */
final class MeantRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'finding' => ['required', 'string', 'max:300'],
            'why' => ['nullable', 'string', 'max:200'],
            'in' => ['nullable', 'string', 'max:60'],
            'again' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['finding' => 'What is told', 'why' => 'Why', 'in' => 'From'];
    }

    /** It is told again. */
    public function isAgain(): bool
    {
        return $this->boolean('again');
    }

    /** @throws FormatError if nothing is said */
    public function why(): string
    {
        $why = $this->string('why')->trim()->toString();

        return $why !== '' ? $why : throw FormatError::told('why', 'nothing', 'the reason why it is meant');
    }

    /**
     * The set in which it is said.
     *
     * @param list<SetDocument> $chain of the set, itself last
     *
     * @throws FormatError if it is none of them
     */
    public function in(array $chain, string $set): string
    {
        $in = $this->string('in')->toString();

        return match (true) {
            $in === '' => $set,
            in_array($in, array_map(fn (SetDocument $document) => $document->id, $chain), true) => $in,
            default => throw FormatError::told('from', 'another set', 'this one or one that it inherits from'),
        };
    }
}
