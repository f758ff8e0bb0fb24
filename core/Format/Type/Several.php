<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** A list of one type. */
final readonly class Several implements Type
{
    /**
     * @param bool   $distinct may nothing stand twice?
     * @param string $refusal  what is expected where there are too few of them, or one twice
     */
    public function __construct(
        public Type $of,
        public int $least,
        public int $most,
        public bool $distinct = false,
        private string $refusal = '',
    ) {}

    /**
     * @return list<mixed>
     *
     * @throws FormatError
     */
    public function read(Node $node): array
    {
        $nodes = $node->list($this->refusal === '' ? $this->most : 1000);
        if (count($nodes) > $this->most) {
            throw $node->refuse($this->refusal);
        }
        $values = array_map($this->of->read(...), $nodes);
        if (count($values) < $this->least || (
            $this->distinct && count(array_unique($values, SORT_REGULAR)) !== count($values)
        )) {
            throw $node->refuse($this->refusal === '' ? $this->inWords() : $this->refusal);
        }

        return $values;
    }

    public function schema(): array
    {
        return ['type' => 'array'] + (
            $this->least > 0 ? ['minItems' => $this->least] : []
        ) + ['maxItems' => $this->most] + (
            $this->distinct ? ['uniqueItems' => true] : []
        ) + ['items' => $this->of->schema()];
    }

    public function inWords(): string
    {
        $count = match (true) {
            $this->least === $this->most => (string) $this->least,
            $this->least === 0 => 'at most '.$this->most,
            default => $this->least.' to '.$this->most,
        };

        return sprintf('a list of %s, each %s%s', $count, $this->of->inWords(), $this->distinct ? ', none twice' : '');
    }

    public function unit(): string
    {
        return $this->of->unit();
    }

    /** @return list<mixed> */
    public function example(): array
    {
        $example = $this->of->example();
        $list = [];
        for ($i = 0; $i < max(1, $this->least); $i++) {
            $list[] = match (true) {
                is_string($example) && $this->of instanceof Choice => array_keys($this->of->words)[$i],
                is_string($example) && $i > 0 => substr($example, 0, -1).($i + 1),
                is_int($example), is_float($example) => $example + $i * 0.2,
                default => $example,
            };
        }

        return $list;
    }

    public function renamed(mixed $value, callable $as): mixed
    {
        return is_array($value) ? array_map(fn (mixed $one): mixed => $this->of->renamed($one, $as), $value) : $value;
    }
}
