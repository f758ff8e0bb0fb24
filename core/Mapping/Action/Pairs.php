<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Action;

/**
 * Which actions of a catalogue are the two halves of a pair: a step and the step the other way, or the two settings of
 * one variable.
 */
final readonly class Pairs
{
    /** @var array<string, Action> the other half, by the id of the one */
    private array $partners;

    public function __construct(Catalogue $catalogue)
    {
        $groups = [];
        foreach ($catalogue->actions as $action) {
            $groups[$action->kind->value.' '.$action->effect->kind->value.' '.$action->effect->variable][] = $action;
        }
        $partners = [];
        foreach ($groups as $group) {
            foreach ($group as $action) {
                $others = array_values(array_filter(
                    $group,
                    fn (Action $other) => $other !== $action && $other->effect->isOppositeOf($action->effect),
                ));
                if (count($others) === 1) {
                    $partners[$action->id] = $others[0];
                }
            }
        }
        $this->partners = $partners;
    }

    /** Null for an action that stands alone, or has more than one opposite. */
    public function partnerOf(Action $action): ?Action
    {
        return $this->partners[$action->id] ?? null;
    }
}
