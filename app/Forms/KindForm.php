<?php

declare(strict_types=1);

namespace App\Forms;

use Illuminate\Support\HtmlString;
use Nailrod\Core\Format\Kind;
use Nailrod\Core\Mapping\Behaviour\HasPresets;

/**
 * The fields of all kinds that can be chosen in one place of a form; those of the chosen kind are shown
 * (`resources/js/kinds.js`).
 */
final readonly class KindForm
{
    private InputNames $names;

    /**
     * @param array<string, class-string<Kind>> $offered by kind
     * @param array<string, class-string<Kind>> $family  all that the answer may be of, by kind (see Answers::kind())
     * @param string                            $prefix  before the names of the inputs: output[number]
     * @param string                            $chooser name of the list of kinds
     * @param array<string, string>             $beside  what else can be chosen
     *                                         there, in words; its inputs stand in the page, with `data-kinds`
     */
    public function __construct(
        private array $offered,
        array $family,
        private string $prefix,
        private string $chooser,
        private FieldInput $input,
        private array $beside = [],
    ) {
        $this->names = InputNames::of($family);
    }

    /** The list of kinds. */
    public function chooser(string $label, string $kind): HtmlString
    {
        $titles = array_map(fn (string $class) => $class::title(), $this->offered);

        return new HtmlString(
            '<label class="field field--tall"><span>'
                .e($label)
                .'</span><select name="'
                .e($this->chooser)
                .'" data-kinds-of="'
                .e($this->prefix)
                .'">'
                .Options::of($titles + $this->beside, $kind)
                ->toHtml().'</select></label>',
        );
    }

    /**
     * @param string               $kind   the one that is chosen
     * @param array<string, mixed> $now    what it says now, in the open format; empty for a new one
     * @param array<string, array<string, mixed>> $begins what a new one begins
     *                                         with where the set knows better than its field, by kind, then by field
     */
    public function fields(string $kind, array $now, array $begins = []): HtmlString
    {
        $html = '';
        foreach ($this->names->fields as $input => $field) {
            $kinds = array_values(
                array_intersect($this->names->kinds[$input], array_map(strval(...), array_keys($this->offered))),
            );
            if ($kinds === []) {
                continue;
            }
            $own = $this->names->fieldOf($kind, $input);
            $isOwn = $own !== null && array_key_exists($own, $now);
            $value = $isOwn ? $now[$own] : ($begins[$kinds[0]][$field->name] ?? $this->input->atFirst($field));
            $html .= $this->input->html(
                $field,
                $this->prefix.'['.$input.']',
                $value,
                $this->shownFor($kinds, $kind),
            )->toHtml();
        }

        return new HtmlString($this->presets($kind, $now).$html);
    }

    /** @param array<string, mixed> $now */
    private function presets(string $kind, array $now): string
    {
        $html = '';
        foreach ($this->offered as $offered => $class) {
            if (is_subclass_of($class, HasPresets::class)) {
                $presets = $class::presets();
                $chosen = '';
                foreach ($presets as $words => $values) {
                    $chosen = (string) $offered === $kind && array_intersect_key(
                        $now,
                        array_merge(...array_values($presets)),
                    ) == $values ? $words : $chosen;
                }
                $words = array_combine(array_keys($presets), array_keys($presets)) + (
                    (string) $offered === $kind && $chosen === '' && $now !== [] ? ['' => 'as they are'] : []
                );
                $html .= '<label class="field field--tall"'
                    .$this->shownFor([(string) $offered], $kind)
                    .'><span>'
                    .e($class::presetLabel())
                    .'</span><select name="'
                    .e($this->prefix)
                    .'[preset]">'
                    .Options::of($words, $chosen)
                    ->toHtml().'</select></label>';
            }
        }

        return $html;
    }

    /** @param list<string> $kinds */
    private function shownFor(array $kinds, string $kind): string
    {
        return ' data-kinds="'.e(implode('|', $kinds)).'"'.(in_array($kind, $kinds, true) ? '' : ' hidden');
    }
}
