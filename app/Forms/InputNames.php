<?php

declare(strict_types=1);

namespace App\Forms;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Kind;

/**
 * What the inputs of a form are called that has the fields of several kinds: a field that two kinds have alike is one
 * input, so that what was chosen stays when another kind is tried.
 */
final readonly class InputNames
{
    /**
     * @param array<string, array<string, string>> $names   of the inputs, by kind, then by field
     * @param array<string, Field>                 $fields  by input
     * @param array<string, list<string>>          $kinds   that have it, by input
     */
    private function __construct(public array $names, public array $fields, public array $kinds) {}

    /** @param array<string, class-string<Kind>> $classes by kind */
    public static function of(array $classes): self
    {
        $names = $fields = $kinds = $variants = [];
        foreach ($classes as $kind => $class) {
            foreach ($class::fields()->all as $name => $field) {
                if (! $field->isShown) {
                    continue;
                }
                $alike = array_filter(
                    $variants[$name] ?? [],
                    fn (string $input) => self::areAlike($fields[$input], $field),
                );
                $input = array_values($alike)[0] ?? (
                    isset($fields[$name]) ? $name.'-'.preg_replace('/[^a-z]+/', '-', (string) $kind) : $name
                );
                $variants[$name][] = $input;
                $names[(string) $kind][$name] = $input;
                $fields[$input] ??= $field;
                $kinds[$input][] = (string) $kind;
            }
        }

        return new self($names, $fields, $kinds);
    }

    /** What a kind calls an input; null if it has no such. */
    public function fieldOf(string $kind, string $input): ?string
    {
        $field = array_search($input, $this->names[$kind] ?? [], true);

        return is_string($field) ? $field : null;
    }

    private static function areAlike(Field $one, Field $other): bool
    {
        return $one->label === $other->label && $one->type == $other->type && $one->usual === $other->usual;
    }
}
