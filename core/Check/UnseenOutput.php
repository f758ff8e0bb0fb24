<?php

declare(strict_types=1);

namespace Nailrod\Core\Check;

use Nailrod\Core\Output\ControllerAxis;
use Nailrod\Core\Output\ControllerButton;
use Nailrod\Core\Output\Output;
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
                yield new Finding(self::KIND, $action->id, sprintf('%s is reached by %s, but %s.', $action->name, $desk->words->output($way), $this->sees($desk, $way)), $desk->reach->spots($action->id), [$action->id], $desk->otherWay($action));
            }
        }
        foreach ($desk->outputs() as [$spot, $output]) {
            if ($desk->catalogue->sees($output)) {
                continue;
            }
            $use = new OutputUse($desk->set);
            $free = $output instanceof ControllerAxis ? $use->axes()->lowest() : $use->buttons()->lowest();
            $instead = $free === null ? null : ($output instanceof ControllerAxis ? new ControllerAxis($free) : new ControllerButton($free));
            $cell = $desk->set->cell($spot->layer, $spot->ref);
            yield new Finding(
                self::KIND,
                (string) $spot,
                sprintf('%s drives %s, but %s.', $desk->at($spot), $desk->words->output($output), $this->sees($desk, $output)),
                [$spot],
                [],
                $instead === null || $cell === null ? null : new Mend('Drive '.$instead->inWords().' instead', fn () => $desk->edits->assign($spot->layer, $spot->ref, $cell->behaviour, array_map(fn (Output $one) => $one == $output ? $instead : $one, $cell->outputs))),
            );
        }
    }

    private function sees(Desk $desk, Output $output): string
    {
        $most = $output instanceof ControllerAxis ? $desk->catalogue->axes : $desk->catalogue->buttons;
        $what = $output instanceof ControllerAxis ? 'axes' : 'outputs';

        return $most === 0 ? $desk->catalogue->name.' sees no controller '.$what : sprintf('%s sees only the first %d %s', $desk->catalogue->name, $most, $what);
    }
}
