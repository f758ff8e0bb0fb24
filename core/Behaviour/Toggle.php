<?php

declare(strict_types=1);

namespace Nailrod\Core\Behaviour;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\StepKind;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\ContactOutput;
use Nailrod\Core\Program\Assigned;
use Nailrod\Core\Run\Run;

/** Each press flips this assignment's own hold of its outputs; the hold is kept over layer changes. */
final readonly class Toggle implements Behaviour
{
    public static function kind(): string
    {
        return 'toggle';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind']);

        return new self;
    }

    public function toArray(): array
    {
        return ['kind' => self::kind()];
    }

    public function inWords(): string
    {
        return 'toggle';
    }

    public function refuses(ContactOutput $output): ?string
    {
        return $output->isHeld() ? null : 'an output that can be held, since a toggle turns it on and off';
    }

    public function press(Run $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        if ($found) {
            return;
        }
        $on = ! isset($run->state->toggled[$assigned->id]);
        $cause = $cause->then(StepKind::Behaviour, 'toggle', $on ? 'on' : 'off');
        if ($on) {
            $run->state->toggled[$assigned->id] = true;
            foreach ($assigned->outputs as $i => $output) {
                $output->press($run, $assigned->source($i), $assigned->towards($i, $cause));
            }
        } else {
            unset($run->state->toggled[$assigned->id]);
            foreach (array_reverse($assigned->outputs, true) as $i => $output) {
                $output->release($run, $assigned->source($i), $assigned->towards($i, $cause));
            }
        }
    }

    public function release(Run $run, Assigned $assigned, Cause $cause): void {}
}
