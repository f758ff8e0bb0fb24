<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\YesNo;
use Nailrod\Core\Rig\Device\AxisInput;

/**
 * What is done against trembling, between calibration and dead zones: single spikes are left out, small movements held.
 */
final readonly class Steady implements AxisPart
{
    use IsAxisPart;

    /** With no newer reading for this long the last one is taken, spike or not, in µs. */
    public const SPIKE_WAIT = 20_000;

    /** @param float $hold how far travel must move before it counts, 0..1 */
    private function __construct(public float $hold, public bool $spikes) {}

    public static function none(): self
    {
        return new self(0.0, false);
    }

    public static function part(): string
    {
        return 'steady';
    }

    public static function title(): string
    {
        return 'steadying';
    }

    public static function about(): string
    {
        return 'What is done against trembling: single spikes are left out, small movements held.';
    }

    public static function isOfReadings(): bool
    {
        return true;
    }

    public static function fields(?AxisInput $axis): Fields
    {
        return Fields::of(
            Field::optional(
                0,
                'hold',
                'Holds movements up to',
                Number::by(0.5),
                'How far the travel must move before it counts.',
            ),
            Field::optional(
                false,
                'spikes',
                'Leave single spikes out',
                new YesNo,
                'Is a single reading that jumps to be left out?',
            ),
        );
    }

    public static function read(?Node $node, AxisInput $axis, ?Range $range = null): self
    {
        if ($node === null) {
            return self::none();
        }
        $given = self::fields($axis)->read($node);

        return new self($given->number('hold'), $given->yes('spikes'));
    }

    public function asItComes(AxisInput $axis): string
    {
        return 'Every reading counts as it comes.';
    }

    public function isNone(): bool
    {
        return ! $this->spikes && $this->hold <= 0.0;
    }

    public function values(): array
    {
        return ['hold' => $this->hold, 'spikes' => $this->spikes];
    }

    public function inWords(bool $centred): string
    {
        $parts = [];
        if ($this->spikes) {
            $parts[] = 'a single reading that jumps is left out';
        }
        if ($this->hold > 0.0) {
            $parts[] = 'movements up to '.Percent::by($this->hold, $centred).' are held';
        }

        return $parts === [] ? '' : ucfirst(implode(', ', $parts)).'.';
    }
}
