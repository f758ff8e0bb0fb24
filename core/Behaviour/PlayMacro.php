<?php

declare(strict_types=1);

namespace Nailrod\Core\Behaviour;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\ContactOutput;
use Nailrod\Core\Program\Assigned;
use Nailrod\Core\Run\Run;

/** Plays a macro, which is held while the contact is closed. It has no outputs beside those of the macro. */
final readonly class PlayMacro implements Behaviour
{
    public function __construct(public string $macro) {}

    public static function kind(): string
    {
        return 'macro';
    }

    public static function read(Node $node): self
    {
        return new self($node->only(['kind', 'macro'])->get('macro')->id());
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'macro' => $this->macro];
    }

    public function inWords(): string
    {
        return 'macro '.$this->macro;
    }

    public function refuses(ContactOutput $output): string
    {
        return 'no output of its own, since a macro has its own';
    }

    public function press(Run $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        if (! $found) {
            $run->macros->press($this->macro, $assigned->id, $cause);
        }
    }

    public function release(Run $run, Assigned $assigned, Cause $cause): void
    {
        $run->macros->release($this->macro, $assigned->id, $cause);
    }
}
