<?php

declare(strict_types=1);

namespace Nailrod\Core\Plan;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Output\MeansAction;
use Nailrod\Core\Set\BindingSet;

/** Which actions of the game a set reaches, and from where: by cells, by chords, and by the macros that cells play. */
final readonly class Reach
{
    /** @param array<string, list<Spot>> $byAction */
    private function __construct(public array $byAction) {}

    public static function of(BindingSet $set): self
    {
        $byAction = [];
        foreach (Keys::each($set->cells) as $layer => $cells) {
            foreach ($cells as $ref => $cell) {
                foreach ($cell->drives($set->macros) as $output) {
                    if ($output instanceof MeansAction) {
                        $spot = new Spot((string) $layer, (string) $ref);
                        $byAction[$output->action()][(string) $spot] = $spot;
                    }
                }
            }
        }
        foreach (Keys::each($set->chords) as $layer => $chords) {
            foreach ($chords as $chord) {
                foreach ($chord->outputs as $output) {
                    if ($output instanceof MeansAction) {
                        $spot = new Spot((string) $layer, $chord->of[0]);
                        $byAction[$output->action()][(string) $spot] = $spot;
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
}
