<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\Node;

/** A whole number between two limits, some of which have names that a person chooses from. */
final readonly class NamedWhole implements Type
{
    use NamesNothing;

    /** @param array<int, string> $words by number */
    public function __construct(public int $least, public int $most, public array $words) {}

    public function read(Node $node): int
    {
        return $this->whole()->read($node);
    }

    public function schema(): array
    {
        return $this->whole()->schema();
    }

    public function inWords(): string
    {
        return $this->whole()->inWords();
    }

    public function unit(): string
    {
        return '';
    }

    public function example(): int
    {
        return array_key_first($this->words) ?? $this->least;
    }

    private function whole(): Whole
    {
        return new Whole($this->least, $this->most);
    }
}
