<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Lamp;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Type;

/** Something that can be seen of a run and that a lamp can show, as an object with one of a few fields. */
final readonly class Seen implements Type
{
    public const ALWAYS = 'always';

    public const SORTS = ['layer', 'stop', 'flag', 'contact', 'variable', self::ALWAYS];

    /**
     * @return array{sort: string, name: string, is: bool, from: float, to: float}
     *
     * @throws FormatError
     */
    public function read(Node $node): array
    {
        $sorts = array_values(array_filter(self::SORTS, $node->has(...)));
        if (count($sorts) !== 1) {
            throw $node->refuse('one of "layer", "stop", "flag", "contact", "variable" and "always"');
        }
        $sort = $sorts[0];
        $node->only(match ($sort) {
            'stop', 'flag' => [$sort, 'is'],
            'variable' => [$sort, 'from', 'to'],
            default => [$sort],
        });
        $from = $sort === 'variable' ? $node->get('from')->number(-1e9, 1e9) : 0.0;

        return [
            'sort' => $sort,
            'name' => match ($sort) {
                self::ALWAYS => $node->get($sort)->bool() ? '' : throw $node->get($sort)->refuse('true'),
                'contact' => $node->get($sort)->string(120),
                default => $node->get($sort)->id(),
            },
            'is' => match ($sort) {
                'stop' => $node->get('is')->oneOf(['open', 'shut']) === 'open',
                'flag' => $node->get('is')->oneOf(['up', 'down']) === 'up',
                default => true,
            },
            'from' => $from,
            'to' => $sort === 'variable' ? $node->get('to')->number($from, 1e9) : 0.0,
        ];
    }

    public function schema(): array
    {
        $id = ['$ref' => '#/$defs/id'];
        $number = ['type' => 'number', 'minimum' => -1e9, 'maximum' => 1e9];
        $object = fn (array $properties): array => ['type' => 'object', 'properties' => $properties, 'required' => array_keys($properties), 'additionalProperties' => false];

        return ['oneOf' => [
            $object(['layer' => $id]),
            $object(['stop' => $id, 'is' => ['enum' => ['open', 'shut']]]),
            $object(['flag' => $id, 'is' => ['enum' => ['up', 'down']]]),
            $object(['contact' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 120]]),
            $object([self::ALWAYS => ['const' => true]]),
            $object(['variable' => $id, 'from' => $number, 'to' => $number]),
        ]];
    }

    public function inWords(): string
    {
        return 'an object with one of "layer", "stop" (and "is": "open" or "shut"), "flag" (and "is": "up" or "down"), "contact", "variable" (and "from" and "to"), or "always": true';
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
        foreach (array_diff(self::SORTS, [self::ALWAYS]) as $sort) {
            $value = is_string($value[$sort] ?? null) ? array_replace(
                $value,
                [$sort => $as($sort, $value[$sort])],
            ) : $value;
        }

        return $value;
    }
}
