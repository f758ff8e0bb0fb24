<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Format\HasNoFields;
use Nailrod\Core\Format\IsKind;

use Nailrod\Core\Format\Names;
use Nailrod\Core\Mapping\Output\ContactOutput;

/** Each press flips this assignment's own hold of its outputs; the hold is kept over layer changes. */
final readonly class Toggle implements Latches
{
    use HasNoFields;
    use IsKind;

    public static function kind(): string
    {
        return 'toggle';
    }

    public static function title(): string
    {
        return 'toggle';
    }

    public static function about(): string
    {
        return 'Each press turns the outputs on, or off again; they stay so over layer changes.';
    }

    public function inWords(Names $names): string
    {
        return 'toggle';
    }

    public function isLatched(): bool
    {
        return true;
    }

    public function turnsOnAndOff(): bool
    {
        return true;
    }

    public function refuses(ContactOutput $output): ?string
    {
        return $output->isHeld() ? null : 'an output that can be held, since a toggle turns it on and off';
    }

    public function sendsAllAtOnce(): bool
    {
        return true;
    }

    public function press(Engine $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        if ($found) {
            return;
        }
        $isOn = ! $run->isToggled($assigned);
        $run->toggle($assigned, $isOn);
        $cause = $cause->then(StepKind::Behaviour, 'toggle', $isOn ? 'on' : 'off');
        if ($isOn) {
            foreach ($assigned->outputs as $i => $output) {
                $output->press($run, $assigned->source($i), $assigned->towards($i, $cause));
            }
        } else {
            $assigned->release($run, $cause);
        }
    }

    public function release(Engine $run, Assigned $assigned, Cause $cause): void {}
}
