<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\Run;

/** A lamp of a device that is lit while the output is on. */
final readonly class LightLamp implements ContactOutput
{
    /** @param string $lamp reference: device/lamp */
    public function __construct(public string $lamp) {}

    public static function kind(): string
    {
        return 'lamp';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'lamp']);

        return new self($node->get('lamp')->string(120));
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'lamp' => $this->lamp];
    }

    public function inWords(): string
    {
        return 'lights '.$this->lamp;
    }

    public function isHeld(): bool
    {
        return true;
    }

    public function startsWhenFound(Run $run): bool
    {
        return true;
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        $run->lamps->hold($this->lamp, $source, $cause);
    }

    public function release(Run $run, string $source, Cause $cause): void
    {
        $run->lamps->letGo($this->lamp, $source, $cause);
    }
}
