<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\EffectKind;
use Nailrod\Core\Mapping\Output\ControllerAxis;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Mapping\Output\KeepsInStep;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Mapping\Output\PressesKeys;
use Nailrod\Core\Rig\Device\KeyCodes;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\OutputUse;
use Nailrod\Core\Set\Words;

/**
 * By which way an action is best reached. A way that the set has and that works stays what it is. Else: a variable
 * where a switch has two positions and the game only a flip; a controller output where the game takes one, the lowest
 * that is free; a key stroke that nobody keeps and nothing else uses; its variable. What was chosen is used from then
 * on.
 */
final class WayChoice
{
    /** @var list<int> free numbers, the lowest first */
    private array $buttons;

    /** @var list<int> */
    private array $axes;

    /** @var array<string, string> what each key stroke is used for, by its label */
    private array $keys = [];

    /** @var \Generator<KeyStroke>|null key strokes to try, from where the search stands */
    private ?\Generator $further = null;

    public function __construct(private readonly BindingSet $set, private readonly Catalogue $catalogue)
    {
        $use = new OutputUse($set);
        $this->buttons = $use->buttons()->free();
        $this->axes = $use->axes()->free();
        foreach ($catalogue->actions as $action) {
            foreach ([$action->key, $set->wayOf($action->id)] as $key) {
                if ($key instanceof PressesKeys) {
                    $this->keys[$key->keys()->label()] ??= $action->id;
                }
            }
        }
        foreach ($set->cells as $cells) {
            foreach ($cells as $cell) {
                foreach ($cell->outputsOfEither() as $output) {
                    if ($output instanceof PressesKeys) {
                        $this->keys[$output->keys()->label()] = '';
                    }
                }
            }
        }
    }

    /**
     * @param bool $twoPositions is it for a switch that stays where it is put?
     * @param bool $byKey        is a key wanted rather than an output?
     *
     * @return ?ChosenWay null if there is no way left
     */
    public function for(Action $action, bool $twoPositions = false, bool $byKey = false): ?ChosenWay
    {
        $said = $this->set->ways[$action->id] ?? null;
        if ($said !== null && $this->catalogue->takes($said)) {
            return new ChosenWay($said, 'it stays by '.(new Words($this->set))->output($said), false);
        }
        $chosen = $this->anew($action, $twoPositions, $byKey);

        return $chosen === null || $said === null ? $chosen : new ChosenWay(
            $chosen->way,
            (new Words($this->set))->output($said).' does not reach the game; '.$chosen->why,
            $chosen->isNew,
        );
    }

    /** The way that it would be given if it had none; null if there is none left. */
    public function anew(Action $action, bool $twoPositions = false, bool $byKey = false): ?ChosenWay
    {
        return $this->inStep($action, $twoPositions) ?? (
            $byKey ? $this->key($action, 'a key was asked for') : null
        ) ?? $this->output($action) ?? $this->key($action) ?? $this->variable($action);
    }

    /** How many controller buttons are still free. */
    public function buttonsLeft(): int
    {
        return count($this->buttons);
    }

    /** How many controller axes are still free. */
    public function axesLeft(): int
    {
        return count($this->axes);
    }

    private function inStep(Action $action, bool $twoPositions): ?ChosenWay
    {
        $way = $twoPositions && $action->effect->kind === EffectKind::Flip ? $action->variableWay(
            $this->catalogue->variables[$action->effect->variable],
        ) : null;

        return $way instanceof KeepsInStep ? new ChosenWay(
            $way,
            'the game only offers a flip and the switch has two positions, so its variable is written and they stay '
                .'in step',
            true,
        ) : null;
    }

    private function output(Action $action): ?ChosenWay
    {
        if ($action->isAxis()) {
            $number = array_shift($this->axes);

            return $number === null ? null : new ChosenWay(
                new ControllerAxis($number),
                'axis '.$number.' is the lowest that is free and seen',
                true,
            );
        }
        $number = array_shift($this->buttons);

        return $number === null ? null : new ChosenWay(
            new ControllerButton($number),
            'output '.$number.' is the lowest that is free and seen',
            true,
        );
    }

    /** @param string $why a key rather than an output */
    private function key(Action $action, string $why = ''): ?ChosenWay
    {
        if ($action->isAxis()) {
            return null;
        }
        $none = $why !== '' ? $why : (
            $this->catalogue->buttons === 0 ? 'the game takes no controller' : 'no output that the game sees is free'
        );
        $own = $action->key;
        if ($own !== null && ! $this->catalogue->isReserved($own) && $this->keys[$own->label()] === $action->id) {
            return new ChosenWay($own, $none.', and '.$own->label().' is its own key, which nobody keeps', false);
        }
        $this->further ??= self::strokes();
        for (; $this->further->valid(); $this->further->next()) {
            $key = $this->further->current();
            if (! isset($this->keys[$key->label()]) && ! $this->catalogue->isReserved($key)) {
                $this->keys[$key->label()] = $action->id;

                return new ChosenWay($key, $none.'; '.$key->label().' is free, and nobody keeps it', true);
            }
        }

        return null;
    }

    private function variable(Action $action): ?ChosenWay
    {
        $way = $action->variableWay($this->catalogue->variables[$action->effect->variable]);

        return $way === null ? null : new ChosenWay(
            $way,
            'no other way is left, and its variable can be written',
            true,
        );
    }

    /** @return \Generator<KeyStroke> those that a game is likely to leave alone first */
    private static function strokes(): \Generator
    {
        foreach ([[], ['ShiftLeft'], ['ControlLeft', 'ShiftLeft']] as $with) {
            foreach (
                [
                    ...array_map(fn (int $n) => 'F'.$n, range(13, 24)),
                    ...array_map(fn (string $letter) => 'Key'.$letter, range('A', 'Z')),
                    ...array_map(fn (int $n) => 'Numpad'.$n, range(0, 9)),
                ] as $code
            ) {
                if (KeyCodes::known($code)) {
                    yield new KeyStroke($code, $with);
                }
            }
        }
    }
}
