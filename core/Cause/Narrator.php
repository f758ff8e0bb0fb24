<?php

declare(strict_types=1);

namespace Nailrod\Core\Cause;

use Nailrod\Core\Axis\Percent;
use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Output\KeyCodes;
use Nailrod\Core\Run\Input;
use Nailrod\Core\Run\OutputEvent;
use Nailrod\Core\Set\BindingSet;

/** Prints the cause of an output as one sentence, with the names that the set, the rig and the simulator give. */
final readonly class Narrator
{
    public function __construct(private BindingSet $set) {}

    /** @return list<string> the sentence in its parts, one a step; a person reads them with arrows between */
    public function parts(OutputEvent $event): array
    {
        $parts = [$this->origin($event->cause)];
        foreach ($event->cause->steps as $step) {
            $words = $this->step($step);
            if ($words !== null) {
                $parts[] = $words;
            }
        }
        $parts[] = $this->output($event);

        return $parts;
    }

    private function origin(Cause $cause): string
    {
        if (is_string($cause->origin)) {
            return match ($cause->origin) {
                Cause::START => 'Found at the start',
                Cause::SET_CHANGED => 'The set was changed',
                Cause::UNPLUGGED => 'The device was unplugged',
                default => 'The bench was left',
            };
        }
        $port = $cause->origin->port;
        $device = $this->set->rig->deviceNameOf($port);
        $shaping = $this->set->shapings[$port] ?? null;
        if ($shaping !== null) {
            $reading = (int) $cause->origin->value;

            return sprintf('%s · %s reading %d → travel %s', $device, $this->set->rig->nameOf($port), $reading, self::travel($shaping, $reading));
        }
        foreach ($cause->steps as $step) {
            if ($step->kind === StepKind::Closed || $step->kind === StepKind::Opened) {
                return sprintf('%s · %s %s', $device, $this->set->rig->nameOf($step->subject), $step->kind->value);
            }
        }

        return $this->input($cause->origin, $device);
    }

    private function input(Input $input, string $device): string
    {
        return sprintf('%s · %s %s', $device, $this->set->rig->nameOf($input->port), json_encode($input->value));
    }

    private function step(Step $step): ?string
    {
        return match ($step->kind) {
            StepKind::Closed, StepKind::Opened, StepKind::AxisSends => null,
            StepKind::Layer => 'layer '.$this->layer($step->subject),
            StepKind::GoesLive => 'layer '.$this->layer($step->subject).' goes live',
            StepKind::Behaviour => $step->subject.($step->detail === null ? '' : ' '.$step->detail),
            StepKind::Timer => $step->subject,
            StepKind::Action => $this->set->catalogue?->action($step->subject)->name ?? $step->subject,
            StepKind::StopOpens => $this->stop($step->subject).' opens',
            StepKind::StopShuts => $this->stop($step->subject).' shuts'.($step->detail === null ? '' : ': '.$step->detail),
            StepKind::StopHolds => $this->stop($step->subject).' at '.Percent::of($this->set->stops[$step->subject]->at ?? 0.0).' is shut',
        };
    }

    private function output(OutputEvent $event): string
    {
        $value = $event->value;

        return match ($event->kind) {
            OutputEvent::AXIS => sprintf('sends %s on axis %s', Percent::steady((int) $value / Shaping::STEPS), $event->target),
            OutputEvent::BUTTON => 'output '.$event->target.($value === 1 ? ' on' : ' off'),
            OutputEvent::KEY => 'key '.KeyCodes::label($event->target).($value === 1 ? ' down' : ' up'),
            OutputEvent::VARIABLE => sprintf('%s is set to %s', $this->variableName($event->target), $this->variableValue($event->target, (float) $value)),
            OutputEvent::LAYER => 'layer '.$value.' is live',
            OutputEvent::STOP => $this->stop($event->target).($value === 1 ? ' is open' : ' is shut'),
            default => $event->kind.' '.$event->target,
        };
    }

    public function variableName(string $id): string
    {
        return $this->set->catalogue->variables[$id]->name ?? $id;
    }

    public function variableValue(string $id, float $value): string
    {
        $variable = $this->set->catalogue->variables[$id] ?? null;

        return $variable === null ? (string) json_encode($value) : $variable->show($value);
    }

    /** Travel as a person reads it: 0 to 100 %, of a centred axis -100 to +100 %. */
    public static function travel(Shaping $shaping, int $reading): string
    {
        $travel = $shaping->travel($reading);

        return $shaping->axis->centred ? sprintf('%+.1f %%', 200.0 * $travel - 100.0) : Percent::steady($travel);
    }

    private function layer(string $id): string
    {
        return $this->set->layers[$id]->name ?? $id;
    }

    private function stop(string $id): string
    {
        return $this->set->stops[$id]->name ?? 'stop '.$id;
    }
}
