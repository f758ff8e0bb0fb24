<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

use Nailrod\Core\Format\Type\Type;

/**
 * One field of what a file can say: all that a reader, a schema, a form, a refusal and a page of the docs want to know
 * of it is said here, once.
 */
final readonly class Field
{
    /**
     * @param string $name    in the file
     * @param string $label   on the page
     * @param string $help    what it means, in one sentence
     * @param bool   $isRequired must it be said? Otherwise what is missing counts as $usual
     * @param mixed  $usual   as it stands in the file; null: nothing
     * @param mixed  $begins  what a form begins with where nothing is usual, as it stands in the file
     */
    private function __construct(
        public string $name,
        public string $label,
        public Type $type,
        public string $help,
        public bool $isRequired,
        public mixed $usual = null,
        public mixed $begins = null,
        public bool $isShown = true,
    ) {}

    /** One that must be said. */
    public static function required(string $name, string $label, Type $type, string $help, mixed $begins = null): self
    {
        return new self($name, $label, $type, $help, true, null, $begins);
    }

    /** One that may be left out. */
    public static function optional(
        mixed $usual,
        string $name,
        string $label,
        Type $type,
        string $help,
        mixed $begins = null,
    ): self {
        return new self($name, $label, $type, $help, false, $usual, $begins);
    }

    /** The same, but no form has it: it is changed in another way, or in the file alone. */
    public function hidden(): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->type,
            $this->help,
            $this->isRequired,
            $this->usual,
            $this->begins,
            false,
        );
    }

    /** What a form shows for something that is new. */
    public function atFirst(): mixed
    {
        return $this->begins ?? $this->usual ?? ($this->isRequired ? $this->type->example() : null);
    }

    /** @throws FormatError if it is missing, or not as its type wants it */
    public function readIn(Node $node): mixed
    {
        $value = $node->maybe($this->name);
        if ($value === null && ! $this->isRequired) {
            return $this->usual === null ? null : $this->type->read(Node::of($this->usual, $this->name));
        }
        try {
            return $this->type->read($value ?? $node->get($this->name));
        } catch (FormatError $error) {
            throw $error->inField($this);
        }
    }

    /** @return array<string, mixed> in JSON Schema, with what it means */
    public function schema(): array
    {
        return ['description' => $this->help] + $this->type->schema() + (
            $this->usual === null ? [] : ['default' => $this->usual]
        );
    }
}
