<?php

declare(strict_types=1);

namespace Nailrod\Core\Behaviour;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\ContactOutput;
use Nailrod\Core\Program\Assigned;
use Nailrod\Core\Run\Run;

/** The output is on while the contact is closed. */
final readonly class Follow implements Behaviour
{
    public static function always(): self
    {
        return new self;
    }

    public static function kind(): string
    {
        return 'follow';
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
        return 'follow';
    }

    public function refuses(ContactOutput $output): ?string
    {
        return null;
    }

    public function press(Run $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        $cause = $cause->with($assigned->step('follow'));
        foreach ($assigned->outputs as $i => $output) {
            if (! $found || $output->startsWhenFound($run)) {
                $output->press($run, $assigned->source($i), $assigned->towards($i, $cause));
            }
        }
    }

    public function release(Run $run, Assigned $assigned, Cause $cause): void
    {
        $cause = $cause->with($assigned->step('follow'));
        foreach (count($assigned->outputs) === 1 ? $assigned->outputs : array_reverse($assigned->outputs, true) as $i => $output) {
            $output->release($run, $assigned->source($i), $assigned->towards($i, $cause));
        }
    }
}
