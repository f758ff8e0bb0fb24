<?php

declare(strict_types=1);

namespace App\Forms;

use Illuminate\Support\HtmlString;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Type;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Mapping\Lamp\Bands;
use Nailrod\Core\Mapping\Lamp\Seen;
use Nailrod\Core\Mapping\Lamp\SeenType;
use Nailrod\Core\Rig\Device\Lamp;

/**
 * The fields of rules for lamps: what can be seen is one list, bands are a few rows, a row of lamps is its first and
 * its last.
 */
final readonly class LampInput
{
    private const ROWS = 3;
    private const COLOURS = ['green', 'amber', 'red'];

    /**
     * @param array<string, string>                $lamps  of the device, by reference
     * @param array<string, array<string, string>> $states what can be seen, in words by what the form sends, by group
     * @param list<string>                         $colours that its lamps can show
     */
    public function __construct(
        private Choices $choices,
        private array $lamps,
        private array $states,
        private string $start,
        private array $colours,
    ) {}

    /** @param mixed $value in the open format; null for a new rule */
    public function html(Field $field, mixed $value): HtmlString
    {
        $type = $field->type;

        return new HtmlString(match (true) {
            $type instanceof SeenType => $this->seen($field, is_array($value) ? $value : []),
            $type instanceof Bands => $this->bands(is_array($value) ? array_values($value) : []),
            self::areLamps($type) && ! $field->isRequired => $this->several(
                $field,
                is_array($value) ? array_values($value) : [],
            ),
            self::areLamps($type) => $this->row($field, is_array($value) ? array_values($value) : []),
            $type instanceof Reference && $type->sort === Reference::LAMP => $this->select(
                $field->label,
                $field->name,
                $this->lamps,
                $value ?? array_key_first($this->lamps),
                Shown::by($type),
            ),
            $type instanceof Choice => $this->select(
                $field->label,
                $field->name,
                ($field->usual === null ? ['' => 'its own'] : []) + $this->possible($type->words, $value),
                $value ?? $field->usual ?? '',
            ),
            $type instanceof Number => $this->number(
                $field->label,
                $field->name,
                $value ?? ($field->isRequired ? $field->begins : null),
            ),
            $type instanceof Whole => (new PanelInput(new Figure, $this->start))->number(
                self::name($field->name),
                $this->start.'-'.$field->name,
                $field->label,
                $type,
                $value ?? $field->atFirst(),
            ),
            default => (new FieldInput($this->choices, class: 'field'))->html(
                $field,
                self::name($field->name),
                $value ?? $field->atFirst(),
            )->toHtml(),
        });
    }

    public static function areLamps(Type $type): bool
    {
        return $type instanceof Several && $type->of instanceof Reference && $type->of->sort === Reference::LAMP;
    }

    /**
     * Of colours those that the lamps of the device can show, and what the rule has already.
     *
     * @param array<array-key, string> $words
     *
     * @return array<array-key, string>
     */
    private function possible(array $words, mixed $own): array
    {
        return array_filter(
            $words,
            fn (string|int $word): bool => ! in_array($word, Lamp::COLOURS, true)
                || in_array($word, $this->colours, true)
                || $word === $own,
            ARRAY_FILTER_USE_KEY,
        );
    }

    /** Apart from the fields that every edit has. */
    private static function name(string $field): string
    {
        return 'say['.e($field).']';
    }

    /** @param array<array-key, string> $words */
    private function select(string $label, string $name, array $words, mixed $chosen, string $shown = ''): string
    {
        return '<label class="field"><span>'
            .e($label)
            .'</span><select name="'
            .self::name($name)
            .'"'
            .$shown
            .'>'
            .Options::of(
                $words,
                is_string($chosen) ? $chosen : null,
            )->toHtml().'</select></label>';
    }

    private function number(string $label, string $name, mixed $value, string $class = ''): string
    {
        return '<label class="field'.$class
            .'"><span>'
            .e($label)
            .'</span><input type="number" name="'
            .self::name($name)
            .'" step="any" value="'
            .(
                is_int($value) || is_float($value) ? (string) json_encode($value) : ''
            ).'"></label>';
    }

    /** @param array<array-key, mixed> $seen */
    private function seen(Field $field, array $seen): string
    {
        $groups = '';
        foreach ($this->states as $group => $states) {
            $groups .= '<optgroup label="'.e($group).'">'.Options::of($states, self::sent($seen))
                ->toHtml().'</optgroup>';
        }

        return '<label class="field"><span>'
            .e($field->label)
            .'</span><select name="'
            .self::name($field->name)
            .'"'
            .Shown::by($field->type)
            .'>'
            .$groups
            .'</select></label>'
            .$this->number(
                'From',
                $field->name.'_from',
                $seen['from'] ?? 0,
                ' for-band',
            ).$this->number('To', $field->name.'_to', $seen['to'] ?? 1, ' for-band');
    }

    /**
     * What the form sends for something that can be seen: "flag armed up".
     *
     * @param array<array-key, mixed> $seen
     */
    private static function sent(array $seen): string
    {
        foreach (Seen::SORTS as $sort) {
            if (($seen[$sort] ?? null) === true) {
                return $sort;
            }
            if (is_string($seen[$sort] ?? null)) {
                return implode(' ', array_filter([$sort, $seen[$sort], $seen['is'] ?? null], is_string(...)));
            }
        }

        return '';
    }

    /** @param list<mixed> $chosen */
    private function several(Field $field, array $chosen): string
    {
        $boxes = '';
        foreach ($this->lamps as $ref => $name) {
            $boxes .= '<label><input type="checkbox" name="'
                .self::name($field->name)
                .'[]" value="'
                .e((string) $ref)
                .'"'
                .(
                    in_array((string) $ref, $chosen, true) ? ' checked' : ''
                ).'><span>'.e($name).'</span></label>';
        }

        return count($this->lamps) < 2 ? ''
            : '<fieldset class="choice choice--wrap"><legend>'
            .e($field->label)
            .'</legend>'
            .$boxes
            .'</fieldset>';
    }

    /** @param list<mixed> $chosen */
    private function row(Field $field, array $chosen): string
    {
        $refs = array_map(strval(...), array_keys($this->lamps));

        return $this->select(
            'First lamp',
            $field->name.'_first',
            $this->lamps,
            $chosen[0] ?? $refs[0] ?? null,
            Shown::by($field->type),
        )
            .$this->select(
                'Last lamp',
                $field->name.'_last',
                $this->lamps,
                $chosen[count($chosen) - 1] ?? $refs[count($refs) - 1] ?? null,
                Shown::by($field->type),
            );
    }

    /** @param list<mixed> $bands */
    private function bands(array $bands): string
    {
        $html = '';
        $usual = array_values(array_intersect(self::COLOURS, $this->colours)) ?: $this->colours;
        for ($i = 0; $i < max(self::ROWS, count($bands)); $i++) {
            $band = is_array($bands[$i] ?? null) ? $bands[$i] : [];
            $to = $band['to'] ?? '';
            $own = is_string($band['colour'] ?? null) ? $band['colour'] : $usual[$i % count($usual)];
            $html .= '<div class="field"><span>Band '
                .($i + 1)
                .', up to</span><span class="field__box"><label><span class="sr-only">Band '
                .($i + 1)
                .' up to</span><input type="number" name="say[band][]" step="any" value="'
                .(
                    is_int($to) || is_float($to) ? (string) json_encode($to) : ''
                ).'"></label>'
                .'<label><span class="sr-only">Colour of band '
                    .($i + 1)
                    .'</span><select name="say[band_colour][]">'
                    .Options::of(
                        $this->possible(array_combine(Lamp::COLOURS, Lamp::COLOURS), $own),
                        $own,
                    )->toHtml().'</select></label></span></div>';
        }

        return $html;
    }
}
