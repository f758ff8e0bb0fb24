<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** The fields of one thing, in the order of the file and of the form. */
final readonly class Fields
{
    /** @param array<string, Field> $all by name */
    private function __construct(public array $all) {}

    public static function of(Field ...$fields): self
    {
        $all = [];
        foreach ($fields as $field) {
            $all[$field->name] = $field;
        }

        return new self($all);
    }

    /**
     * Reads an object that has these fields and no others.
     *
     * @param list<string> $beside names of fields that are read elsewhere
     * @param string       $id     under which the object stands; empty where it has none
     *
     * @throws FormatError with the place of what is wrong
     */
    public function read(Node $node, array $beside = [], string $id = ''): FieldValues
    {
        $node->only([...$beside, ...array_keys($this->all)]);
        $values = [];
        foreach ($this->all as $name => $field) {
            $values[$name] = $field->readIn($node);
        }

        return new FieldValues($values, $node, $this, $id);
    }

    /**
     * @param array<string, mixed> $beside schemas of further fields, which must be said
     *
     * @return array<string, mixed> the object in JSON Schema
     */
    public function schema(array $beside = [], string $description = ''): array
    {
        $required = [
            ...array_keys($beside),
            ...array_keys(array_filter($this->all, fn (Field $field) => $field->isRequired)),
        ];

        return ($description === '' ? [] : ['description' => $description]) + [
            'type' => 'object',
            'properties' => $beside + array_map(fn (Field $field) => $field->schema(), $this->all),
        ]
            + ($required === [] ? [] : ['required' => $required]) + ['additionalProperties' => false];
    }

    /** @return array<string, mixed> an example with every field said */
    public function example(): array
    {
        return array_map(fn (Field $field) => $field->begins ?? $field->usual ?? $field->type->example(), $this->all);
    }

    /**
     * What an object that has these fields says, with other names in it: see Type::renamed().
     *
     * @param array<array-key, mixed>          $said
     * @param callable(string, string): string $as
     *
     * @return array<string, mixed>
     */
    public function renamed(array $said, callable $as): array
    {
        $renamed = [];
        foreach (Keys::each($said) as $name => $value) {
            $renamed[$name] = isset($this->all[$name]) ? $this->all[$name]->type->renamed($value, $as) : $value;
        }

        return $renamed;
    }
}
