<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Played;

/** The labels of a device: one for each control that does something, or for each of its positions. */
final readonly class Labels
{
    private PrintWords $words;

    private Scale $scale;

    private function __construct(private BindingSet $set, Device $device, private LabelWish $wish)
    {
        $this->words = new PrintWords(Played::of($set));
        $this->scale = Scale::of($set, $device);
    }

    /** @return list<Label> row by row, as the controls lie on the device, from page to page */
    public static function of(BindingSet $set, Device $device, LabelWish $wish): array
    {
        $labels = new self($set, $device, $wish);
        $all = [];
        foreach (self::inRows($device, $labels->scale->unit, $wish->height) as $control) {
            array_push($all, ...$labels->ofControl($control));
        }

        return $all;
    }

    /**
     * @param float $unit of the faceplate, in mm
     * @param float $high how high a row is, in mm
     *
     * @return list<Control> from left to right, row by row, page by page
     */
    private static function inRows(Device $device, float $unit, float $high): array
    {
        $controls = $device->controls;
        usort(
            $controls,
            fn (Control $one, Control $other) => [$one->page, $one->y, $one->x] <=> [
                $other->page,
                $other->y,
                $other->x,
            ],
        );
        $rows = [];
        foreach ($controls as $control) {
            $last = count($rows) - 1;
            $first = $rows[$last][0] ?? null;
            if ($first !== null && $first->page === $control->page && ($control->y - $first->y) * $unit < $high / 2) {
                $rows[$last][] = $control;
            } else {
                $rows[] = [$control];
            }
        }

        return array_merge(...array_map(function (array $row): array {
            usort($row, fn (Control $one, Control $other) => $one->x <=> $other->x);

            return $row;
        }, $rows), ...[[]]);
    }

    /** @return list<Label> */
    private function ofControl(Control $control): array
    {
        $width = $this->scale->room($control, $this->wish->height);
        $refs = PrintWords::inputs($control);
        $labels = [];
        if ($this->wish->byPosition) {
            foreach ($refs as $ref) {
                $rows = $this->rows($control, [$ref]);
                $labels[] = $rows === [] ? null : new Label(
                    $ref,
                    $this->set->rig->nameOf($ref),
                    $width,
                    $rows,
                    $this->wish,
                );
            }
        } else {
            $rows = $this->rows($control, $refs);
            $labels[] = $rows === [] ? null : new Label($control->ref, $control->name, $width, $rows, $this->wish);
        }

        return array_values(array_filter($labels));
    }

    /**
     * @param list<string> $refs
     *
     * @return list<LabelRow> none if it does nothing in these layers, unless the owner's label is all that is wanted
     */
    private function rows(Control $control, array $refs): array
    {
        $does = $this->words->rows($control, $refs, $this->wish->layers);

        return match ($this->wish->text) {
            LabelText::Action => $does,
            LabelText::Own => [new LabelRow(null, null, $this->ownOf($control, $refs), '')],
            LabelText::Both => $does === [] ? [] : [
                new LabelRow(null, null, $this->ownOf($control, $refs), ''),
                ...$does,
            ],
        };
    }

    private function isAlone(Control $control): bool
    {
        return count($control->axes) + count($control->contacts) === 1;
    }

    /** @param list<string> $refs */
    private function ownOf(Control $control, array $refs): string
    {
        return count($refs) === 1 && ! $this->isAlone($control) ? trim(
            $control->label.' '.substr($this->set->rig->nameOf($refs[0]), strlen($control->name)),
        ) : $control->label;
    }
}
