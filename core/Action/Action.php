<?php

declare(strict_types=1);

namespace Nailrod\Core\Action;

use Nailrod\Core\Behaviour\Behaviour;
use Nailrod\Core\Behaviour\Follow;
use Nailrod\Core\Behaviour\Pulse;
use Nailrod\Core\Output\AxisVariable;
use Nailrod\Core\Output\KeyStroke;
use Nailrod\Core\Output\OnOffVariable;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\SetVariable;

/** Something a simulator can be told to do. */
final readonly class Action
{
    /**
     * @param ?KeyStroke $key           the simulator's own key for it
     * @param bool       $byVariable    can its variable be written from outside?
     * @param bool       $ownCurve      of an axis: does the simulator bend it itself?
     * @param string     $role          what it is for, in the same words in every simulator: "look left"; empty if nobody has said
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $group,
        public ActionKind $kind,
        public bool $essential,
        public Effect $effect,
        public ?KeyStroke $key,
        public bool $byVariable,
        public bool $ownCurve = false,
        public string $role = '',
    ) {}

    public function isAxis(): bool
    {
        return $this->kind === ActionKind::Axis;
    }

    /** How a contact drives it, if nobody has said: what is held as long as the hand holds, all else by a pulse. */
    public function usualBehaviour(): Behaviour
    {
        return $this->effect->kind === EffectKind::Hold ? Follow::always() : Pulse::on('press');
    }

    /** The way that writes the variable of the action, if the simulator lets it be written. */
    public function variableWay(Variable $variable): ?Output
    {
        if (! $this->byVariable) {
            return null;
        }

        return match ($this->effect->kind) {
            EffectKind::Follow => new AxisVariable($variable->id, $variable->low, $variable->high),
            EffectKind::Set => new SetVariable($variable->id, $this->effect->amount),
            EffectKind::Flip, EffectKind::Hold => new OnOffVariable($variable->id, $variable->high, $variable->low),
            EffectKind::Step => null,
        };
    }
}
