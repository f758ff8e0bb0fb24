<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Mapping\Output\PressesKeys;

/** A key stroke that the game or the desktop keeps for itself. */
final class KeptKey implements Check
{
    public const KIND = 'reserved key';

    public function findings(Desk $desk): iterable
    {
        foreach ($desk->catalogue->actions as $action) {
            $way = $desk->set->wayOf($action->id);
            $kept = $way instanceof PressesKeys && (
                $desk->reach()->reaches($action->id) || isset($desk->set->ways[$action->id])
            ) ? $desk->catalogue->reservedAs($way->keys()) : null;
            if ($kept !== null) {
                yield new Finding(
                    self::KIND,
                    $action->id,
                    sprintf('%s is reached by %s: it never comes there.', $action->name, $kept->inWords()),
                    $desk->reach()->spots($action->id),
                    [$action->id],
                    $desk->otherWay($action),
                );
            }
        }
        foreach ($desk->outputs() as [$spot, $output]) {
            $kept = $output instanceof PressesKeys ? $desk->catalogue->reservedAs($output->keys()) : null;
            if ($kept !== null) {
                yield new Finding(
                    self::KIND,
                    (string) $spot,
                    sprintf('%s sends %s.', $desk->at($spot), $kept->inWords()),
                    [$spot],
                    [],
                    new QuickFix('Clear '.$desk->at($spot), fn () => $desk->edits->clear($spot->layer, $spot->ref)),
                );
            }
        }
    }
}
