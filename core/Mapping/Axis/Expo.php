<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Type\Number;

/**
 * The curve (1-k)x + kx³ for k >= 0 and the exact inverse of the curve for -k below; over 0..1, or over each half of a
 * centred axis outwards. Positive k makes the start calm, negative k makes it lively.
 */
final readonly class Expo implements CurveKind, Stage
{
    use IsKind;

    private function __construct(public float $k, public bool $centred) {}

    public static function of(float $k, bool $centred): self
    {
        return new self($k, $centred);
    }

    public static function kind(): string
    {
        return 'expo';
    }

    public static function title(): string
    {
        return 'expo';
    }

    public static function about(): string
    {
        return 'The curve (1-k)x + kx³, and for a negative k its inverse: calm or lively at the start.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::required(
            'k',
            'Expo',
            Number::of(-1, 1),
            'How far it bends: above 0 the start is calm, below 0 it is lively.',
            0,
        ));
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->number('k'), false);
    }

    public function values(): array
    {
        return ['k' => $this->k];
    }

    public function over(bool $centred): self
    {
        return new self($this->k, $centred);
    }

    public function apply(float $value): float
    {
        if (! $this->centred) {
            return $this->half($value);
        }

        return $value < 0.5 ? 0.5 - 0.5 * $this->half(1.0 - 2.0 * $value) : 0.5 + 0.5 * $this->half(2.0 * $value - 1.0);
    }

    public function inWords(bool $centred): string
    {
        return match (true) {
            $this->k > 0.0 => 'Expo '.Percent::figure($this->k).' %: calm '.(
                $this->centred ? 'about rest' : 'at the start'
            ).', quicker at the end'.($this->centred ? 's' : '').'.',
            $this->k < 0.0 => 'Expo '.Percent::figure($this->k).' %: quick '.(
                $this->centred ? 'about rest' : 'at the start'
            ).', calmer at the end'.($this->centred ? 's' : '').'.',
            default => '',
        };
    }

    private function half(float $x): float
    {
        return $this->k >= 0.0 ? self::cubic($this->k, $x) : self::inverse(-$this->k, $x);
    }

    private static function cubic(float $k, float $x): float
    {
        return $x <= 0.0 ? 0.0 : ($x >= 1.0 ? 1.0 : (1.0 - $k) * $x + $k * $x * $x * $x);
    }

    /**
     * The x with (1-a)x + ax³ = y: the one real root of x³ + px = q, by the hyperbolic form of Cardano's formula,
     * then two steps of Newton for the last digits.
     */
    private static function inverse(float $a, float $y): float
    {
        if ($y <= 0.0 || $y >= 1.0) {
            return $y <= 0.0 ? 0.0 : 1.0;
        }
        $p = (1.0 - $a) / $a;
        if ($p < 1e-12) {
            return $y ** (1.0 / 3.0);
        }
        $root = sqrt($p / 3.0);
        $x = 2.0 * $root * sinh(asinh(1.5 * ($y / $a) / ($p * $root)) / 3.0);
        for ($i = 0; $i < 2; $i++) {
            $x -= (($a * $x * $x + 1.0 - $a) * $x - $y) / (3.0 * $a * $x * $x + 1.0 - $a);
        }

        return max(0.0, min(1.0, $x));
    }
}
