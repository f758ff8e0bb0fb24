<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Action\EffectKind;
use Nailrod\Core\Device\ControlKind;
use Nailrod\Core\Output\ActionOutput;
use Nailrod\Core\Output\OnOffVariable;

/** What Nailrod would do better, where it knows. */
final readonly class Advice
{
    public function __construct(private BindingSet $set) {}

    /**
     * A switch that stays where it is put, on an action that the game can only flip: the two fall out of step as soon as
     * the game changes it otherwise. Null if that cannot happen, or there is no better way.
     */
    public function outOfStep(string $layer, string $ref): ?BetterWay
    {
        $output = $this->set->cell($layer, $ref)->outputs[0] ?? null;
        $action = $output instanceof ActionOutput ? $this->set->catalogue?->action($output->action) : null;
        $kind = $this->set->rig->controlOf($ref)?->kind;
        if ($action === null || $action->effect->kind !== EffectKind::Flip || $kind !== ControlKind::TwoWay) {
            return null;
        }
        $variable = $this->set->catalogue->variables[$action->effect->variable] ?? null;
        $way = $variable === null ? null : $action->variableWay($variable);

        return $way instanceof OnOffVariable && ! $this->set->wayOf($action->id) instanceof OnOffVariable ? new BetterWay($action, $way) : null;
    }
}
