<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\PressesKeys;

/** What the game hears: the action that it is told by an output, the first of several in the order of its list. */
final readonly class Heard
{
    /** @var array<string, non-empty-list<Action>> by the output */
    private array $actions;

    public function __construct(BindingSet $set)
    {
        $actions = [];
        foreach ($set->catalogue->actions ?? [] as $action) {
            $way = $set->wayOf($action->id);
            if ($way !== null) {
                $actions[self::key($way)][] = $action;
            }
        }
        $this->actions = $actions;
    }

    public function action(Output $output): ?Action
    {
        return $this->actions[self::key($output)][0] ?? null;
    }

    /** The action that alone is told by this output; null if none is, or several are. */
    public function only(Output $output): ?Action
    {
        $actions = $this->actions[self::key($output)] ?? [];

        return count($actions) === 1 ? $actions[0] : null;
    }

    private static function key(Output $output): string
    {
        return $output instanceof PressesKeys ? $output->keys()->codes() : (string) json_encode($output->toArray());
    }
}
