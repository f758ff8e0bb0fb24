<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Format\Type\YesNo;
use Nailrod\Core\Rig\Device\AxisInput;

/** From the reading of a device to its way, 0 to 1: the first stage of every axis of a device. */
final readonly class Calibration implements AxisPart
{
    use IsAxisPart;

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

    public static function part(): string
    {
        return 'calibrate';
    }

    public static function title(): string
    {
        return 'calibration';
    }

    public static function about(): string
    {
        return 'Which readings are the ends of the travel, and its rest.';
    }

    public static function isOfReadings(): bool
    {
        return true;
    }

    public static function fields(?AxisInput $axis): Fields
    {
        return Fields::of(
            Field::required('low', 'Lowest reading', self::reading($axis), 'The reading at the low end of the travel.'),
            Field::required(
                'high',
                'Highest reading',
                self::reading($axis),
                'The reading at its high end, at least 2 above the low one.',
                $axis->max ?? 1000,
            ),
            ...(
                $axis === null || $axis->centred ? [
                    Field::optional(
                        null,
                        'rest',
                        'Reading at rest',
                        self::reading($axis),
                        'The reading at rest of a centred axis, between the two; the middle if it is not said.',
                        $axis?->restReading() ?? 500,
                    ),
                ] : []
            ),
            ...[Field::optional(false, 'reverse', 'Turned round', new YesNo, 'Is the axis to go the other way?')],
        );
    }

    /** @throws FormatError */
    public static function read(?Node $node, AxisInput $axis, ?Range $range = null): self
    {
        if ($node === null) {
            return self::whole($axis);
        }
        self::check($node);
        $rest = $node->maybe('rest');
        if ($rest !== null && ! $axis->centred) {
            throw $rest->refuse('no rest, since the axis is not centred');
        }
        $low = $node->get('low')->int($axis->min, $axis->max - 2);
        $high = $node->get('high')->int($low + 2, $axis->max);

        return new self(
            $low,
            $high,
            $axis->centred ? ($rest?->int($low + 1, $high - 1) ?? intdiv($low + $high + 1, 2)) : null,
            $node->maybe('reverse')?->bool() ?? false,
            $axis->centred,
        );
    }

    public static function check(Node $node): void
    {
        /** @var ?list<string> $names */
        static $names = null;
        $node->only($names ??= Keys::of(self::fields(null)->all));
    }

    private static function reading(?AxisInput $axis): Whole
    {
        return new Whole($axis->min ?? -2 ** 31, $axis->max ?? 2 ** 31);
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

    public function values(): array
    {
        return ['low' => $this->low, 'high' => $this->high] + (
            $this->rest === null ? [] : ['rest' => $this->rest]
        ) + ['reverse' => $this->reverse];
    }

    public function inWords(bool $centred): string
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
