<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Format\Article;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Behaviour\Pulse;
use Nailrod\Core\Mapping\Behaviour\QueuesTicks;
use Nailrod\Core\Mapping\Behaviour\Ticks;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Slot;
use Nailrod\Core\Set\Transfers;

/**
 * The old box goes, the new one comes: every control that is in use on one device finds a place on another. First where
 * the same role is on the new device in another set, then a control of the same kind at about the same place of the
 * faceplate, then one that can do the same: two buttons beside each other for what goes both ways.
 */
final class DeviceCarry
{
    /** @var array<string, true> references of the new device that are taken */
    private array $taken = [];

    /** @param array<string, list<Slot>> $known where roles are in other sets, by role */
    public function __construct(
        private readonly BindingSet $set,
        private readonly Device $from,
        private readonly Device $to,
        private readonly array $known = [],
    ) {
        foreach ($set->cells as $cells) {
            foreach (array_keys($cells) as $ref) {
                $this->taken[(string) $ref] = true;
            }
        }
    }

    /** @return list<DeviceMatch> one for each control that is in use, in the order of the old device */
    public function matches(): array
    {
        $matches = [];
        // Where something is known or of its kind, it is there before what would fit anywhere.
        foreach ([$this->byRole(...), $this->byKind(...), $this->byNature(...)] as $way) {
            foreach ($this->from->controls as $i => $control) {
                if (isset($matches[$i]) || $this->used($control) === []) {
                    continue;
                }
                $match = $way($control);
                if ($match !== null) {
                    $matches[$i] = $match;
                    $this->taken += array_fill_keys(array_values($match->refs), true);
                }
            }
        }
        foreach ($this->from->controls as $i => $control) {
            if (! isset($matches[$i]) && $this->used($control) !== []) {
                $matches[$i] = new DeviceMatch($control, [], $this->to->name.' has nothing free that could do this');
            }
        }
        ksort($matches);

        return array_values($matches);
    }

    /**
     * All that these controls do, in every layer, moves to the new device.
     *
     * @param list<DeviceMatch> $matches
     */
    public function take(array $matches): SetDocument
    {
        $refs = array_merge(...array_map(fn (DeviceMatch $match) => $match->refs, $matches), ...[[]]);
        $own = (new Transfers($this->set))->rows(Transfers::MOVE, $refs);
        foreach ($refs as $from => $to) {
            $isTick = ($this->set->rig->contacts[$to] ?? null)?->isTick() === true;
            foreach (Keys::each($this->set->cells) as $layer => $cells) {
                $cell = $cells[$from] ?? null;
                if (
                    $cell instanceof Cell
                        && $cell->behaviour !== null
                        && $cell->behaviour instanceof QueuesTicks !== $isTick
                ) {
                    $path = PartPath::cell((string) $layer, $to);
                    $own = $own->with(
                        $path,
                        [
                            'behaviour' => ($isTick ? Ticks::usual() : Pulse::on('press'))->toArray(),
                        ] + Node::of($own->value($path))->plain(),
                    );
                }
            }
        }

        return $own;
    }

    private function byRole(Control $control): ?DeviceMatch
    {
        $refs = [];
        $reach = Reach::of($this->set);
        foreach ($this->used($control) as $ref) {
            foreach (Keys::each($this->set->catalogue?->byRole() ?? []) as $role => $action) {
                $here = array_filter($reach->spots($action->id), fn (Slot $spot) => $spot->ref === $ref);
                foreach ($here === [] ? [] : $this->known[$role] ?? [] as $spot) {
                    if (
                        str_starts_with($spot->ref, $this->to->id.'/')
                            && $this->isFree($spot->ref)
                            && $this->isAlike($ref, $spot->ref)
                            && ! in_array($spot->ref, $refs, true)
                    ) {
                        $refs[$ref] ??= $spot->ref;
                    }
                }
            }
        }

        return $refs !== [] && count($refs) === count($this->used($control)) ? new DeviceMatch(
            $control,
            $refs,
            'the same job is there in another set',
        ) : null;
    }

    private function byKind(Control $control): ?DeviceMatch
    {
        $alike = array_values(
            array_filter($this->to->controls, fn (Control $other) => $other->kind == $control->kind),
        );

        return $this->nearest(
            $control,
            array_map(fn (Control $other) => [[$other], $this->parts($other)], $alike),
            sprintf('also %s, at about the same place', Article::before($control->kind->inWords())),
        );
    }

