<?php

declare(strict_types=1);

namespace Nailrod\Core\Plan;

use Nailrod\Core\Behaviour\PlayMacro;
use Nailrod\Core\Output\ActionOutput;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Cell;

/** Which actions of the game a set reaches, and from where: by cells, by chords, and by the macros that cells play. */
final readonly class Reach
{
    /** @param array<string, list<Spot>> $byAction */
    private function __construct(public array $byAction) {}

    public static function of(BindingSet $set): self
    {
        $byAction = [];
        foreach ($set->cells as $layer => $cells) {
            foreach ($cells as $ref => $cell) {
                foreach (self::outputs($set, $cell) as $output) {
                    if ($output instanceof ActionOutput) {
                        $spot = new Spot((string) $layer, (string) $ref);
                        $byAction[$output->action][(string) $spot] = $spot;
                    }
                }
            }
        }
        foreach ($set->chords as $layer => $chords) {
            foreach ($chords as $chord) {
                foreach ($chord->outputs as $output) {
                    if ($output instanceof ActionOutput) {
                        $spot = new Spot((string) $layer, $chord->of[0]);
                        $byAction[$output->action][(string) $spot] = $spot;
                    }
                }
            }
        }

        return new self(array_map(array_values(...), $byAction));
    }

    public function reaches(string $action): bool
    {
        return isset($this->byAction[$action]);
    }

    /** @return list<Spot> */
    public function spots(string $action): array
    {
        return $this->byAction[$action] ?? [];
    }

    /** @return list<Output> what a cell drives, by itself or by its macro */
    private static function outputs(BindingSet $set, Cell $cell): array
    {
        if (! $cell->behaviour instanceof PlayMacro) {
            return $cell->outputs;
        }

        return array_values(array_filter(array_map(fn ($step) => $step->output, $set->macros[$cell->behaviour->macro]->steps ?? [])));
    }
}
