<?php

declare(strict_types=1);

namespace App\Forms;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Kind;
use Nailrod\Core\Format\Type\NamedWhole;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\Type;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Format\Type\YesNo;
use Nailrod\Core\Mapping\Behaviour\HasPresets;

/**
 * What was typed and chosen in a form of fields, as it stands in the file; what is no number stays as it was typed, for
 * the reader to refuse.
 */
final readonly class Answers
{
    /** @param array<array-key, mixed> $said by input */
    public function __construct(private array $said, private Figure $figure = new Figure) {}

    /**
     * One kind of a family.
     *
     * @param array<string, class-string<Kind>> $classes that the form offers, by kind
     * @param ?array<string, mixed>             $now     what holds now, in the
     *                                         open format: what no form has is kept if it is of the same kind
     *
     * @return array<string, mixed> in the open format
     */
    public function kind(array $classes, string $kind, ?array $now = null): array
    {
        return $this->of($classes[$kind] ?? null, $kind, InputNames::of($classes)->names[$kind] ?? [], $now);
    }

    /**
     * One kind that has a form of its own, in which every input is called as its field.
     *
     * @param ?class-string<Kind>   $class null if there is no such kind, for the reader to refuse
     * @param ?array<string, mixed> $now   as in kind()
     *
     * @return array<string, mixed> in the open format
     */
    public function alone(?string $class, string $kind, ?array $now = null): array
    {
        return $this->of($class, $kind, [], $now);
    }

    /**
     * @param ?class-string<Kind>   $class
     * @param array<string, string> $names of inputs that are not called as their field, by field
     * @param ?array<string, mixed> $now
     *
     * @return array<string, mixed>
     */
    private function of(?string $class, string $kind, array $names, ?array $now): array
    {
        $value = ['kind' => $kind];
        foreach ($class === null ? [] : $class::fields()->all as $name => $field) {
            if (! $field->isShown) {
                $value += ($now['kind'] ?? null) === $kind && isset($now[$name]) ? [$name => $now[$name]] : [];
            } else {
                $value += $this->field($field, $names[$name] ?? $name);
            }
        }

        return $class !== null && is_subclass_of($class, HasPresets::class)
            ? $this->withPreset($value, $class::presets())
            : $value;
    }

    /**
     * @param array<string, mixed>                $value
     * @param array<string, array<string, mixed>> $presets
     *
     * @return array<string, mixed>
     */
    private function withPreset(array $value, array $presets): array
    {
        $chosen = $this->said['preset'] ?? null;
        $of = array_merge(...array_values($presets));
        if (is_string($chosen) && isset($presets[$chosen])) {
            return $presets[$chosen] + array_diff_key($value, $of);
        }

        return $value + (array_intersect_key($value, $of) === [] ? array_values($presets)[0] : []);
    }

    /** @return array<string, mixed> in the open format */
    public function all(Fields $fields): array
    {
        $value = [];
        foreach ($fields->all as $name => $field) {
            $value += $field->isShown ? $this->field($field, $name) : [];
        }

        return $value;
    }

    /** @return array<string, mixed> in the open format, null for what is as usual and so need not be said */
    public function unusual(Fields $fields): array
    {
        $value = $this->all($fields);
        foreach ($value as $name => $said) {
            $value[$name] = $said === $fields->all[$name]->usual ? null : $said;
        }

        return $value;
    }

    /** @return array<string, mixed> the field in the open format; nothing if it may be left out, and was */
    private function field(Field $field, string $input): array
    {
        $isAsked = array_key_exists($input, $this->said);
        if ($field->type instanceof YesNo) {
            return [$field->name => in_array($this->said[$input] ?? '', ['1', 1, true], true)];
        }
        $said = $this->said[$input] ?? ($field->type instanceof Several ? [] : null);
        // What is left empty in a list is no entry of it.
        $said = $field->type instanceof Several && is_array($said) ? array_values(
            array_filter($said, fn (mixed $one): bool => $one !== '' && $one !== null),
        ) : $said;
        if (self::isEmpty($field->type, $said)) {
            return [$field->name => null];
        }
        if ($said === null || $said === '' || ($said === [] && ! $field->isRequired)) {
            return match (true) {
                $field->isRequired => [$field->name => null],
                // A form that was not asked for the field says nothing of it; an empty one takes what is usual.
                ! $isAsked, $field->type instanceof Several, $field->usual === null => [],
                default => [$field->name => ''],
            };
        }

        return [$field->name => $this->value($field->type, $said)];
    }

    private function value(Type $type, mixed $said): mixed
    {
        return match (true) {
            $type instanceof Several => is_array($said) ? array_map(
                fn (mixed $one) => $this->value($type->of, $one),
                array_values($said),
            ) : $said,
            $type instanceof Whole, $type instanceof NamedWhole => is_numeric($said)
                && (float) $said === floor((float) $said)
                && abs((float) $said) < PHP_INT_MAX
                ? (int) $said
                : $said,
            $type instanceof Number => is_numeric($said) ? $this->figure->meant((float) $said, $type->unit) : $said,
            $type instanceof Thing => is_array($said) ? (new self($said, $this->figure))->all($type->fields) : $said,
            default => $said,
        };
    }

    /** Has something with fields of its own been left empty, which is said by the first of them? */
    private static function isEmpty(Type $type, mixed $said): bool
    {
        return $type instanceof Thing && is_array($said) && in_array(
            $said[array_key_first($type->fields->all) ?? ''] ?? '',
            ['', null],
            true,
        );
    }
}
