<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Tape;

use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\OpensStop;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\PlaysLatest;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Words;

/** Says why nothing came of a press or a movement, and what was left out. Times in µs. */
final readonly class WhyNothing
{
    private OutputWords $words;

    public function __construct(private BindingSet $set)
    {
        $this->words = new OutputWords($set);
    }

    /**
     * A press or a movement that led to nothing, and why; null if there is nothing to say.
     *
     * @param callable(Condition): bool      $holds does a condition hold just now?
     * @param callable(string): list<string> $also  which contacts hold, too,
     *                                         what a contact holds; see Questions::alsoHolding()
     * @param callable(string): bool         $isOff is what a contact does a toggle that is off now?
     */
    public function idle(
        Input $input,
        string $layer,
        int $before,
        callable $holds,
        callable $also,
        callable $isOff,
    ): ?Sentence {
        $said = $this->idleAxis($input) ?? $this->idleContact($input, $layer, $before);
        if ($said === null) {
            return null;
        }
        [$ref, $what] = $said;
        $in = $this->layerOf($layer, $ref);
        $cell = $this->set->cell($in, $ref);
        $as = $cell === null || $this->set->isAside(PartPath::cell($in, $ref)) ? null : $cell->as;
        [$at, $in] = $as === null ? [$ref, $in] : [$as, $this->layerOf($layer, $as)];
        $cell = $this->set->cell($in, $at);
        $when = $cell?->when;
        $why = match (true) {
            $cell === null && $this->chordOf($layer, $at) !== '' => 'it is '
                .$this->chordOf($layer, $at)
                .', which has not come on',
            $cell === null => 'nothing is assigned to '.($as === null ? 'it' : $this->set->rig->nameOf($as)),
            $cell->isNothing() => 'it is set to do nothing here',
            $this->set->isAside(PartPath::cell($in, $at)) => 'what it does is set aside',
            $cell->as !== null => $this->set->rig->nameOf($at).' does as another control does',
            $when !== null && $cell->otherwise === null && ! $holds($when) => 'it works '.(new Words($this->set))
                ->condition($when),
            default => $this->idleBranch(
                $when !== null && $cell->otherwise !== null && ! $holds($when) ? $cell->otherwise : $cell->either()[0],
                $holds,
            ) ?? ($isOff($ref) ? 'it is off, and something else holds the same' : $this->alsoHeld($also($ref))),
        };
        if ($why === null) {
            return null;
        }

        return new Sentence(
            $input->t,
            $ref,
            [
                $this->set->rig->deviceNameOf($ref).' · '.$what,
                ...($as === null ? [] : ['as '.$this->set->rig->nameOf($as).' does']),
                'layer '.($this->set->layers[$layer]->name ?? $layer),
                $why,
            ],
            false,
            [],
        );
    }

    /** The chord that a contact is part of while a layer is live; empty if it is part of none. */
    private function chordOf(string $layer, string $ref): string
    {
        $words = $this->set->chordWords($layer, $ref);

        return $words === '' ? $this->set->chordWords(Layer::BASE, $ref) : $words;
    }

    /** The layer whose word holds for a contact while this one is live. */
    private function layerOf(string $layer, string $ref): string
    {
        return $this->set->cell($layer, $ref) === null ? Layer::BASE : $layer;
    }

    /** So much happened at once that the earlier part of it is only counted. */
    public function leftOut(int $t, int $changes): Sentence
    {
        return new Sentence(
            $t,
            'left out',
            [
                'Much happened at once',
                number_format($changes, 0, '.', ' ').(
                    $changes === 1 ? ' change before this is' : ' changes before these are'
                ).' not told',
            ],
            false,
            [],
        );
    }

    /** Ticks of an encoder that were left out, since too many were waiting. */
    public function dropped(int $t, string $ref, int $ticks): Sentence
    {
        return new Sentence(
            $t,
            $ref,
            [
                $this->set->rig->fullNameOf($ref, ' · '),
                $ticks === 1 ? '1 tick was dropped' : $ticks.' ticks were dropped',
                'more came than may wait',
            ],
            false,
            [],
        );
    }

    /** A movement that a shut stop holds back, so that nothing new is sent; null if no stop does. */
    public function held(Input $input, ?string $stop): ?Sentence
    {
        $shaping = $this->set->shapings[$input->port] ?? null;
        $at = $this->set->stops[$stop ?? ''] ?? null;
        if ($shaping === null || $at === null) {
            return null;
        }

        return new Sentence($input->t, $input->port, [
            $this->set->rig->deviceNameOf($input->port).' · '.$this->words->axisMoved(
                $shaping,
                $input->port,
                (int) $input->value,
            ),
            $at->name.' at '.Percent::at($at->at, $shaping->axis->centred).' is shut',
            'still sends '.$shaping->percent($at->at),
        ], false, []);
    }

    /** @param callable(Condition): bool $holds */
    private function idleBranch(Cell $cell, callable $holds): ?string
    {
        return $this->idleAside($cell) ?? $this->idleMacro($cell, $holds) ?? self::idleRecorded($cell);
    }

    /** @param list<string> $others contacts that hold the same; empty ones for a chord or a macro */
    private function alsoHeld(array $others): ?string
    {
        $names = array_map(
            fn (string $ref): string => $ref === '' ? 'a chord or a macro' : $this->set->rig->nameOf($ref),
            $others,
        );

        return $names === [] ? null : implode(' and ', array_unique($names)).(
            count($names) === 1 ? ' holds it already' : ' hold it already'
        );
    }

    /** It would play what was recorded last. */
    private static function idleRecorded(Cell $cell): ?string
    {
        return array_filter(
            $cell->outputs,
            fn (Output $output) => $output instanceof PlaysLatest,
        ) === [] ? null : 'nothing is recorded that could be played';
    }

    /** A stop or a macro that is set aside, so that what leads to it does nothing. */
    private function idleAside(Cell $cell): ?string
    {
        foreach ($cell->plays() as $id) {
            if ($this->set->isAside(PartPath::macro($id))) {
                return 'macro '.($this->set->macros[$id]->name ?? $id).' is set aside';
            }
        }
        foreach ($cell->outputs as $output) {
            if ($output instanceof OpensStop && $this->set->isAside(PartPath::stop($output->stop()))) {
                return 'stop '.($this->set->stops[$output->stop()]->name ?? '').' is set aside';
            }
        }

        return null;
    }

    /**
     * A macro that its own condition keeps from being played.
     *
     * @param callable(Condition): bool $holds
     */
    private function idleMacro(Cell $cell, callable $holds): ?string
    {
        foreach ($cell->plays() as $id) {
            $macro = $this->set->macros[$id] ?? null;
            if ($macro?->when !== null && ! $holds($macro->when)) {
                return 'macro '.$macro->name.' plays '.(new Words($this->set))->condition($macro->when);
            }
        }

        return null;
    }

    /** @return ?array{string, string} */
    private function idleAxis(Input $input): ?array
    {
        $shaping = $this->set->shapings[$input->port] ?? null;

        return $shaping === null ? null : [
            $input->port,
            $this->words->axisMoved($shaping, $input->port, (int) $input->value),
        ];
    }

    /** @return ?array{string, string} the contact that the input closed, or opened if it closed none */
    private function idleContact(Input $input, string $layer, int $before): ?array
    {
        foreach ($this->set->rig->contacts as $ref => $contact) {
            $closed = match (true) {
                $contact->hat === $input->port => ContactInput::points(
                    $contact->direction,
                    (int) $input->value,
                ) && ! ContactInput::points($contact->direction, $before),
                $contact->opposite === $input->port => $input->value === 0,
                default => $ref === $input->port && $input->value === 1,
            };
            if ($closed) {
                return [$ref, $this->set->rig->nameOf($ref).' closed'];
            }
        }

        return null;
    }
}
