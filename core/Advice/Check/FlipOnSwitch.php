<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Advice\Plan\Seats;
use Nailrod\Core\Rig\Device\Kind\PushButton;
use Nailrod\Core\Set\Advice;
use Nailrod\Core\Set\Slot;
use Nailrod\Core\Set\Transfers;

/** A switch that stays where it is put, on an action that the game can only flip. */
final class FlipOnSwitch implements Check
{
    public const KIND = 'out of step';

    public function findings(Desk $desk): iterable
    {
        $told = [];
        $advice = new Advice($desk->set);
        foreach ($desk->outputs() as [$spot, $output]) {
            $action = $advice->flips($spot->ref, $output);
            $switch = $desk->set->rig->controlOf($spot->ref);
            if ($action === null || $switch === null || isset($told[$action->id.$switch->ref])) {
                continue;
            }
            $told[$action->id.$switch->ref] = true;
            $better = $advice->outOfStep($spot->layer, $spot->ref);
            yield new Finding(
                self::KIND,
                (string) $spot,
                sprintf(
                    '%s has two positions, but %s only flips: they fall out of step as soon as the game changes it '
                        .'by itself.',
                    $switch->name,
                    $action->name,
                ),
                [$spot],
                [$action->id],
                $better === null
                    ? $this->toAButton($desk, $spot)
                    : new QuickFix(
                        'Write its variable, one value for each position',
                        fn () => $desk->edits->keepInStep($spot->layer, $spot->ref),
                    ),
            );
        }
    }

    /** The game lets nobody write it: a button that springs back has no position to be out of step with. */
    private function toAButton(Desk $desk, Slot $spot): ?QuickFix
    {
        foreach ((new Seats($desk->kept))->contacts(new PushButton, $spot->layer, 1) as [$ref]) {
            return new QuickFix(
                sprintf('Move it to %s, which springs back', $desk->set->rig->fullNameOf($ref)),
                fn () => (new Transfers($desk->kept))->cell(
                    Transfers::MOVE,
                    $spot->layer,
                    $spot->ref,
                    $spot->layer,
                    $ref,
                ),
            );
        }

        return null;
    }
}