    private function byNature(Control $control): ?DeviceMatch
    {
        $used = $this->used($control);
        if ($control->axes !== []) {
            return $this->nearest(
                $control,
                array_map(
                    fn (Control $other) => [[$other], array_map(fn (AxisInput $axis) => $axis->ref, $other->axes)],
                    $this->to->controls,
                ),
                'another axis, the nearest one that is free',
            );
        }
        if (count($used) === 1) {
            return $this->nearest(
                $control,
                array_map(
                    fn (Control $other) => [[$other], $this->parts($other)],
                    array_values(array_filter($this->to->controls, fn (Control $other) => $other->encoder === null)),
                ),
                'a contact like it, the nearest one that is free',
            );
        }
        $rows = [];
        $buttons = array_values(array_filter($this->to->controls, fn (Control $other) => $other->kind->isPushed()));
        foreach (array_keys($buttons) as $i) {
            $row = array_slice($buttons, $i, count($used));
            // Buttons of one row, not the last of one and the first of the next.
            if ($row !== [] && $row[0]->y === $row[count($row) - 1]->y) {
                $rows[] = [$row, array_merge(...array_map($this->parts(...), $row))];
            }
        }

        return $this->nearest(
            $control,
            $rows,
            sprintf(
                '%s has no free %s; %d buttons beside each other do the same',
                $this->to->name,
                $control->kind->inWords(),
                count($used),
            ),
        );
    }

    /**
     * @param list<array{non-empty-list<Control>, list<string>}> $places controls beside each other, and what they could
     *    take
     */
    private function nearest(Control $control, array $places, string $why): ?DeviceMatch
    {
        $best = null;
        foreach ($places as [$others, $parts]) {
            $refs = $this->pairs($control, $parts);
            if (
                $refs !== [] && ($best === null || $this->apart($control, $others) < $this->apart($control, $best[0]))
            ) {
                $best = [$others, $refs];
            }
        }

        return $best === null ? null : new DeviceMatch($control, $best[1], $why);
    }

    /**
     * @param list<string> $parts what there is, in order
     *
     * @return array<string, string> new reference by old one; empty if not all that is in use fits and is free
     */
    private function pairs(Control $control, array $parts): array
    {
        $own = $this->parts($control);
        $used = $this->used($control);
        $whole = count($parts) === count($own);
        $refs = [];
        foreach ($used as $n => $ref) {
            $to = $parts[$whole ? (int) array_search($ref, $own, true) : $n] ?? null;
            if ($to === null || ! $this->isFree($to) || ! $this->isAlike($ref, $to)) {
                return [];
            }
            $refs[$ref] = $to;
        }

        return $refs;
    }

    private function isFree(string $ref): bool
    {
        return ! isset($this->taken[$ref]);
    }

    private function isAlike(string $one, string $other): bool
    {
        $isRotary = fn (string $ref): bool => ($this->set->rig->contacts[$ref]->rotary ?? null) !== null;

        return isset($this->set->rig->axes[$one]) === isset($this->set->rig->axes[$other])
            && $isRotary($one) === $isRotary($other)
            && $this->set->rig->has($other);
    }

    /** @return list<string> */
    private function parts(Control $control): array
    {
        return [
            ...array_map(fn (AxisInput $axis) => $axis->ref, $control->axes),
            ...array_map(fn (ContactInput $contact) => $contact->ref, $control->contacts),
        ];
    }

    /** @return list<string> its contacts and axes that any layer says something of */
    private function used(Control $control): array
    {
        return array_values(array_filter(
            $this->parts($control),
            fn (string $ref) => array_filter($this->set->cells, fn (array $cells) => isset($cells[$ref])) !== [],
        ));
    }

    /**
     * How far a control is from the middle of others, each on its own faceplate taken as a square of side 1; squared.
     *
     * @param non-empty-list<Control> $others
     */
    private function apart(Control $one, array $others): float
    {
        $dx = $one->x / $this->from->width - array_sum(
            array_map(fn (Control $other) => $other->x, $others),
        ) / count($others) / $this->to->width;
        $dy = $one->y / $this->from->height - array_sum(
            array_map(fn (Control $other) => $other->y, $others),
        ) / count($others) / $this->to->height;

        return $dx * $dx + $dy * $dy;
    }
}
