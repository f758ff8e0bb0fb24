<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Mapping\Output\IsNumbered;
use Nailrod\Core\Mapping\Output\PressesKeys;
use Nailrod\Core\Set\BindingSet;

/**
 * What belongs together in a plan: one action, or the halves of a pair, on one control; taken or turned down as one.
 */
final readonly class Proposal
{
    /**
     * @param non-empty-list<PlannedCell> $choices
     * @param string                 $why     why this control
     */
    public function __construct(public array $choices, public string $why) {}

    /** Names it among the proposals of a plan. */
    public function id(): string
    {
        return $this->choices[0]->action->id;
    }

    /** @return string what is turned down with it: "action:reference" of its first choice */
    public function refusal(): string
    {
        return $this->id().':'.$this->choices[0]->spot->ref;
    }

    /** Could it go by a key as well as by an output? What has its way already keeps it. */
    public function goesEitherWay(BindingSet $set): bool
    {
        [$action, $way] = [$this->choices[0]->action, $this->choices[0]->way->way];

        return ! $action->isAxis() && (
            $way instanceof IsNumbered || $way instanceof PressesKeys
        ) && ! isset($set->ways[$action->id]) && $set->catalogue?->buttons !== 0;
    }
}
