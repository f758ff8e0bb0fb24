<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Output\IsNumbered;

/** A pulse of a controller button that is shorter than the time between two looks of the game. */
final class ShortPulse implements Check
{
    public const KIND = 'short pulse';

    public function findings(Desk $desk): iterable
    {
        $frame = $desk->catalogue->frame / 1000;
        foreach ($desk->assignments() as [$spot, $cell, $edits, $key]) {
            $behaviour = $cell->behaviour?->toArray() ?? [];
            $width = $behaviour['width_ms'] ?? null;
            $buttons = array_filter($cell->outputs, fn ($output) => $desk->leaving($output) instanceof IsNumbered);
            if (! is_numeric($width) || $width >= $frame || $buttons === []) {
                continue;
            }
            $wide = ceil(2 * $frame);
            yield new Finding(
                self::KIND,
                $key,
                sprintf(
                    '%s sends pulses of %s ms, but %s looks only every %s ms: some are missed.',
                    $desk->at($spot),
                    (float) $width,
                    $desk->catalogue->name,
                    round($frame, 1),
                ),
                [$spot],
                [],
                new QuickFix(
                    'Make them '.$wide.' ms long',
                    fn () => $edits->behave(
                        $spot->layer,
                        $spot->ref,
                        Behaviours::read(Node::of(['width_ms' => $wide] + $behaviour)),
                    ),
                ),
            );
        }
    }
}
