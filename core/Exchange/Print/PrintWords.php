<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Exchange\Print\Mark\Sign;
use Nailrod\Core\Mapping\Action\EffectKind;
use Nailrod\Core\Mapping\Action\Pairs;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\LayerLook;
use Nailrod\Core\Set\Words;

/** What inputs do, in the few words that have room on paper, and the sign of the way in which a control is moved. */
final readonly class PrintWords
{
    private const HAT = [Sign::Up, Sign::Right, Sign::Down, Sign::Left];

    private Words $words;

    private ?Pairs $pairs;

    /** @param BindingSet $set as it is played: what is set aside does nothing */
    public function __construct(private BindingSet $set)
    {
        $this->words = new Words($set);
        $this->pairs = $set->catalogue === null ? null : new Pairs($set->catalogue);
    }

    /**
     * What an input does in a layer; empty if that says nothing of it, "nothing" if it hides what the base layer says.
     */
    public function does(string $layer, string $ref): string
    {
        $cell = $this->set->cell($layer, $ref);

        return match (true) {
            $cell === null => '',
            $cell->isNothing() => $layer === Layer::BASE ? '' : 'nothing',
            $cell->as !== null => $this->cell(
                $this->set->cell($layer, $cell->as) ?? $this->set->cell(Layer::BASE, $cell->as) ?? Cell::nothing(),
            ),
            default => $this->cell($cell),
        };
    }

    private function cell(Cell $cell): string
    {
        $says = [];
        foreach ($cell->either() as $one) {
            $says[] = $one->behaviour instanceof PlaysItsMacro
                ? $this->set->macros[$one->behaviour->macro()]->name
                ?? ''
                : implode(
                    ' / ',
                    array_map($this->words->output(...), $one->outputs),
                );
        }

        $all = implode(' / ', array_unique(array_filter($says)));

        return mb_strtoupper(mb_substr($all, 0, 1)).mb_substr($all, 1);
    }

    /**
     * What inputs of a control do in some layers, a row for each that does something.
     *
     * @param list<string> $refs   of the inputs
     * @param list<string> $layers ids, in the order in which they stand; they are told apart where there are several
     *
     * @return list<LabelRow>
     */
    public function rows(Control $control, array $refs, array $layers): array
    {
        $rows = [];
        foreach ($layers as $layer) {
            $look = count($layers) > 1 ? LayerLook::of($this->set, $layer) : null;
            foreach ($refs as $ref) {
                $text = $this->does($layer, $ref);
                if ($text !== '') {
                    $rows[] = new LabelRow(
                        $look,
                        $this->sign($layer, $control, $ref),
                        trim($this->position($layer, $control, $ref).' '.$text),
                        $control->label,
                    );
                }
            }
        }

        return $rows;
    }

    /** @return list<string> references of all inputs of a control */
    public static function inputs(Control $control): array
    {
        return [
            ...array_map(fn (AxisInput $axis) => $axis->ref, $control->axes),
            ...array_map(fn (ContactInput $contact) => $contact->ref, $control->contacts),
        ];
    }

    /**
     * The sign before what an input does: the way in which a switch or a hat is moved, plus and minus of a step and the
     * step back on anything else; null where there is only one way to move the control.
     */
    private function sign(string $layer, Control $control, string $ref): ?Sign
    {
        $contact = $this->contact($control, $ref);

        $way = $contact === null ? null : self::way($control, $contact);

        return $contact === null || (
            $way !== null && $contact->encoder === null
        ) ? $way : $this->halfOfPair($layer, $ref) ?? $way;
    }

    /** What a position is called where no sign says it: "3" of a dial, "half" of a trigger. */
    private function position(string $layer, Control $control, string $ref): string
    {
        return count($control->contacts)
            + count($control->axes) < 2
            || $this->sign($layer, $control, $ref) !== null
            ? ''
            : $this->contact($control, $ref)->name
            ?? $this->axisName($control, $ref);
    }

    private function axisName(Control $control, string $ref): string
    {
        foreach ($control->axes as $axis) {
            if ($axis->ref === $ref) {
                return $axis->name;
            }
        }

        return '';
    }

    private function contact(Control $control, string $ref): ?ContactInput
    {
        foreach ($control->contacts as $contact) {
            if ($contact->ref === $ref) {
                return $contact;
            }
        }

        return null;
    }

    /** Plus and minus where the action is a step of which another one is the step back. */
    private function halfOfPair(string $layer, string $ref): ?Sign
    {
        $outputs = $this->set->cell($layer, $ref)->outputs ?? [];
        $action = count($outputs) === 1 ? $this->set->actionOf($outputs[0]) : null;
        $isHalf = $action?->effect->kind === EffectKind::Step && $this->pairs?->partnerOf($action) !== null;

        return $action === null || ! $isHalf ? null : ($action->effect->amount > 0.0 ? Sign::Plus : Sign::Minus);
    }

    private static function way(Control $control, ContactInput $contact): ?Sign
    {
        if ($contact->hat !== null) {
            return self::HAT[$contact->direction % 4];
        }
        if ($contact->encoder !== null) {
            return $contact->direction > 0 ? Sign::Clockwise : Sign::Back;
        }
        if (! $control->kind->isUpAndDown()) {
            return null;
        }
        $reported = array_map(fn (ContactInput $one) => $one->ref, $control->reported());

        return match (true) {
            $contact->ref === ($reported[0] ?? null) => Sign::Up,
            $contact->ref === ($reported[1] ?? null) || $contact->opposite !== null => Sign::Down,
            default => Sign::Middle,
        };
    }
}
