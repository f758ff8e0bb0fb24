<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** An edit that names one thing, or two, by single words. */
final class EditRequest extends RevisionRequest
{
    /** What a form may name, and the longest that it can be. */
    private const NAMES = [
        'action' => 60,
        'control' => 200,
        'device' => 60,
        'finding' => 300,
        'id' => 60,
        'layer' => 60,
        'open' => 60,
        'own' => 20,
        'path' => 300,
        'ref' => 200,
        'rule' => 60,
        'stop' => 60,
        'way' => 4000,
    ];

    protected function fields(): array
    {
        return array_map(
            fn (int $longest): array => ['nullable', 'string', 'max:'.$longest],
            self::NAMES,
        ) + ['turned' => ['nullable', 'boolean']];
    }

    /** @param key-of<self::NAMES> $name */
    public function word(string $name): string
    {
        return $this->string($name)->toString();
    }
}
