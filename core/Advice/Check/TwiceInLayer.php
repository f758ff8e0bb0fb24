<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Output\MeansAction;

/** One contact that reaches two actions by one press. */
final class TwiceInLayer implements Check
{
    public const KIND = 'assigned twice';

    public function findings(Desk $desk): iterable
    {
        foreach ($desk->assignments() as [$spot, $cell, $edits, $key]) {
            $actions = [];
            foreach ($cell->outputs as $output) {
                if ($output instanceof MeansAction) {
                    $actions[$output->action()] = $output;
                }
            }
            $behaviour = $cell->behaviour;
            if (count($actions) < 2 || $behaviour?->sendsAllAtOnce() !== true) {
                continue;
            }
            $names = array_map(fn (string $id) => $desk->catalogue->action($id)->name ?? $id, Keys::of($actions));
            $first = array_values($actions)[0];
            yield new Finding(
                self::KIND,
                $key,
                sprintf('%s is assigned twice: one press does %s.', $desk->at($spot), implode(' and ', $names)),
                [$spot],
                array_map(strval(...), Keys::of($actions)),
                new QuickFix(
                    'Keep only '.$names[0],
                    fn () => $edits->assign($spot->layer, $spot->ref, $behaviour, [$first]),
                ),
            );
        }
    }
}
