<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;

/** A name for files and references that a thing gives to itself. */
final readonly class NewId implements Type
{
    use NamesNothing;

    /** @param array<string, string> $kept names that it cannot have, and what each stands for */
    public function __construct(private string $example = 'new', private array $kept = []) {}

    /** @throws FormatError */
    public function read(Node $node): string
    {
        $id = $node->id();

        return isset($this->kept[$id]) ? throw $node->refuse(
            'another name: "'.$id.'" stands for '.$this->kept[$id],
        ) : $id;
    }

    public function schema(): array
    {
        return ['$ref' => '#/$defs/id'] + ($this->kept === [] ? [] : ['not' => ['enum' => Keys::of($this->kept)]]);
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
