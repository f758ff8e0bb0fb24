<?php

declare(strict_types=1);

namespace Nailrod\Core\Check;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Output\MeansAction;
use Nailrod\Core\Plan\Spot;
use Nailrod\Core\Set\PartPath;

/** One contact that reaches two actions by one press. */
final class TwiceInLayer implements Check
{
    public const KIND = 'assigned twice';

    public function findings(Desk $desk): iterable
    {
        foreach (Keys::each($desk->set->cells) as $layer => $cells) {
            foreach ($cells as $ref => $cell) {
                $actions = [];
                foreach ($cell->outputs as $output) {
                    if ($output instanceof MeansAction) {
                        $actions[$output->action()] = $output;
                    }
                }
                $allAtOnce = $cell->behaviour?->sendsAllAtOnce() === true;
                if (count($actions) < 2 || ! $allAtOnce) {
                    continue;
                }
                $spot = new Spot((string) $layer, (string) $ref);
                $names = array_map(fn (string $id) => $desk->catalogue->action($id)->name ?? $id, Keys::of($actions));
                $first = array_values($actions)[0];
                yield new Finding(
                    self::KIND,
                    (string) $spot,
                    sprintf('%s is assigned twice: one press does %s.', $desk->at($spot), implode(' and ', $names)),
                    [$spot],
                    array_map(strval(...), Keys::of($actions)),
                    new Mend('Keep only '.$names[0], fn () => $desk->set->merged->own->with(PartPath::cell($spot->layer, $spot->ref), ['behaviour' => $cell->behaviour->toArray(), 'outputs' => [$first->toArray()]] + ($cell->when === null ? [] : ['when' => $cell->when->toArray()]))),
                );
            }
        }
    }
}
