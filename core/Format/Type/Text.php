<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\Node;

/** A text that a person writes. */
final readonly class Text implements Type
{
    public function __construct(public int $longest) {}

    public function read(Node $node): string
    {
        return $node->string($this->longest);
    }

    public function schema(): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => $this->longest];
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
