<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\HasNoFields;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

/** The output is on while the contact is closed. */
final readonly class Follow implements Follows
{
    use HasNoFields;
    use IsKind;
    use TakesAnyOutput;

    public static function always(): self
    {
        return new self;
    }

    public static function kind(): string
    {
        return 'follow';
    }

    public static function title(): string
    {
        return 'follow';
    }

    public static function about(): string
    {
        return 'The outputs are on while the contact is closed.';
    }

    public function inWords(Names $names): string
    {
        return 'follow';
    }

    public function sendsAllAtOnce(): bool
    {
        return true;
    }

    public function press(Engine $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        $cause = $cause->with($assigned->step('follow'));
        foreach ($assigned->outputs as $i => $output) {
            if (! $found || $output->startsWhenFound($run)) {
                $output->press($run, $assigned->source($i), $assigned->towards($i, $cause));
            }
        }
    }

    public function release(Engine $run, Assigned $assigned, Cause $cause): void
    {
        $cause = $cause->with($assigned->step('follow'));
        foreach (
            count($assigned->outputs) === 1
                ? $assigned->outputs
                : array_reverse($assigned->outputs, true) as $i => $output
        ) {
            $output->release($run, $assigned->source($i), $assigned->towards($i, $cause));
        }
    }
}
