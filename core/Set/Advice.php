<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\EffectKind;
use Nailrod\Core\Mapping\Output\KeepsInStep;
use Nailrod\Core\Mapping\Output\Output;

/** What Nailrod would do better, where it knows. */
final readonly class Advice
{
    public function __construct(private BindingSet $set) {}

    /** The action that an output of a switch that stays where it is put can only flip; null if it is none such. */
    public function flips(string $ref, Output $output): ?Action
    {
        $action = $this->set->actionOf($output);

        return $action !== null && $action->effect->kind === EffectKind::Flip
            && $this->set->rig->controlOf($ref)?->kind->isOnOff() === true
            && ! $this->set->wayOf($action->id) instanceof KeepsInStep
            ? $action
            : null;
    }

    /**
     * A switch that stays where it is put, on an action that the game can only flip: the two fall out of step as soon
     * as the game changes it otherwise. Null if that cannot happen, or there is no better way.
     */
    public function outOfStep(string $layer, string $ref): ?BetterWay
    {
        $output = $this->set->cell($layer, $ref)->outputs[0] ?? null;
        $action = $output === null ? null : $this->flips($ref, $output);
        $variable = $action === null ? null : $this->set->catalogue->variables[$action->effect->variable] ?? null;
        $way = $action === null || $variable === null ? null : $action->variableWay($variable);

        return $action !== null && $way instanceof KeepsInStep ? new BetterWay($action, $way) : null;
    }
}
