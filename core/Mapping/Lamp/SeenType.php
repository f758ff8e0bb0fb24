<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Lamp;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Type;

/** Something that can be seen of a run and that a lamp can show, as an object with one of a few fields. */
final readonly class SeenType implements Type
{
    /** @throws FormatError */
    public function read(Node $node): Seen
    {
        return Seen::read($node);
    }

    public function schema(): array
    {
        $id = ['$ref' => '#/$defs/id'];
        $number = ['type' => 'number', 'minimum' => -1e9, 'maximum' => 1e9];
        $object = fn (array $properties): array => [
            'type' => 'object',
            'properties' => $properties,
            'required' => array_keys($properties),
            'additionalProperties' => false,
        ];

        return ['oneOf' => [
            $object(['layer' => $id]),
            $object(['stop' => $id, 'is' => ['enum' => ['open', 'shut']]]),
            $object(['flag' => $id, 'is' => ['enum' => ['up', 'down']]]),
            $object(['contact' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 120]]),
            $object([Seen::ALWAYS => ['const' => true]]),
            $object(['variable' => $id, 'from' => $number, 'to' => $number]),
        ]];
    }

    public function inWords(): string
    {
        return 'an object with one of "layer", "stop" (and "is": "open" or "shut"), "flag" (and "is": "up" or '
            .'"down"), "contact", "variable" (and "from" and "to"), or "always": true';
    }

    public function unit(): string
    {
        return '';
    }

    /** @return array<string, string> */
    public function example(): array
    {
        return ['layer' => 'water'];
    }

    public function renamed(mixed $value, callable $as): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        foreach (array_diff(Seen::SORTS, [Seen::ALWAYS]) as $sort) {
            $value = is_string($value[$sort] ?? null) ? array_replace(
                $value,
                [$sort => $as($sort, $value[$sort])],
            ) : $value;
        }

        return $value;
    }
}
