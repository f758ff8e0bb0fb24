<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\Node;

/** A text that a person writes. */
final readonly class Text implements Type
{
    use NamesNothing;

    /** @param bool $orEmpty may it be empty? */
    public function __construct(public int $longest, private bool $orEmpty = false) {}

    public function read(Node $node): string
    {
        return $this->orEmpty && $node->value === '' ? '' : $node->string($this->longest);
    }

    public function schema(): array
    {
        return ['type' => 'string', 'minLength' => $this->orEmpty ? 0 : 1, 'maxLength' => $this->longest];
    }

    public function inWords(): string
    {
        return 'a text of at most '.$this->longest.' characters';
    }

    public function unit(): string
    {
        return '';
    }

    public function example(): string
    {
        return 'Name';
    }
}
