<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Tape;

use Nailrod\Core\Engine\Simulator\GameEvent;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Rig\Device\KeyCodes;
use Nailrod\Core\Rig\Device\MediaKeys;
use Nailrod\Core\Set\BindingSet;

/** What came out, and what the game made of it, in words and by name. */
final readonly class OutputWords
{
    private const DIRECTIONS = [
        'north',
        'north-east',
        'east',
        'south-east',
        'south',
        'south-west',
        'west',
        'north-west',
    ];

    public function __construct(private BindingSet $set) {}

    /** What it does to the game: "sends 62.4 % on axis 3", "output 5 on". */
    public function output(OutputEvent $event): string
    {
        $value = $event->value;

        return match ($event->kind) {
            OutputEvent::AXIS => sprintf('sends %s on axis %s', $this->sent($event), $event->target),
            OutputEvent::BUTTON => 'output '.$event->target.($value === 1 ? ' on' : ' off'),
            OutputEvent::KEY => 'key '.KeyCodes::label($event->target).($value === 1 ? ' down' : ' up'),
            OutputEvent::VARIABLE => sprintf(
                '%s is set to %s',
                $this->variableName($event->target),
                $this->variableValue($event->target, (float) $value),
            ),
            OutputEvent::HAT => sprintf(
                'hat %s %s',
                $event->target,
                $value === -1 ? 'centred' : self::DIRECTIONS[(int) $value],
            ),
            OutputEvent::MACRO => ($value === 1 ? 'begins to record ' : 'ends recording ').'macro '.(
                $this->set->macros[$event->target]->name ?? $event->target
            ),
            OutputEvent::FLAG => sprintf(
                'flag %s is %s',
                $this->set->flags[$event->target] ?? $event->target,
                $value === 1 ? 'up' : 'down',
            ),
            OutputEvent::LAMP => sprintf('%s is %s', $this->set->rig->lampNameOf($event->target), match ($value) {
                0 => 'dark', 1 => 'lit', default => $value,
            }),
            OutputEvent::CONSUMER => MediaKeys::label((int) $event->target).($value === 1 ? ' on' : ' off'),
            OutputEvent::MOUSE => $this->mouse($event),
            OutputEvent::LAYER => 'layer '.$value.' is live',
            OutputEvent::STOP => $this->stop($event->target).($value === 1 ? ' is open' : ' is shut'),
            default => $event->kind.' '.$event->target.' '.match ($value) {
                0 => 'off', 1 => 'on', default => $value,
            },
        };
    }

    private function mouse(OutputEvent $event): string
    {
        $value = (int) $event->value;

        return match ($event->target) {
            'x', 'y' => sprintf(
                'mouse %s by %d px',
                $event->target === 'x' ? ($value > 0 ? 'right' : 'left') : ($value > 0 ? 'down' : 'up'),
                abs((int) $value),
            ),
            'wheel' => 'mouse wheel '.($value > 0 ? 'up' : 'down').' by '.abs($value),
            default => $event->target.' mouse button'.($value === 1 ? ' down' : ' up'),
        };
    }

    /** What an output is called: with the action that it stands for, if there is one. */
    public function nameOf(OutputEvent $event): string
    {
        $name = match ($event->kind) {
            OutputEvent::AXIS => 'axis '.$event->target,
            OutputEvent::BUTTON => 'output '.$event->target,
            OutputEvent::KEY => 'key '.KeyCodes::label($event->target),
            OutputEvent::VARIABLE => $this->variableName($event->target),
            OutputEvent::STOP => 'stop '.$this->stop($event->target),
            OutputEvent::MOUSE => 'mouse '.$event->target,
            OutputEvent::LAMP => $this->set->rig->lampNameOf($event->target),
            OutputEvent::MACRO => 'recording '.($this->set->macros[$event->target]->name ?? $event->target),
            OutputEvent::FLAG => $this->set->flags[$event->target] ?? $event->target,
            OutputEvent::CONSUMER => MediaKeys::label((int) $event->target),
            OutputEvent::HAT, OutputEvent::LAYER => $event->target,
            default => $event->kind.' '.$event->target,
        };
        foreach ($event->cause->steps as $step) {
            if (
                $step->kind === StepKind::Action
                    && $event->kind !== OutputEvent::KEY
                    && $event->kind !== OutputEvent::VARIABLE
            ) {
                return $name.' · '.($this->set->catalogue?->action($step->subject)->name ?? $step->subject);
            }
        }

        return $name;
    }

    /** What is on while this output is: by its action where it stands for one, else by itself. */
    public function doing(OutputEvent $event): string
    {
        foreach ($event->cause->steps as $step) {
            if ($step->kind === StepKind::Action) {
                return $this->set->catalogue?->action($step->subject)->name ?? $step->subject;
            }
        }

        return match ($event->kind) {
            OutputEvent::HAT => $this->output($event),
            OutputEvent::FLAG => 'flag '.$this->nameOf($event),
            OutputEvent::STOP => $this->output($event),
            OutputEvent::MOUSE => $event->target.' mouse button',
            default => $this->nameOf($event),
        };
    }

    /**
     * That it is over: "Horn off"; a key, a stop, a flag or a hat, and what is called on or off itself, as they are.
     */
    public function over(OutputEvent $event, On $on): string
    {
        $isByName = in_array(
            $event->kind,
            [OutputEvent::BUTTON, OutputEvent::CONSUMER],
            true,
        ) && preg_match('/\b(on|off|open|shut)$/i', $on->name) !== 1;

        return $isByName ? $on->name.' off' : $this->output($event);
    }

    /** What the game made of something, by its own name: "Skerrywing: Anchor down". */
    public function answer(GameEvent $event): string
    {
        $words = $this->game($event);

        return ($this->set->catalogue->name ?? 'The game').': '.$words['name'].' '.$words['words'];
    }

    private function sent(OutputEvent $event): string
    {
        $part = (int) $event->value / Shaping::STEPS;
        $shaping = $this->set->shapings[$this->axisOf($event->cause)] ?? null;

        return $shaping === null ? Percent::steady($part) : $shaping->percent($part);
    }

    /** Reference of the axis that an output came from, by itself or because a stop or a layer let it; empty if none. */
    private function axisOf(Cause $cause): string
    {
        foreach ($cause->steps as $step) {
            if (
                $step->kind === StepKind::AxisSends
                    || $step->kind === StepKind::Builds
                    || $step->kind === StepKind::ReturnsToRest
            ) {
                return $step->subject;
            }
        }

        return $cause->origin instanceof Input ? $cause->origin->port : '';
    }

    /** @return array{name: string, words: string} what changed in the game, and to what */
    public function game(GameEvent $event): array
    {
        return match ($event->variable) {
            GameEvent::WINDOW => [
                'name' => 'its own window',
                'words' => $event->window === ''
                    ? 'is shut'
                    : 'is open: '
                    .$event->window
                    .'. It keeps this key for itself, and takes all keys until Escape',
            ],
            GameEvent::TAKEN => [
                'name' => 'nothing of '.($event->by === null ? 'a key' : $this->nameOf($event->by)),
                'words' => $event->window === ''
                    ? '(the desktop keeps this key)'
                    : '(its '
                    .$event->window
                    .' is open and takes all keys; Escape shuts it)',
            ],
            GameEvent::MISSED => [
                'name' => 'nothing of output '.(int) $event->value,
                'words' => $event->value > ($this->set->catalogue->buttons ?? 0)
                    ? '(it sees only the first '
                    .($this->set->catalogue->buttons ?? 0)
                    .')'
                    : '(it was over between two looks)',
            ],
            default => [
                'name' => $this->variableName($event->variable),
                'words' => $this->variableValue($event->variable, $event->value),
            ],
        };
    }

    /** A variable and what it is: "Engine speed 3 000 rpm". */
    public function variable(string $id, float $value): string
    {
        return $this->variableName($id).' '.$this->variableValue($id, $value);
    }

    private function variableName(string $id): string
    {
        return $this->set->catalogue->variables[$id]->name ?? $id;
    }

    private function variableValue(string $id, float $value): string
    {
        $variable = $this->set->catalogue->variables[$id] ?? null;

        return $variable === null ? (string) json_encode($value) : $variable->show($value);
    }

    /** The name of a stop. */
    public function stop(string $id): string
    {
        return $this->set->stops[$id]->name ?? 'stop '.$id;
    }

    /** How an axis was moved: "Left lever reads 812 → travel 79.3 %". */
    public function axisMoved(Shaping $shaping, string $ref, int $reading): string
    {
        $travel = $shaping->travel($reading);
        $value = $shaping->shape($travel);
        $shaped = abs($value - $travel) < 0.0005 ? '' : ' → shaped '.$shaping->percent($value);

        return sprintf(
            '%s reads %d → travel %s%s',
            $this->set->rig->nameOf($ref),
            $reading,
            $shaping->percent($travel),
            $shaped,
        );
    }
}
