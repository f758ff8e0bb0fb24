<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Exchange\Print\Mark\Box;
use Nailrod\Core\Exchange\Print\Mark\ControlMark;
use Nailrod\Core\Exchange\Print\Mark\Mark;
use Nailrod\Core\Exchange\Print\Mark\Rule;
use Nailrod\Core\Exchange\Print\Mark\Writing;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Device;

/**
 * A drawn device with what its controls do beside it, each joined to its control by a wire; in as many blocks as that
 * takes.
 */
final readonly class DeviceCard
{
    /** How much of the width, and of the height of a page, the drawing takes at most. */
    private const WIDE = 0.36;
    private const HIGH = 0.44;

    /** Between the drawing and what is beside it, and between two things there, in mm. */
    private const GAP = 3.5;
    private const APART = 0.9;

    private float $inside;

    private float $scale;

    private float $left;

    private float $beside;

    private float $head;

    private float $room;

    /**
     * @param list<array{string, int}> $layers names and looks of the layers that are on it; none if there is only one
     * @param float                    $size   of its letters, in points
     */
    public function __construct(Paper $paper, private Device $device, private array $layers, private float $size)
    {
        $this->inside = $paper->width - 2 * $paper->margin;
        $this->head = 1.7 * $this->line();
        $this->room = Block::room($paper, $size) - $this->head;
        $this->scale = min(self::WIDE * $this->inside / $device->width, self::HIGH * $paper->height / $device->height);
        $this->left = ($this->inside - $device->width * $this->scale) / 2;
        $this->beside = $this->left - self::GAP;
    }

    private function line(): float
    {
        return $this->size * Letters::POINT * Letters::LINE;
    }

    /**
     * @param array<string, list<LabelRow>> $rows what its controls do, by their
     *                                         references; those that do nothing are left out
     *
     * @return list<Block>
     */
    public function blocks(array $rows): array
    {
        $blocks = [];
        for ($page = 1; $page <= $this->device->pages(); $page++) {
            $controls = array_filter(
                $this->device->controls,
                fn (Control $control) => $control->page === $page && isset($rows[$control->ref]),
            );
            usort($controls, fn (Control $one, Control $other) => [$one->y, $one->x] <=> [$other->y, $other->x]);
            $callouts = array_map(
                fn (Control $control) => new Callout($control, $rows[$control->ref], $this->size, $this->beside),
                $controls,
            );
            while ($callouts !== []) {
                [$sides, $high, $callouts] = $this->sides($callouts);
                $high = max($high, $this->device->height * $this->scale);
                $blocks[] = new Block(
                    $this->head + $high,
                    [
                        ...$this->head($page),
                        ...$this->drawing($page, $rows),
                        ...$this->side($sides[0], true, $high),
                        ...$this->side($sides[1], false, $high),
                    ],
                );
            }
        }

        return $blocks;
    }

    /**
     * As many as have room, each on the side where its control lies if there is room, and those that wait for the next
     * block.
     *
     * @param non-empty-list<Callout> $callouts
     *
     * @return array{array{list<Callout>, list<Callout>}, float, list<Callout>} with the height that they need, in mm
     */
    private function sides(array $callouts): array
    {
        $sides = [[], []];
        $used = [0.0, 0.0];
        $wait = [];
        foreach ($callouts as $i => $callout) {
            $across = 2 * $callout->control->x <=> $this->device->width;
            $side = $across === 0 ? (int) ($used[0] > $used[1]) : (int) ($across > 0);
            $needs = $callout->height() + self::APART;
            foreach ([$side, 1 - $side] as $try) {
                if ($used[$try] + $needs <= $this->room || $i === 0) {
                    $sides[$try][] = $callout;
                    $used[$try] += $needs;

                    continue 2;
                }
            }
            $wait[] = $callout;
        }

        return [$sides, max($used), $wait];
    }

    /**
     * Each as near to its control as the others let it.
     *
     * @param list<Callout> $callouts from top to bottom
     * @param float         $high     how much height there is, in mm
     *
     * @return list<Mark>
     */
    private function side(array $callouts, bool $isLeft, float $high): array
    {
        $at = [];
        $free = $this->head;
        foreach ($callouts as $i => $callout) {
            $at[$i] = max($free, $this->head + $callout->control->y * $this->scale - $callout->wire());
            $free = $at[$i] + $callout->height() + self::APART;
        }
        $end = $this->head + $high;
        foreach (array_reverse($callouts, true) as $i => $callout) {
            $at[$i] = min($at[$i], $end - $callout->height());
            $end = $at[$i] - self::APART;
        }
        $marks = [];
        foreach ($callouts as $i => $callout) {
            $x = $isLeft ? $this->beside - $callout->width() : $this->inside - $this->beside;
            $edge = $isLeft ? $this->beside + 0.6 : $x - 0.6;
            $wire = $at[$i] + $callout->wire();
            $marks[] = new Rule(
                [
                    [$edge, $wire],
                    [$edge + ($isLeft ? 1.2 : -1.2), $wire],
                    [
                        $this->left + $callout->control->x * $this->scale,
                        $this->head + $callout->control->y * $this->scale,
                    ],
                ],
                0.14,
                true,
            );
            array_push($marks, ...$callout->marks($x, $at[$i]));
        }

        return $marks;
    }

    /** @return list<Mark> the name of the device, and its layers at the right */
    private function head(int $page): array
    {
        $base = 0.8 * $this->line();
        $name = $this->device->title().(
            $this->device->pages() > 1 ? ', '.($this->device->panel->pages[$page - 1]->name ?? 'page '.$page) : ''
        );
        $marks = [];
        $x = $this->inside;
        foreach (array_reverse($this->layers) as [$layer, $look]) {
            $text = new Writing(
                $layer,
                $x,
                $base,
                $this->size,
                0.5 * $this->inside / count($this->layers),
                Writing::END,
                false,
            );
            $marks[] = $text;
            $x -= $text->width() + 3.0;
            $marks[] = new Box($x, $base - 0.75 * $this->line(), 2.4, 0.9 * $this->line(), $look);
            $x -= 2.5;
        }

        return [
            new Writing($name, 0.0, $base, $this->size * 1.1, max(20.0, $x - 2.0)),
            new Rule([[0.0, 1.15 * $this->line()], [$this->inside, 1.15 * $this->line()]], 0.15),
            ...$marks,
        ];
    }

    /**
     * @param array<string, list<LabelRow>> $rows
     *
     * @return list<Mark>
     */
    private function drawing(int $page, array $rows): array
    {
        $marks = [
            new Box(
                $this->left,
                $this->head,
                $this->device->width * $this->scale,
                $this->device->height * $this->scale,
                null,
                2.0,
            ),
        ];
        foreach ($this->device->controls as $control) {
            if ($control->page === $page) {
                $marks[] = new ControlMark(
                    $control->kind,
                    $this->left + $control->x * $this->scale,
                    $this->head + $control->y * $this->scale,
                    $this->scale,
                    isset($rows[$control->ref]),
                );
            }
        }

        return $marks;
    }
}
