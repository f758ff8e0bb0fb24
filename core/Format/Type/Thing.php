<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** An object with fields of its own. */
final readonly class Thing implements Type
{
    /**
     * @param string                 $called what it is: "a lamp"
     * @param ?\Closure(Node): mixed $reader null: what its fields say, as Given
     * @param array<string, mixed>   $beside what else its schema says
     */
    public function __construct(
        public Fields $fields,
        private string $called,
        private ?\Closure $reader = null,
        private array $beside = [],
    ) {}

    /** @throws FormatError */
    public function read(Node $node): mixed
    {
        return $this->reader === null ? $this->fields->read($node) : ($this->reader)($node);
    }

    public function schema(): array
    {
        return $this->fields->schema([], ucfirst($this->called).'.') + $this->beside;
    }

    public function inWords(): string
    {
        return $this->called;
    }

    public function unit(): string
    {
        return '';
    }

    /** @return array<string, mixed> */
    public function example(): array
    {
        return $this->fields->example();
    }

    public function renamed(mixed $value, callable $as): mixed
    {
        return is_array($value) ? $this->fields->renamed($value, $as) : $value;
    }
}
