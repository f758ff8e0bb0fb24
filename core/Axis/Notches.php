<?php

declare(strict_types=1);

namespace Nailrod\Core\Axis;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/**
 * Places that pull the value to themselves. *Flat*: within the capture half-width the value is the place, in between it
 * goes on straight lines whose outer ends are the range's. *Stepped*: the value is always one of the places; it moves
 * past one midpoint at a time, when it is past it by more than the hysteresis.
 */
final readonly class Notches
{
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
    private function __construct(public string $kind, public array $at, public float $width, public float $hysteresis, private Range $range) {}

    public static function none(): self
    {
        return new self(self::FLAT, [], self::CAPTURE, self::HYSTERESIS, Range::whole());
    }

    /** @param ?Range $range null if it is not known yet */
    public static function read(?Node $node, ?Range $range): self
    {
        if ($node === null) {
            return self::none();
        }
        $kind = $node->only(['kind', 'at', 'width', 'hysteresis'])->get('kind')->oneOf([self::FLAT, self::STEPPED]);
        $places = $node->get('at')->list(self::MOST);
        if ($places === []) {
            throw $node->get('at')->refuse('1 to '.self::MOST.' places');
        }
        $width = $node->maybe('width')?->number(0, 0.5) ?? self::CAPTURE;
        $at = [];
        foreach ($places as $i => $place) {
            $p = $place->number(0, 1);
            if ($i > 0 && $p <= $at[$i - 1]) {
                throw $place->refuse('a place above the one before, '.FormatError::figure($at[$i - 1], 'at'));
            }
            if ($kind === self::FLAT && $i > 0 && $p - $width <= $at[$i - 1] + $width) {
                throw $place->refuse('a place whose capture of '.FormatError::figure($width, 'by').' either side does not touch that of the one before, at '.FormatError::figure($at[$i - 1], 'at'));
            }
            if ($range !== null && ($p < $range->low || $p > $range->high)) {
                throw $place->refuse('a place within the range, '.FormatError::figure($range->low, 'at').' to '.FormatError::figure($range->high, 'at'));
            }
            $at[] = $p;
        }

        return new self($kind, $at, $width, $node->maybe('hysteresis')?->number(0, 0.5) ?? self::HYSTERESIS, $range ?? Range::whole());
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

    public function inWords(bool $centred): string
    {
        if ($this->at === []) {
            return '';
        }
        $places = implode(', ', array_map(fn (float $p) => Percent::at($p, $centred), $this->at));

        return $this->kind === self::STEPPED
            ? sprintf('Sends only %s; it changes %s past the middle between two.', $places, Percent::by($this->hysteresis, $centred))
            : sprintf('Settles at %s within %s either side.', $places, Percent::by($this->width, $centred));
    }

    private static function between(float $value, float $from, float $until, float $low, float $high): float
    {
        return $until <= $from ? $high : $low + ($high - $low) * max(0.0, min(1.0, ($value - $from) / ($until - $from)));
    }
}
