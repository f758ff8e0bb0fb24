<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

/** A step one way that is reached, while the step the other way is not. */
final class HalfPair implements Check
{
    public const KIND = 'half a pair';

    public function findings(Desk $desk): iterable
    {
        foreach ($desk->catalogue->actions as $action) {
            $partner = $desk->pairs()->partnerOf($action);
            if ($partner !== null && $desk->reach()->reaches($action->id) && ! $desk->reach()->reaches($partner->id)) {
                yield new Finding(
                    self::KIND,
                    $action->id,
                    sprintf(
                        '%s is reached, %s is not: there is no way back.%s',
                        $action->name,
                        $partner->name,
                        $partner->essential ? ' It is needed.' : '',
                    ),
                    $desk->reach()->spots($action->id),
                    [$action->id, $partner->id],
                    $desk->place($partner),
                );
            }
        }
    }
}
