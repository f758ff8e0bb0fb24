<?php

declare(strict_types=1);

namespace Nailrod\Core\Axis;

use Nailrod\Core\Device\AxisInput;
use Nailrod\Core\Format\Node;

/** From the reading of a device to its way, 0 to 1: the first stage of every axis of a device. */
final readonly class Calibration
{
    public const FIELDS = ['low', 'high', 'rest', 'reverse'];

    private function __construct(
        public int $low,
        public int $high,
        public ?int $rest,
        public bool $reverse,
        public bool $centred,
    ) {}

    /** The whole range that the device can report. */
    public static function whole(AxisInput $axis): self
    {
        return new self($axis->min, $axis->max, $axis->centred ? $axis->restReading() : null, false, $axis->centred);
    }

    public static function read(?Node $node, AxisInput $axis): self
    {
        if ($node === null) {
            return self::whole($axis);
        }
        $node->only(self::FIELDS);
        $low = $node->get('low')->int($axis->min, $axis->max - 2);
        $high = $node->get('high')->int($low + 2, $axis->max);
        $rest = $node->maybe('rest');
        if ($rest !== null && ! $axis->centred) {
            throw $rest->refuse('no rest, since the axis is not centred');
        }

        return new self(
            $low,
            $high,
            $axis->centred ? ($rest?->int($low + 1, $high - 1) ?? intdiv($low + $high + 1, 2)) : null,
            $node->maybe('reverse')?->bool() ?? false,
            $axis->centred,
        );
    }

    public function travel(int $reading): float
    {
        $travel = $this->rest === null
            ? ($reading - $this->low) / ($this->high - $this->low)
            : ($reading < $this->rest
                ? 0.5 * ($reading - $this->low) / ($this->rest - $this->low)
                : 0.5 + 0.5 * ($reading - $this->rest) / ($this->high - $this->rest));
        $travel = max(0.0, min(1.0, $travel));

        return $this->reverse ? 1.0 - $travel : $travel;
    }

    public function inWords(): string
    {
        return sprintf(
            'Readings from %d to %d are the whole travel%s%s.',
            $this->low,
            $this->high,
            $this->rest === null ? '' : ', '.$this->rest.' is rest',
            $this->reverse ? ', turned round' : '',
        );
    }
}
