<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Hand;

/** Whatever sends inputs: a page, a panel on a phone, a program, a recording that is played. */
final class InputSource
{
    public readonly SourceClock $clock;

    /** Number of the batch that was taken last; the first has the number 1. */
    public int $batch = 0;

    /** What that batch was answered, to be said again if it is sent again. */
    public ?Taken $answer = null;

    /** Inputs that it has sent. */
    public int $inputs = 0;

    /**
     * @param string       $id      under which the rig knows it
     * @param string       $name    a person's word for it
     * @param list<string> $devices that only this hand feeds: they are unplugged when it goes
     * @param int          $heard   when it last gave a sign of life, in µs of the rig's clock
     */
    public function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly SourceKind $kind,
        public array $devices,
        public int $heard,
    ) {
        $this->clock = new SourceClock;
    }

    /** @param int $now in µs of the rig's clock */
    public function isSilent(int $now): bool
    {
        $silence = $this->kind->silence();

        return $silence !== null && $now - $this->heard > $silence;
    }
}
