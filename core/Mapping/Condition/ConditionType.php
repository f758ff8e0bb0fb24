<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Condition;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Type;

/** What something depends on, as an object. */
final readonly class ConditionType implements Type
{
    public function read(Node $node): Condition
    {
        return Conditions::read($node);
    }

    public function schema(): array
    {
        return ['$ref' => '#/$defs/condition'];
    }

    public function inWords(): string
    {
        return 'a condition';
    }

    public function unit(): string
    {
        return '';
    }

    /** @return array<string, mixed> */
    public function example(): array
    {
        return ['flag' => 'armed', 'is' => 'up'];
    }

    public function renamed(mixed $value, callable $as): mixed
    {
        return Conditions::renamed($value, $as);
    }
}
