<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\Node;

/** A whole number between two limits. */
final readonly class Whole implements Type
{
    use NamesNothing;

    /** @param string $unit as a person reads it: "px", "readings", or nothing */
    public function __construct(public int $least, public int $most, public string $unit = '') {}

    public function read(Node $node): int
    {
        return $node->int($this->least, $this->most);
    }

    public function schema(): array
    {
        return ['type' => 'integer', 'minimum' => $this->least, 'maximum' => $this->most];
    }

    public function inWords(): string
    {
        return sprintf(
            'a whole number from %d to %d%s',
            $this->least,
            $this->most,
            $this->unit === '' ? '' : ' '.$this->unit,
        );
    }

    public function unit(): string
    {
        return $this->unit;
    }

    public function example(): int
    {
        return max($this->least, min($this->most, 1));
    }
}
