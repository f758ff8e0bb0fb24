<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Rig\Device\AxisInput;

/**
 * Places that pull the value to themselves. *Flat*: within the capture half-width the value is the place, in between it
 * goes on straight lines whose outer ends are the range's. *Stepped*: the value is always one of the places; it moves
 * past one midpoint at a time, when it is past it by more than the hysteresis.
 */
final readonly class Notches implements AxisPart
{
    use IsAxisPart;

    public const MOST = 32;
    public const FLAT = 'flat';
    public const STEPPED = 'stepped';
    public const CAPTURE = 0.02;
    public const HYSTERESIS = 0.02;

    /**
     * @param list<float> $at         strictly rising, within the range; empty: no notches
     * @param float       $width      half of each capture, 0..1, of flat ones
     * @param float       $hysteresis 0..1, of stepped ones
     */
    private function __construct(
        public string $kind,
        public array $at,
        public float $width,
        public float $hysteresis,
        private Range $range,
    ) {}

    public static function none(): self
    {
        return new self(self::FLAT, [], self::CAPTURE, self::HYSTERESIS, Range::whole());
    }

    public static function part(): string
    {
        return 'notches';
    }

    public static function title(): string
    {
        return 'notches';
    }

    public static function about(): string
    {
        return 'Places that pull the value to themselves.';
    }

    public static function fields(?AxisInput $axis): Fields
    {
        return Fields::of(
            Field::required(
                'kind',
                'Kind',
                Choice::of(self::FLAT, self::STEPPED),
                'Flat: within the capture the value is the place. Stepped: the value is always one of the places.',
            ),
            Field::required(
                'at',
                'Notch',
                new Several(Number::at(), 1, self::MOST, false, '1 to '.self::MOST.' places'),
                'The places, rising, within the range.',
                [0.5],
            ),
            Field::optional(
                self::CAPTURE,
                'width',
                'Pulls from this far',
                Number::by(0.5),
                'Of flat ones: half of each capture.',
            ),
            Field::optional(
                self::HYSTERESIS,
                'hysteresis',
                'Changes this far past the middle',
                Number::by(0.5),
                'Of stepped ones: how far past the middle between two it changes.',
            ),
        );
    }

    public static function read(?Node $node, AxisInput $axis, ?Range $range = null): self
    {
        return $node === null ? self::none() : self::of($node, $range);
    }

    public static function check(Node $node): void
    {
        self::of($node, null);
    }

    /** What has none yet gets one in the middle. */
    public static function completed(array $said): array
    {
        return ($said['at'] ?? null) === null ? array_replace($said, ['at' => [0.5]]) : $said;
    }

    private static function of(Node $node, ?Range $range): self
    {
        $given = self::fields(null)->read($node);
        $kind = $given->text('kind');
        $width = $given->number('width');
        $at = $given->numbers('at');
        foreach ($at as $i => $p) {
            if ($i > 0 && $p <= $at[$i - 1]) {
                throw $given->refuseEntry(
                    'at',
                    $i,
                    'a place above the one before, '.FormatError::figure($at[$i - 1], 'at'),
                );
            }
            if ($kind === self::FLAT && $i > 0 && $p - $width <= $at[$i - 1] + $width) {
                throw $given->refuseEntry(
                    'at',
                    $i,
                    'a place whose capture of '
                        .FormatError::figure($width, 'by')
                        .' either side does not touch that of the one before, at '
                        .FormatError::figure($at[$i - 1], 'at'),
                );
            }
            if ($range !== null && ($p < $range->low || $p > $range->high)) {
                throw $given->refuseEntry(
                    'at',
                    $i,
                    'a place within the range, '
                        .FormatError::figure($range->low, 'at')
                        .' to '
                        .FormatError::figure($range->high, 'at'),
                );
            }
        }

        return new self($kind, $at, $width, $given->number('hysteresis'), $range ?? Range::whole());
    }

    /** Does a form show this field just now? */
    public function uses(string $field): bool
    {
        return match ($field) {
            'width' => $this->at !== [] && ! $this->areStepped(),
            'hysteresis' => $this->areStepped(),
            default => true,
        };
    }

    public function asItComes(AxisInput $axis): string
    {
        return 'None.';
    }

    public function areStepped(): bool
    {
        return $this->kind === self::STEPPED && $this->at !== [];
    }

    /** The value by flat notches; stepped ones leave it as it is, since they need to know where it was. */
    public function apply(float $value): float
    {
        if ($this->kind === self::STEPPED || $this->at === []) {
            return $value;
        }
        $from = $to = $this->range->low;
        foreach ($this->at as $p) {
            if ($value < $p - $this->width) {
                return self::between($value, $from, $p - $this->width, $to, $p);
            }
            if ($value <= $p + $this->width) {
                return $p;
            }
            $from = $p + $this->width;
            $to = $p;
        }

        return self::between($value, $from, $this->range->high, $to, $this->range->high);
    }

    /**
     * Which notch a stepped value is in.
     *
     * @param ?int $was the one before; null at the first value, which takes the nearest, the lower on a tie
     */
    public function step(?int $was, float $value): int
    {
        $last = count($this->at) - 1;
        if ($was === null || $was > $last) {
            $at = 0;
            while ($at < $last && $value > $this->midpoint($at)) {
                $at++;
            }

            return $at;
        }
        while ($was < $last && $value > $this->midpoint($was) + $this->hysteresis) {
            $was++;
        }
        while ($was > 0 && $value < $this->midpoint($was - 1) - $this->hysteresis) {
            $was--;
        }

        return $was;
    }

    /** Between this notch and the next. */
    public function midpoint(int $notch): float
    {
        return ($this->at[$notch] + $this->at[$notch + 1]) / 2;
    }

    public function values(): array
    {
        return ['kind' => $this->kind, 'at' => $this->at, 'width' => $this->width, 'hysteresis' => $this->hysteresis];
    }

    public function inWords(bool $centred): string
    {
        if ($this->at === []) {
            return '';
        }
        $places = implode(', ', array_map(fn (float $p) => Percent::at($p, $centred), $this->at));

        return $this->kind === self::STEPPED
            ? sprintf(
                'Sends only %s; it changes %s past the middle between two.',
                $places,
                Percent::by($this->hysteresis, $centred),
            )
            : sprintf('Settles at %s within %s either side.', $places, Percent::by($this->width, $centred));
    }

    private static function between(float $value, float $from, float $until, float $low, float $high): float
    {
        return $until <= $from ? $high : $low + ($high - $low) * max(
            0.0,
            min(1.0, ($value - $from) / ($until - $from)),
        );
    }
}
