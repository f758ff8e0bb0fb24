<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Mapping\Output\IsNumbered;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Set\OutputUse;

/** A controller output that the game does not look at. */
final class UnseenOutput implements Check
{
    public const KIND = 'output not seen';

    public function findings(Desk $desk): iterable
    {
        foreach ($desk->catalogue->actions as $action) {
            $way = $desk->set->ways[$action->id] ?? null;
            if ($way !== null && ! $desk->catalogue->sees($way)) {
                yield new Finding(
                    self::KIND,
                    $action->id,
                    sprintf(
                        '%s is reached by %s, but %s.',
                        $action->name,
                        $desk->words->output($way),
                        $this->sees($desk, $way),
                    ),
                    $desk->reach()->spots($action->id),
                    [$action->id],
                    $desk->otherWay($action),
                );
            }
        }
        foreach ($desk->assignments() as [$spot, $cell, $edits, $key]) {
            foreach ($cell->outputs as $output) {
                if ($output instanceof IsNumbered && ! $desk->catalogue->sees($output)) {
                    $free = (new OutputUse($desk->kept))->numbers($output::class)->lowest();
                    $instead = $free === null ? null : $output->numbered($free);
                    yield new Finding(
                        self::KIND,
                        $key,
                        sprintf(
                            '%s drives %s, but %s.',
                            $desk->at($spot),
                            $desk->words->output($output),
                            $this->sees($desk, $output),
                        ),
                        [$spot],
                        [],
                        $instead === null ? null : new QuickFix(
                            'Drive '.$desk->words->output($instead).' instead',
                            fn () => $edits->assign(
                                $spot->layer,
                                $spot->ref,
                                $cell->behaviour,
                                array_map(fn (Output $one) => $one == $output ? $instead : $one, $cell->outputs),
                            ),
                        ),
                    );
                }
            }
        }
    }

    private function sees(Desk $desk, Output $output): string
    {
        if (! $output instanceof IsNumbered) {
            return $desk->catalogue->name.' does not look at it';
        }
        $most = $output::seen($desk->catalogue->buttons, $desk->catalogue->axes);

        return $most === 0 ? $desk->catalogue->name.' sees no controller '.$output::several() : sprintf(
            '%s sees only the first %d %s',
            $desk->catalogue->name,
            $most,
            $output::several(),
        );
    }
}
