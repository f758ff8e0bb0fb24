<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** One of several objects, told apart by the field that only one of them has. */
final readonly class Variants implements Type
{
    /**
     * @param non-empty-array<string, Thing> $things by that field; the first is what a thing is meant to be that has
     *    none of them
     */
    public function __construct(public array $things) {}

    /** @throws FormatError */
    public function read(Node $node): mixed
    {
        foreach (array_reverse($this->things) as $field => $thing) {
            if ($node->has($field)) {
                return $thing->read($node);
            }
        }

        return array_values($this->things)[0]->read($node);
    }

    public function schema(): array
    {
        return ['oneOf' => array_values(array_map(fn (Thing $thing) => $thing->schema(), $this->things))];
    }

    public function inWords(): string
    {
        return implode(', or ', array_map(fn (Thing $thing) => $thing->inWords(), $this->things));
    }

    public function unit(): string
    {
        return '';
    }

    /** @return array<string, mixed> */
    public function example(): array
    {
        return array_values($this->things)[0]->example();
    }

    public function renamed(mixed $value, callable $as): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        foreach (array_reverse($this->things) as $field => $thing) {
            if (isset($value[$field])) {
                return $thing->renamed($value, $as);
            }
        }

        return array_values($this->things)[0]->renamed($value, $as);
    }
}
