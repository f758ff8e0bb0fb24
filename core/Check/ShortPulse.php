<?php

declare(strict_types=1);

namespace Nailrod\Core\Check;

use Nailrod\Core\Behaviour\Behaviours;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\IsNumbered;
use Nailrod\Core\Plan\Spot;

/** A pulse of a controller button that is shorter than the time between two looks of the game. */
final class ShortPulse implements Check
{
    public const KIND = 'short pulse';

    public function findings(Desk $desk): iterable
    {
        $frame = $desk->catalogue->frame / 1000;
        foreach (Keys::each($desk->set->cells) as $layer => $cells) {
            foreach ($cells as $ref => $cell) {
                $behaviour = $cell->behaviour?->toArray() ?? [];
                $width = $behaviour['width_ms'] ?? null;
                $buttons = array_filter($cell->outputs, fn ($output) => $desk->leaving($output) instanceof IsNumbered);
                if (! is_numeric($width) || $width >= $frame || $buttons === []) {
                    continue;
                }
                $spot = new Spot((string) $layer, (string) $ref);
                $wide = ceil(2 * $frame);
                yield new Finding(
                    self::KIND,
                    (string) $spot,
                    sprintf('%s sends pulses of %s ms, but %s looks only every %s ms: some are missed.', $desk->at($spot), (float) $width, $desk->catalogue->name, round($frame, 1)),
                    [$spot],
                    [],
                    new Mend('Make them '.$wide.' ms long', fn () => $desk->edits->behave($spot->layer, $spot->ref, Behaviours::read(Node::of(['width_ms' => $wide] + $behaviour)))),
                );
            }
        }
    }
}
