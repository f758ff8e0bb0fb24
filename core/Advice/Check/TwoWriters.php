<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Mapping\Output\WritesVariable;
use Nailrod\Core\Set\Slot;

/** One variable that two controls write at a time, one of which holds it to its own position. */
final class TwoWriters implements Check
{
    public const KIND = 'two writers';

    public function findings(Desk $desk): iterable
    {
        $writers = [];
        foreach ($desk->outputs() as [$spot, $output]) {
            $way = $desk->leaving($output);
            if ($way instanceof WritesVariable) {
                $writers[$way->variable()][] = [$spot, $way->keepsVariable()];
            }
        }
        foreach ($writers as $variable => $all) {
            foreach ($all as $i => [$spot, $holds]) {
                foreach (array_slice($all, $i + 1) as [$other, $otherHolds]) {
                    if (
                        ($holds || $otherHolds)
                            && $desk->controlOf($spot) !== $desk->controlOf($other)
                            && $desk->liveTogether($spot, $other)
                    ) {
                        yield $this->finding($desk, (string) $variable, $spot, $other);
                    }
                }
            }
        }
    }

    private function finding(Desk $desk, string $variable, Slot $one, Slot $other): Finding
    {
        return new Finding(
            self::KIND,
            $variable.'='.$one.'+'.$other,
            sprintf(
                '%s and %s both write %s: the one that moved last decides.',
                $desk->at($one),
                $desk->at($other),
                $desk->catalogue->variables[$variable]->name ?? $variable,
            ),
            [$one, $other],
            [],
            new QuickFix('Clear '.$desk->at($other), fn () => $desk->edits->clear($other->layer, $other->ref)),
        );
    }
}
