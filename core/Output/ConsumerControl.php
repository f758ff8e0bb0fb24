<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\OutputEvent;
use Nailrod\Core\Run\Run;

/** A control of the consumer page, as on media keys (USB-IF usage tables, page 0x0C), by its usage. */
final readonly class ConsumerControl implements ContactOutput
{
    public function __construct(public int $usage) {}

    public static function kind(): string
    {
        return 'consumer control';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'usage']);

        return new self($node->get('usage')->int(1, 0xFFFF));
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'usage' => $this->usage];
    }

    public function inWords(): string
    {
        return sprintf('consumer control 0x%04X', $this->usage);
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
        $run->holds->hold(OutputEvent::CONSUMER, (string) $this->usage, $source, $cause);
    }

    public function release(Run $run, string $source, Cause $cause): void
    {
        $run->holds->letGo(OutputEvent::CONSUMER, (string) $this->usage, $source, $cause);
    }
}
