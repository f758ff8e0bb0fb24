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
use Nailrod\Core\Format\Type\YesNo;

/** A field as a row of the panel beside a picture: its label, the figure with its unit, buttons for a few words. */
final readonly class PanelInput
{
    /** Finest step that a person types: a tenth of a percent. */
    private const STEP = '0.1';

    /** @param string $start before the ids of the inputs: "made-fuel-cut" */
    public function __construct(private Figure $figure, private string $start) {}

    /**
     * @param mixed                    $value   in the open format
     * @param array<array-key, string> $options what can be chosen, where the type does not say it, in words
     * @param list<string>             $removes    ids of forms that take an entry of a list away, by place
     * @param float                    $apart      how far apart the entries of a list must be, in the open format
     * @param string                   $attributes further ones of an input of a figure, as HTML
     */
    public function html(
        Field $field,
        mixed $value,
        array $options = [],
        array $removes = [],
        float $apart = 0.001,
        string $attributes = '',
    ): HtmlString {
        $type = $field->type;
        $title = ' title="'.e($field->help).'"';

        return new HtmlString(match (true) {
            $type instanceof YesNo => '<label class="check"'
                .$title
                .'><input type="checkbox" name="'
                .e($field->name)
                .'" value="1"'
                .($value === true ? ' checked' : '')
                .'> '
                .e($field->label)
                .'</label>',
            $type instanceof Choice => $this->choice($field, $type->words, $value, $title),
            $type instanceof Several && $type->of instanceof Reference => $this->selects(
                $field,
                $options,
                is_array($value) ? array_values($value) : [],
            ),
            $type instanceof Several => $this->list(
                $field,
                $type->of,
                is_array($value) ? array_values($value) : [],
                $removes,
                $apart,
            ),
            $type instanceof Whole, $type instanceof Number => $this->number(
                $field->name,
                $this->start.'-'.$field->name,
                $field->label,
                $type,
                $value,
                $title,
                attributes: $attributes,
            ),
            default => '<label class="field"'
                .$title
                .'><span>'
                .e($field->label)
                .'</span><input name="'
                .e($field->name)
                .'" value="'
                .e(is_string($value) ? $value : '')
                .'" maxlength="60" required></label>',
        });
    }

    /**
     * @param ?float $least in the open format, if nearer than that of the type; and $most
     */
    public function number(
        string $name,
        string $id,
        string $label,
        Whole|Number $type,
        mixed $value,
        string $title = '',
        ?float $least = null,
        ?float $most = null,
        string $attributes = '',
    ): string {
        $unit = $type instanceof Number && $type->isPart() ? '%' : $type->unit;
        $shown = fn (int|float $number): string => $this->figure->shown($number, $type->unit);
        $step = $type instanceof Whole || $type->unit === Number::MS ? '1' : self::STEP;

        return '<label class="field" for="'
            .e($id)
            .'"'
            .$title
            .'><span>'
            .e($label)
            .'</span><span class="field__box"><input id="'
            .e($id)
            .'" name="'
            .e($name)
            .'" type="number" value="'
            .(
                is_int($value) || is_float($value) ? $shown($value) : ''
            ).'" min="'.$shown($least ?? $type->least)
                .'" max="'
                .$shown($most ?? $type->most)
                .'" step="'
                .$step
                .'" required'
                .$attributes
                .'>'
            .($unit === '' ? '' : '<span class="field__unit">'.e($unit).'</span>').'</span></label>';
    }

    /** @param array<array-key, string> $words */
    private function choice(Field $field, array $words, mixed $value, string $title): string
    {
        $html = '<fieldset class="choice'.(
            count($words) > 3 ? ' choice--wrap' : ''
        ).'"'.$title.'><legend>'.e($field->label).'</legend>';
        foreach ($words as $word => $said) {
            $html .= '<label><input type="radio" name="'.e($field->name).'" value="'.e((string) $word).'"'.(
                (string) $word === $value ? ' checked' : ''
            ).'><span>'.e($said).'</span></label>';
        }

        return $html.'</fieldset>';
    }

    /**
     * @param array<array-key, string> $options
     * @param list<mixed>              $chosen
     */
    private function selects(Field $field, array $options, array $chosen): string
    {
        $html = '';
        foreach ($chosen as $i => $one) {
            $label = count($chosen) === 1 ? $field->label : ['First', 'Second'][$i] ?? $field->label.' '.($i + 1);
            $html .= '<label class="field" title="'
                .e($field->help)
                .'"><span>'
                .e($label)
                .'</span><select name="'
                .e($field->name)
                .'[]"'
                .Shown::by($field->type)
                .'>'
                .Options::of($options, is_string($one) ? $one : null)
                ->toHtml().'</select></label>';
        }

        return $html;
    }

    /**
     * @param list<mixed>  $entries
     * @param list<string> $removes
     */
    private function list(Field $field, Type $type, array $entries, array $removes, float $apart): string
    {
        $html = '';
        foreach ($entries as $i => $entry) {
            $label = $field->label.' '.($i + 1);
            $row = $type instanceof Number || $type instanceof Whole
                ? $this->number(
                    $field->name.'[]',
                    $this->start.'-'.$field->name.'-'.$i,
                    $label,
                    $type,
                    $entry,
                    '',
                    self::beside($entries, $i - 1, $apart),
                    self::beside($entries, $i + 1, -$apart),
                )
                : '<label class="field"><span>'
                    .e($label)
                    .'</span><input name="'
                    .e($field->name)
                    .'[]" value="'
                    .e(is_string($entry) ? $entry : '')
                    .'"></label>';
            $away = 'Take '.lcfirst($label).' away';
            $html .= '<div class="field-row">'.$row.(
                isset($removes[$i]) ? '<button type="submit" class="link" form="'
                    .e($removes[$i])
                    .'" title="'
                    .e($away)
                    .'">✕<span class="sr-only">'
                    .e($away)
                    .'</span></button>'
                    : ''
            ).'</div>';
        }

        return $html;
    }

    /** @param list<mixed> $entries */
    private static function beside(array $entries, int $at, float $by): ?float
    {
        $entry = $entries[$at] ?? null;

        return is_int($entry) || is_float($entry) ? (float) $entry + $by : null;
    }
}
