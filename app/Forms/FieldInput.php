<?php

declare(strict_types=1);

namespace App\Forms;

use Illuminate\Support\HtmlString;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Type\Character;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Hex;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\NamedWhole;
use Nailrod\Core\Format\Type\NewId;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\Type;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Format\Type\YesNo;
use Nailrod\Core\Mapping\Output\KeyCode;
use Nailrod\Core\Rig\Device\KeyCodes;
use Nailrod\Core\Rig\Panel\IconName;
use Nailrod\Core\Rig\Panel\Icons;

/** One field as an input of a form, by its type. */
final readonly class FieldInput
{
    /** Beyond this a limit is no help to who types. */
    private const FAR = 1e9;

    /** @param string $class of its label */
    public function __construct(
        public Choices $choices,
        private Figure $figure = new Figure,
        private string $class = 'field field--tall',
    ) {}

    /**
     * @param string $name       of the input
     * @param mixed  $value      in the open format
     * @param string $attributes further ones, as HTML
     */
    public function html(Field $field, string $name, mixed $value, string $attributes = ''): HtmlString
    {
        $type = $field->type;
        $label = e($field->label.($field->type->unit() === Number::MS ? ', ms' : ''));
        if ($type instanceof Several) {
            return new HtmlString(
                '<fieldset class="choice choice--wrap"'
                    .$attributes
                    .' title="'
                    .e($field->help)
                    .'"><legend>'
                    .$label
                    .'</legend>'
                    .$this->several(
                        $type->of,
                        $name,
                        is_array($value) ? array_values($value) : [],
                    ).'</fieldset>',
            );
        }
        if ($type instanceof YesNo) {
            return new HtmlString(
                '<label class="check"'.$attributes
                    .' title="'
                    .e($field->help)
                    .'"><input type="checkbox" name="'
                    .e($name)
                    .'" value="1"'
                    .($value === true ? ' checked' : '')
                    .'> '
                    .$label
                    .'</label>',
            );
        }

        if ($type instanceof Thing) {
            return $this->thing($field, $type, $name, is_array($value) ? $value : [], $attributes);
        }

        return new HtmlString(
            '<label class="'.$this->class
                .'"'
                .$attributes
                .' title="'
                .e($field->help)
                .'"><span>'
                .$label
                .'</span>'
                .$this->input($type, $name, $value)
                .'</label>',
        );
    }

    /**
     * What has fields of its own: it is left out where the first of them is empty.
     *
     * @param array<array-key, mixed> $value
     */
    private function thing(Field $field, Thing $type, string $name, array $value, string $attributes): HtmlString
    {
        $inputs = '';
        foreach ($type->fields->all as $part) {
            $isFirst = $inputs === '';
            $inputs .= '<label class="'.$this->class
                .'" title="'
                .e($part->help)
                .'"><span>'
                .e($isFirst ? $field->label : $part->label)
                .'</span>'
                .$this->input(
                    $part->type,
                    $name.'['.$part->name.']',
                    $value[$part->name] ?? ($isFirst ? null : $part->usual),
                    $isFirst ? ['' => 'none'] : [],
                ).'</label>';
        }

        return new HtmlString('<div class="thing"'.$attributes.' title="'.e($field->help).'">'.$inputs.'</div>');
    }

    /**
     * What a new one begins with, in the open format: the first of what there is, layers beside the base layer before
     * it.
     */
    public function atFirst(Field $field): mixed
    {
        $type = $field->type;
        $of = $type instanceof Several ? $type->of : $type;
        if ((! $of instanceof Id && ! $of instanceof Reference) || $field->begins !== null || $field->usual !== null) {
            return $field->atFirst();
        }
        $there = array_map(strval(...), array_keys($this->words($of) ?? []));

        return $type instanceof Several ? $there : ($there[$of->sort === Id::LAYER ? 1 : 0] ?? $there[0] ?? null);
    }

    /** @param array<string, string> $before what can be chosen beside what the type says */
    private function input(Type $type, string $name, mixed $value, array $before = []): string
    {
        if ($type instanceof Whole || $type instanceof Number) {
            $shown = fn (int|float $number): string => $this->figure->shown($number, $type->unit);
            $limit = fn (string $which, int|float $number): string => abs($number) >= self::FAR
                ? ''
                : ' '
                .$which
                .'="'
                .$shown($number)
                .'"';

            return '<input type="number" name="'
                .e($name)
                .'" step="'
                .($type instanceof Whole ? '1' : 'any')
                .'"'
                .$limit('min', $type->least)
                .$limit('max', $type->most)
                .' value="'
                .(
                    is_int($value) || is_float($value) ? $shown($value) : ''
                ).'">';
        }
        $words = $this->words($type);
        if (
            $words !== null && $type instanceof Reference
                && is_string($value)
                && $value !== ''
                && ! isset($words[$value])
        ) {
            $words[$value] = $this->choices->named($value);
        }

        if ($words === null) {
            return self::isTyped($type) ? '<input name="'
                .e($name)
                .'" value="'
                .e(is_string($value) ? $value : '')
                .'" maxlength="200">'
                : throw new \LogicException(
                    'No form can draw '.$type::class.' of '.$name.'.',
                );
        }

        return '<select name="'.e($name).'"'.Shown::by($type).'>'.Options::of(
            Options::withOwn($before + $words, $value),
            is_string($value) || is_int($value) ? $value : null,
        )->toHtml().'</select>';
    }

    /** Is it written out by hand? */
    private static function isTyped(Type $type): bool
    {
        return $type instanceof Text || $type instanceof NewId || $type instanceof Hex || $type instanceof Character;
    }

    /**
     * Boxes for what can be chosen; else an input for each entry, and one for another.
     *
     * @param list<mixed> $entries
     */
    private function several(Type $type, string $name, array $entries): string
    {
        if ($this->words($type) !== null) {
            return $this->boxes($type, $name, $entries);
        }

        return implode(
            '',
            array_map(
                fn (mixed $entry, int $i): string => '<label><span class="sr-only">'
                    .($i + 1)
                    .'</span>'
                    .$this->input($type, $name.'[]', $entry)
                    .'</label>',
                [...$entries, null],
                range(0, count($entries)),
            ),
        );
    }

    /** @param array<array-key, mixed> $chosen */
    private function boxes(Type $type, string $name, array $chosen): string
    {
        $words = $this->words($type) ?? [];
        if ($type instanceof Choice) {
            $words = array_filter(
                $words,
                fn (string $word) => in_array($word, $type->offered, true) || in_array($word, $chosen, true),
                ARRAY_FILTER_USE_KEY,
            );
        }
        $boxes = '';
        foreach ($words as $word => $said) {
            $boxes .= '<label><input type="checkbox" name="'.e($name).'[]" value="'.e((string) $word).'"'.(
                in_array((string) $word, $chosen, true) ? ' checked' : ''
            ).'><span>'.e($said).'</span></label>';
        }

        return $boxes;
    }

    /**
     * @return ?array<array-key, string> what can be chosen, in words by what stands in the file; null where it is typed
     */
    private function words(Type $type): ?array
    {
        return match (true) {
            $type instanceof Choice => $type->words,
            $type instanceof Id => $this->choices->ids($type),
            $type instanceof Reference => $this->choices->references($type->sort),
            $type instanceof KeyCode => KeyCodes::all(),
            $type instanceof IconName => ['' => 'no icon'] + Icons::words(),
            $type instanceof NamedWhole => $type->words,
            default => null,
        };
    }
}
