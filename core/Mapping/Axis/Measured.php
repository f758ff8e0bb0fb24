<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Rig\Device\AxisInput;

/** What a guided measurement has found of an axis, kept beside its shaping. All in readings, times in µs. */
final readonly class Measured implements AxisPart
{
    use IsAxisPart;

    /**
     * @param int   $low      lower end that the hand reaches
     * @param int   $high     higher end
     * @param float $jitter   median absolute deviation at rest
     * @param float $peak     furthest that it trembles
     * @param int   $step     smallest difference between its readings
     * @param int   $interval usual time between two readings while it moves, in µs; 0 if it is not known
     */
    private function __construct(
        public int $low,
        public int $high,
        public int $rest,
        public float $jitter,
        public float $peak,
        public int $step,
        public int $interval,
    ) {}

    public static function part(): string
    {
        return 'measured';
    }

    public static function title(): string
    {
        return 'what was measured';
    }

    public static function about(): string
    {
        return 'What a guided measurement has found, kept beside the shaping; it does nothing by itself.';
    }

    public static function fields(?AxisInput $axis): Fields
    {
        return Fields::of(
            Field::required(
                'low',
                'Lower end',
                new Whole(-2 ** 31, 2 ** 31, 'readings'),
                'The lower end that the hand reaches.',
            ),
            Field::required('high', 'Higher end', new Whole(-2 ** 31, 2 ** 31, 'readings'), 'The higher one.', 1000),
            Field::required('rest', 'Rest', new Whole(-2 ** 31, 2 ** 31, 'readings'), 'Where it rests.'),
            Field::required(
                'jitter',
                'Trembling',
                new Number(0, 2 ** 31, 'readings'),
                'Median absolute deviation at rest.',
            ),
            Field::required('peak', 'Furthest', new Number(0, 2 ** 31, 'readings'), 'How far it trembles at most.'),
            Field::required(
                'step',
                'Smallest step',
                new Whole(1, 2 ** 31, 'readings'),
                'Smallest difference between two readings.',
            ),
            Field::optional(
                0,
                'interval_us',
                'Interval',
                new Whole(0, 10_000_000, 'µs'),
                'Usual time between two readings while it moves; 0 if it is not known.',
            ),
        );
    }

    public static function read(?Node $node, AxisInput $axis, ?Range $range = null): self
    {
        return self::of($node ?? throw new \LogicException('Nothing was measured.'));
    }

    public static function isOffered(AxisInput $axis): bool
    {
        return false;
    }

    public static function check(Node $node): void
    {
        self::of($node);
    }

    /** @throws FormatError */
    public static function of(Node $node): self
    {
        $given = self::fields(null)->read($node);
        if ($given->whole('high') <= $given->whole('low')) {
            throw $given->refuse('high', 'a whole number from '.($given->whole('low') + 1).' to '. 2 ** 31);
        }

        return new self(
            $given->whole('low'),
            $given->whole('high'),
            $given->whole('rest'),
            $given->number('jitter'),
            $given->number('peak'),
            $given->whole('step'),
            $given->whole('interval_us'),
        );
    }

    public function values(): array
    {
        return [
            'low' => $this->low,
            'high' => $this->high,
            'rest' => $this->rest,
            'jitter' => $this->jitter,
            'peak' => $this->peak,
            'step' => $this->step,
            'interval_us' => $this->interval,
        ];
    }

    public function inWords(bool $centred): string
    {
        return sprintf(
            'Measured: ends %d and %d, rest %d, trembles by up to %d readings.',
            $this->low,
            $this->high,
            $this->rest,
            (int) ceil($this->peak),
        );
    }
}
