<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;

/** One change of an output, timed, with its cause. */
final readonly class OutputEvent
{
    public const AXIS = 'axis';
    public const BUTTON = 'button';
    public const KEY = 'key';
    public const VARIABLE = 'variable';
    public const LAYER = 'layer';
    public const STOP = 'stop';
    public const MOUSE = 'mouse';
    public const HAT = 'hat';
    public const CONSUMER = 'consumer';
    public const LAMP = 'lamp';
    public const FLAG = 'flag';

    /** A macro is being recorded: 1 while it is. */
    public const MACRO = 'macro';

    /**
     * @param int    $t      µs since the start of the run
     * @param string $kind   one of the constants
     * @param string $target number of an axis, button or hat, key code, reference of a lamp, name
     *                       of a flag, id of a macro, name of a variable or stop, `live`, or x or y of the mouse
     */
    public function __construct(
        public int $t,
        public string $kind,
        public string $target,
        public int|float|string $value,
        public Cause $cause,
    ) {}

    /** Names the event within its run. */
    public function key(): string
    {
        return $this->t.' '.$this->kind.' '.$this->target;
    }

    /** Does it begin something, or change a value, rather than end what was on? */
    public function begins(): bool
    {
        return (
            $this->kind === self::HAT ? $this->value !== -1 : $this->value !== 0
        ) || in_array($this->kind, [self::AXIS, self::VARIABLE], true);
    }

    /** @return array{int, string, string, int|float|string, string} one row of what came out, its cause in short */
    public function row(): array
    {
        return [$this->t, $this->kind, $this->target, $this->value, $this->cause->compact()];
    }
}
