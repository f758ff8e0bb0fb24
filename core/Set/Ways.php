<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Output\ControllerAxis;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Mapping\Output\IsNumbered;
use Nailrod\Core\Mapping\Output\Output;

/** The ways by which an action can be reached in a set, and which one to take if nobody has said. */
final readonly class Ways
{
    public function __construct(private BindingSet $set, private Catalogue $catalogue) {}

    /**
     * Every way that is open to an action now: the one it has first, then the simulator's own key, the lowest free
     * controller output that the simulator sees, and its variable.
     *
     * @return list<Output>
     */
    public function of(Action $action): array
    {
        $variable = $this->catalogue->variables[$action->effect->variable];
        $ways = [
            $this->set->ways[$action->id] ?? null,
            $action->key,
            $this->freeOutput($action),
            $action->variableWay($variable),
        ];
        $distinct = [];
        foreach ($ways as $way) {
            if ($way !== null) {
                $distinct[json_encode($way->toArray(), JSON_THROW_ON_ERROR)] = $way;
            }
        }

        return array_values($distinct);
    }

    /** The way to write into the set when an action is assigned that has none; null if it has one, or there is none. */
    public function propose(Action $action): ?Output
    {
        return $this->set->wayOf($action->id) !== null ? null : ($this->of($action)[0] ?? null);
    }

    /** The lowest controller output that the simulator sees and nothing else of the set drives. */
    private function freeOutput(Action $action): ?IsNumbered
    {
        $use = new OutputUse($this->set);
        $number = ($action->isAxis() ? $use->axes() : $use->buttons())->lowest();
        $own = $this->set->ways[$action->id] ?? null;
        if ($own instanceof IsNumbered && $own->number() <= ($number ?? $own->number())) {
            return $own;
        }

        return match (true) {
            $number === null => null,
            $action->isAxis() => new ControllerAxis($number),
            default => new ControllerButton($number),
        };
    }
}
