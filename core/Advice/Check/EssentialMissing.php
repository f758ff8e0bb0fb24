<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Mapping\Action\Action;

/** An action that the game cannot be used without, and that nothing reaches. */
final class EssentialMissing implements Check
{
    public const KIND = 'not reached';

    public function findings(Desk $desk): iterable
    {
        $told = [];
        foreach ($desk->catalogue->actions as $action) {
            if (! $action->essential || $desk->reach()->reaches($action->id) || isset($told[$action->id])) {
                continue;
            }
            $partner = $desk->pairs()->partnerOf($action);
            if ($partner !== null && $desk->reach()->reaches($partner->id)) {
                // That is half a pair, and told as such.
                continue;
            }
            $both = $partner !== null && $partner->essential ? [$action, $partner] : [$action];
            $told += array_fill_keys(array_map(fn (Action $one) => $one->id, $both), true);
            yield new Finding(
                self::KIND,
                $action->id,
                count($both) === 2 ? sprintf(
                    '%s and %s are needed, and nothing reaches them.',
                    $both[0]->name,
                    $both[1]->name,
                ) : $action->name.' is needed, and nothing reaches it.',
                [],
                array_map(fn (Action $one) => $one->id, $both),
                $desk->place($action),
            );
        }
    }
}
