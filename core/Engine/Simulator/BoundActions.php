<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Simulator;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Output\AxisOutput;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Mapping\Output\PressesKeys;

/**
 * What a game does, by what reaches it: its own binding list the other way round. What it does not see is not in it.
 */
final readonly class BoundActions
{
    /** @var array<int, list<Action>> by number of an axis */
    public array $byAxis;

    /** @var array<int, list<Action>> by number of a button */
    public array $byButton;

    /** @var list<array{KeyStroke, Action}> */
    public array $byKey;

    public function __construct(Catalogue $catalogue, GameBindings $bindings)
    {
        $byAxis = $byButton = $byKey = [];
        foreach (Keys::each($bindings->ways) as $id => $way) {
            $action = $catalogue->actions[$id];
            if (! $catalogue->sees($way)) {
                continue;
            }
            if ($way instanceof PressesKeys) {
                $byKey[] = [$way->keys(), $action];
            } elseif ($way instanceof AxisOutput) {
                $byAxis[$way->number()][] = $action;
            } else {
                $byButton[$way->number()][] = $action;
            }
        }
        [$this->byAxis, $this->byButton, $this->byKey] = [$byAxis, $byButton, $byKey];
    }
}
