<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Mapping\Action\ActionKind;

/**
 * Which actions of a list are the two halves of a pair, by their names alone: "Gear up" and "Gear down", "Lights on"
 * and "Lights off".
 */
final readonly class NamePairs
{
    /** Words that step a thing one way and the other. */
    private const STEPS = [
        ['up', 'down'],
        ['increase', 'decrease'],
        ['more', 'less'],
        ['next', 'previous'],
        ['raise', 'lower'],
        ['forward', 'back'],
        ['forwards', 'backwards'],
        ['forward', 'backward'],
        ['in', 'out'],
        ['right', 'left'],
        ['plus', 'minus'],
        ['higher', 'lower'],
        ['faster', 'slower'],
        ['louder', 'quieter'],
    ];

    /** Words that set it one way and the other. */
    private const SETS = [
        ['on', 'off'],
        ['open', 'close'],
        ['open', 'closed'],
        ['open', 'shut'],
        ['extend', 'retract'],
        ['lock', 'unlock'],
        ['start', 'stop'],
        ['engage', 'disengage'],
        ['arm', 'disarm'],
        ['enable', 'disable'],
    ];

    /**
     * @param array<int|string, array{of: string, kind: ActionKind, amount: float}> $halves what each half is, by the
     *    key of its name
     */
    private function __construct(public array $halves) {}

    /** @param array<int|string, string> $names */
    public static function of(array $names): self
    {
        $places = [];
        foreach ($names as $key => $name) {
            $words = preg_split('/[^\p{L}\p{N}+]+/u', mb_strtolower($name), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            foreach ($words as $at => $word) {
                foreach (
                    [
                        [self::STEPS, ActionKind::StepPair, -1.0],
                        [self::SETS, ActionKind::TwoState, 0.0],
                    ] as [$pairs, $kind, $low]
                ) {
                    foreach ($pairs as $pair) {
                        $which = array_search($word, $pair, true);
                        if ($which !== false && count($words) > 1) {
                            $stem = implode(' ', array_replace($words, [$at => '…'])).' '.implode('/', $pair);
                            $of = trim(implode(' ', array_diff_key($words, [$at => 0])));
                            $places[$stem][$which][] = [
                                $key,
                                ['of' => $of, 'kind' => $kind, 'amount' => $which === 0 ? 1.0 : $low],
                            ];
                        }
                    }
                }
            }
        }
        $halves = [];
        foreach ($places as $both) {
            // Of several with one name nobody knows which is meant.
            if (
                count($both[0] ?? []) === 1
                    && count($both[1] ?? []) === 1
                    && ! isset($halves[$both[0][0][0]])
                    && ! isset($halves[$both[1][0][0]])
            ) {
                $halves[$both[0][0][0]] = $both[0][0][1];
                $halves[$both[1][0][0]] = $both[1][0][1];
            }
        }

        return new self($halves);
    }
}
