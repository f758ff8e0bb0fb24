<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\Node;

/** A name for files and references that a thing gives to itself. */
final readonly class NewId implements Type
{
    public function __construct(private string $example = 'new') {}

    public function read(Node $node): string
    {
        return $node->id();
    }

    public function schema(): array
    {
        return ['$ref' => '#/$defs/id'];
    }

    public function inWords(): string
    {
        return 'a name of lower-case letters, digits, "-" and "_"';
    }

    public function unit(): string
    {
        return '';
    }

    public function example(): string
    {
        return $this->example;
    }
}
