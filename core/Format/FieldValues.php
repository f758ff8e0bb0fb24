<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** What was said in the fields of one thing, each read by its type; what was left out has its usual value. */
final readonly class FieldValues
{
    /**
     * @param array<string, mixed> $values by field
     * @param string               $id     under which the thing stands; empty where it has none
     */
    public function __construct(
        private array $values,
        private Node $node,
        private Fields $fields,
        public string $id = '',
    ) {}

    /** Does the thing have such a field at all? */
    public function has(string $field): bool
    {
        return array_key_exists($field, $this->values);
    }

    public function text(string $field): string
    {
        $value = $this->values[$field];

        return is_string($value) ? $value : throw new \LogicException('No text: '.$field);
    }

    public function textOrNull(string $field): ?string
    {
        return $this->values[$field] === null ? null : $this->text($field);
    }

    public function whole(string $field): int
    {
        $value = $this->values[$field];

        return is_int($value) ? $value : throw new \LogicException('No whole number: '.$field);
    }

    public function wholeOrNull(string $field): ?int
    {
        return $this->values[$field] === null ? null : $this->whole($field);
    }

    public function number(string $field): float
    {
        $value = $this->values[$field];

        return is_float($value) ? $value : throw new \LogicException('No number: '.$field);
    }

    public function numberOrNull(string $field): ?float
    {
        return $this->values[$field] === null ? null : $this->number($field);
    }

    /** @return int a field in milliseconds, in whole µs */
    public function us(string $field): int
    {
        return (int) round(1000 * $this->number($field));
    }

    public function yes(string $field): bool
    {
        return $this->values[$field] === true;
    }

    /** @return list<string> */
    public function texts(string $field): array
    {
        return array_values(array_filter($this->list($field), is_string(...)));
    }

    /** @return list<float> */
    public function numbers(string $field): array
    {
        return array_values(array_filter($this->list($field), is_float(...)));
    }

    /** @return non-empty-list<array{float, float}> */
    public function pairs(string $field): array
    {
        /** @var non-empty-list<array{float, float}> as its type read it */
        return $this->values[$field];
    }

    /** @return list<array{to: float, colour: string}> bands of a row of lamps */
    public function bands(string $field): array
    {
        /** @var list<array{to: float, colour: string}> as its type read it */
        return $this->values[$field];
    }

    /**
     * A value that its type has read into an object.
     *
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return ?T null if it was left out
     */
    public function object(string $field, string $class): ?object
    {
        $value = $this->values[$field];

        return $value === null || $value instanceof $class
            ? $value
            : throw new \LogicException('Not of its type: '.$field);
    }

    /**
     * A value that its type has read into an object, of a field that must be said.
     *
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    public function made(string $field, string $class): object
    {
        return $this->object($field, $class) ?? throw new \LogicException('Left out: '.$field);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return list<T>
     */
    public function objects(string $field, string $class): array
    {
        return array_values(array_filter($this->list($field), fn (mixed $value): bool => $value instanceof $class));
    }

    /** What the fields of an object within say; null if it was left out. */
    public function thing(string $field): ?self
    {
        return $this->object($field, self::class);
    }

    /** @return list<self> */
    public function things(string $field): array
    {
        return $this->objects($field, self::class);
    }

    /**
     * @template T
     *
     * @param callable(mixed): T $of
     *
     * @return array<string, T> by key
     */
    public function byKey(string $field, callable $of): array
    {
        $all = [];
        foreach (Keys::each(is_array($this->values[$field]) ? $this->values[$field] : []) as $key => $value) {
            $all[$key] = $of($value);
        }

        return $all;
    }

    /** @return array{int, int} a place on a faceplate */
    public function place(string $field): array
    {
        /** @var array{int, int} as its type read it */
        return $this->values[$field];
    }

    public function node(string $field): Node
    {
        return $this->node->get($field);
    }

    /** The refusal of an object that lacks a field. */
    public function lacks(string $field): FormatError
    {
        return FormatError::missing($this->node->path, $field);
    }

    public function says(string $field): bool
    {
        return $this->node->has($field);
    }

    /** The refusal of a field, or of the whole where it was left out. */
    public function refuse(string $field, string $expected): FormatError
    {
        return (
            $this->node->has($field) ? $this->node->get($field) : $this->node
        )->refuse($expected)->inField($this->fields->all[$field] ?? null);
    }

    /** The refusal of the whole. */
    public function refuseAll(string $expected): FormatError
    {
        return $this->node->refuse($expected);
    }

    /** The refusal of one entry of a list. */
    public function refuseEntry(string $field, int $entry, string $expected): FormatError
    {
        return (
            $this->node->get($field)->list(PHP_INT_MAX)[$entry] ?? $this->node->get($field)
        )->refuse($expected)->inField($this->fields->all[$field] ?? null);
    }

    /** @return list<mixed> */
    private function list(string $field): array
    {
        $value = $this->values[$field] ?? [];

        return is_array($value) ? array_values($value) : [];
    }
}
