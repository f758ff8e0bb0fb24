<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Macro;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Type;
use Nailrod\Core\Mapping\Output\Outputs;

/** One step of a macro, as an object. */
final readonly class StepType implements Type
{
    public function read(Node $node): MacroStep
    {
        return MacroStep::read($node);
    }

    public function schema(): array
    {
        return MacroStep::schema();
    }

    public function inWords(): string
    {
        return 'a step of a macro';
    }

    public function unit(): string
    {
        return '';
    }

    /** @return array<string, mixed> */
    public function example(): array
    {
        return ['do' => 'tap', 'output' => ['kind' => 'key', 'code' => 'KeyH'], 'ms' => 60];
    }

    public function renamed(mixed $value, callable $as): mixed
    {
        return is_array($value) && isset($value['output']) ? array_replace(
            $value,
            ['output' => Outputs::renamed($value['output'], $as)],
        ) : $value;
    }
}
