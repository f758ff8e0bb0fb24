<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Effect;
use Nailrod\Core\Mapping\Action\EffectKind;
use Nailrod\Core\Mapping\Output\AxisOutput;
use Nailrod\Core\Mapping\Output\MeansAction;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\WritesVariable;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Played;
use Nailrod\Core\Set\Slot;

/**
 * Which actions of the game a set reaches, and from where: by cells, by chords, and by the macros that cells play; by
 * what writes its variable too.
 */
final readonly class Reach
{
    /** @param array<string, list<Slot>> $byAction */
    private function __construct(public array $byAction) {}

    public static function of(BindingSet $set): self
    {
        $set = Played::of($set);
        $byVariable = [];
        foreach ($set->catalogue->actions ?? [] as $action) {
            if ($action->byVariable) {
                $byVariable[$action->effect->variable][] = $action;
            }
        }
        $byAction = [];
        $reached = function (Output $output, Slot $spot) use (&$byAction, $byVariable): void {
            $actions = $output instanceof MeansAction ? [$output->action()] : [];
            if ($output instanceof WritesVariable) {
                $actions = array_map(
                    fn (Action $action) => $action->id,
                    array_filter(
                        $byVariable[$output->variable()] ?? [],
                        fn (Action $action) => self::does($output, $action->effect),
                    ),
                );
            }
            foreach ($actions as $action) {
                $byAction[$action][(string) $spot] = $spot;
            }
        };
        foreach (Keys::each($set->cells) as $layer => $cells) {
            foreach ($cells as $ref => $cell) {
                foreach ($cell->drives($set->macros) as $output) {
                    $reached($output, new Slot((string) $layer, (string) $ref));
                }
            }
        }
        foreach (Keys::each($set->chords) as $layer => $chords) {
            foreach ($chords as $chord) {
                foreach ($chord->outputs as $output) {
                    $reached($output, new Slot((string) $layer, $chord->of[0]));
                }
            }
        }

        return new self(array_map(array_values(...), $byAction));
    }

    /** Does an output that writes the variable of an action do what the action does? */
    private static function does(WritesVariable $output, Effect $effect): bool
    {
        return match ($effect->kind) {
            EffectKind::Follow => $output instanceof AxisOutput,
            EffectKind::Step => $output->steps() * $effect->amount > 0.0,
            EffectKind::Set => in_array($effect->amount, $output->writes(), true),
            EffectKind::Flip, EffectKind::Hold => count(array_unique($output->writes())) > 1,
        };
    }

    public function reaches(string $action): bool
    {
        return isset($this->byAction[$action]);
    }

    /** @return list<Slot> */
    public function spots(string $action): array
    {
        return $this->byAction[$action] ?? [];
    }
}
