<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Program;

use Nailrod\Core\Rig\Device\AxisInput;

/** An axis that a program uses. */
final readonly class AxisRow
{
    /**
     * @param array<string, mixed> $shape its parts in the open format
     * @param list<int>            $stops those that hold it
     */
    public function __construct(public AxisInput $input, public array $shape, public array $stops) {}
}
