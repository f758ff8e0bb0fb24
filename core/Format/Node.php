<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** One value of a decoded document together with its path, so that every refusal can say where. */
final readonly class Node
{
    private function __construct(public mixed $value, public string $path) {}

    public static function of(mixed $value, string $path = ''): self
    {
        return new self($value, $path);
    }

    /**
     * The node as an object that has no other fields than these.
     *
     * @param list<string> $fields
     *
     * @throws FormatError
     */
    public function only(array $fields): self
    {
        foreach (array_keys($this->fields()) as $field) {
            if (! in_array((string) $field, $fields, true)) {
                throw FormatError::unknownField($this->path, (string) $field, $fields);
            }
        }

        return $this;
    }

    /**
     * The node as an object without these fields.
     *
     * @param list<string> $fields
     */
    public function without(array $fields): self
    {
        return new self(array_diff_key($this->fields(), array_flip($fields)), $this->path);
    }

    public function has(string $field): bool
    {
        return array_key_exists($field, $this->fields());
    }

    /** @throws FormatError */
    public function get(string $field): self
    {
        $fields = $this->fields();
        if (! array_key_exists($field, $fields)) {
            throw FormatError::missing($this->path, $field);
        }

        return new self($fields[$field], $this->under($field));
    }

    public function maybe(string $field): ?self
    {
        $fields = $this->fields();

        return isset($fields[$field]) ? new self($fields[$field], $this->under($field)) : null;
    }

    /** @throws FormatError */
    public function string(int $longest = 200): string
    {
        if (! is_string($this->value) || $this->value === '') {
            throw FormatError::at($this->path, $this->value, 'a text');
        }
        if (mb_strlen($this->value) > $longest) {
            throw FormatError::told(
                $this->path,
                mb_strlen($this->value).' characters',
                'at most '.$longest.' characters',
            );
        }

        return $this->value;
    }

    /**
     * A name for files and references: lower-case letters, digits, hyphens.
     *
     * @throws FormatError
     */
    public function id(): string
    {
        $id = $this->string(60);
        if (! Ids::isOne($id)) {
            throw FormatError::at(
                $this->path,
                $id,
                $id === '0' ? 'another name than 0' : 'lower-case letters, digits, "-" and "_" only',
            );
        }

        return $id;
    }

    /**
     * @param list<string> $words
     *
     * @throws FormatError
     */
    public function oneOf(array $words): string
    {
        if (! is_string($this->value) || ! in_array($this->value, $words, true)) {
            throw FormatError::at($this->path, $this->value, 'one of '.implode(', ', $words));
        }

        return $this->value;
    }

    /** @throws FormatError */
    public function int(int $low, int $high): int
    {
        if (! is_int($this->value) || $this->value < $low || $this->value > $high) {
            throw FormatError::at(
                $this->path,
                $this->value,
                sprintf(
                    $high === PHP_INT_MAX ? 'a whole number from %d on' : 'a whole number from %d to %d',
                    $low,
                    $high,
                ),
            );
        }

        return $this->value;
    }

    /** @throws FormatError */
    public function number(float $low, float $high): float
    {
        if ((! is_int($this->value) && ! is_float($this->value)) || $this->value < $low || $this->value > $high) {
            throw FormatError::at(
                $this->path,
                $this->value,
                sprintf('a number from %s to %s', FormatError::figure($low), FormatError::figure($high)),
            );
        }

        return (float) $this->value;
    }

    /** @throws FormatError */
    public function bool(): bool
    {
        if (! is_bool($this->value)) {
            throw FormatError::at($this->path, $this->value, 'true or false');
        }

        return $this->value;
    }

    /**
     * @return list<self>
     *
     * @throws FormatError
     */
    public function list(int $most = 1000): array
    {
        if (! is_array($this->value) || ! array_is_list($this->value)) {
            throw FormatError::at($this->path, $this->value, 'a list');
        }
        if (count($this->value) > $most) {
            throw FormatError::at($this->path, $this->value, 'at most '.$most.' entries');
        }
        $nodes = [];
        foreach ($this->value as $i => $value) {
            $nodes[] = new self($value, $this->path.'['.$i.']');
        }

        return $nodes;
    }

    /** @return array<string, self> in the order of the file */
    public function map(): array
    {
        $nodes = [];
        foreach (Keys::each($this->fields()) as $field => $value) {
            $nodes[(string) $field] = new self($value, $this->under((string) $field));
        }

        return $nodes;
    }

    /** @return array<string, mixed> the object as it stands */
    public function plain(): array
    {
        $plain = [];
        foreach (Keys::each($this->fields()) as $field => $value) {
            $plain[(string) $field] = $value;
        }

        return $plain;
    }

    public function refuse(string $expected): FormatError
    {
        return FormatError::at($this->path, $this->value, $expected);
    }

    /** @return array<array-key, mixed> */
    private function fields(): array
    {
        if (! is_array($this->value) || ($this->value !== [] && array_is_list($this->value))) {
            throw FormatError::at($this->path, $this->value, 'an object');
        }

        return $this->value;
    }

    private function under(string $field): string
    {
        return $this->path === '' ? $field : $this->path.'.'.$field;
    }
}
