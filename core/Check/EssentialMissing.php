<?php

declare(strict_types=1);

namespace Nailrod\Core\Check;

/** An action that the game cannot be used without, and that nothing reaches. */
final class EssentialMissing implements Check
{
    public const KIND = 'not reached';

    public function findings(Desk $desk): iterable
    {
        foreach ($desk->catalogue->actions as $action) {
            if ($action->essential && ! $desk->reach->reaches($action->id)) {
                yield new Finding(self::KIND, $action->id, sprintf('%s is needed, and nothing reaches it.', $action->name), [], [$action->id], $desk->place($action));
            }
        }
    }
}
