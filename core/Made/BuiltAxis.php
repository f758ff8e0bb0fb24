<?php

declare(strict_types=1);

namespace Nailrod\Core\Made;

use Nailrod\Core\Axis\Percent;
use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Device\AxisInput;
use Nailrod\Core\Format\Node;

/** Axes that are built from the travels of others, with dead zones to stops of their own. */
final readonly class BuiltAxis implements Made
{
    use MadeFromAxes;

    public const SHARED = 'shared travel';
    public const LARGER = 'larger';
    public const SMALLER = 'smaller';
    public const DIFFERENCE = 'difference';
    public const HALVES = 'halves';

    /** Its readings for what shows readings: they stand for the travel. */
    public const READINGS = 65535;

    /**
     * @param non-empty-list<string> $of
     * @param float                  $share   of the first one in *shared travel*, 0..1
     * @param bool                   $centred does the built axis rest at its centre?
     */
    private function __construct(private string $id, private string $name, private string $kind, private array $of, public float $share, public bool $centred) {}

    public static function kinds(): array
    {
        return [self::SHARED, self::LARGER, self::SMALLER, self::DIFFERENCE, self::HALVES];
    }

    public static function read(string $id, Node $node): self
    {
        $kind = $node->get('kind')->oneOf(self::kinds());
        $node->only(['kind', 'name', 'of', ...($kind === self::SHARED ? ['share'] : [])]);
        $share = $node->maybe('share')?->number(0, 1) ?? 0.5;
        if ($share <= 0.0 || $share >= 1.0) {
            throw $node->get('share')->refuse('a share above 0 and below 1');
        }

        return new self($id, $node->get('name')->string(60), $kind, MadeKinds::sources($node, $kind === self::HALVES ? 1 : 2), $share, $kind === self::DIFFERENCE);
    }

    /** @param list<Shaping> $sources the same, knowing what its sources are */
    public function over(array $sources): self
    {
        $centred = $this->kind === self::DIFFERENCE || ($this->kind !== self::HALVES && ($sources[0] ?? null)?->axis->centred === true);

        return new self($this->id, $this->name, $this->kind, $this->of, $this->share, $centred);
    }

    public function axes(): array
    {
        $ref = self::DEVICE.'/'.$this->id;

        return $this->kind === self::HALVES
            ? [self::axis($ref.'.low', 'low half', false), self::axis($ref.'.high', 'high half', false)]
            : [self::axis($ref, '', $this->centred)];
    }

    public function contacts(): array
    {
        return [];
    }

    public function refuses(array $sources): ?string
    {
        if ($this->kind === self::HALVES) {
            return $sources[0]->axis->centred ? null : 'a centred axis';
        }

        return array_filter($sources, fn (Shaping $source) => $source->axis->centred !== $sources[0]->axis->centred) === [] ? null : 'two axes that are both centred, or both not';
    }

    /**
     * The travels of what it builds.
     *
     * @param list<float> $t travels of its sources, 0..1
     *
     * @return list<float> by axis in the order of axes()
     */
    public function travels(array $t): array
    {
        return match ($this->kind) {
            self::SHARED => [$this->share * $t[0] + (1.0 - $this->share) * $t[1]],
            self::LARGER => [max($t[0], $t[1])],
            self::SMALLER => [min($t[0], $t[1])],
            self::DIFFERENCE => [0.5 + ($t[0] - $t[1]) / 2],
            default => [max(0.0, 1.0 - 2.0 * $t[0]), max(0.0, 2.0 * $t[0] - 1.0)],
        };
    }

    /**
     * Where a shared travel bites, found by trying: one lever was pulled until it bit, the other was let go. The share
     * is such that the same lever, pulled all the way with the other let go, comes exactly to the bite point.
     *
     * @param float $first  travel of the first lever, 0..1
     * @param float $second travel of the second one
     *
     * @return ?float the share of the first one; null if not exactly one of them is pulled
     */
    public function shareBitingAt(float $first, float $second): ?float
    {
        $isFirst = $first > $second;
        if (min($first, $second) > 0.05 || max($first, $second) < 0.1) {
            return null;
        }
        $value = $this->travels([$first, $second])[0];

        return round(max(0.01, min(0.99, $isFirst ? $value : 1.0 - $value)), 3);
    }

    public function inWords(array $sources, bool $centred): string
    {
        [$a, $b] = [$sources[0], $sources[1] ?? ''];

        return match ($this->kind) {
            self::SHARED => sprintf('%s alone reaches %s, %s alone %s, both together 100 %%.', $a, Percent::of($this->share), $b, Percent::of(1.0 - $this->share)),
            self::LARGER => sprintf('Whichever of %s and %s is further along.', $a, $b),
            self::SMALLER => sprintf('Whichever of %s and %s is less far along.', $a, $b),
            self::DIFFERENCE => sprintf('%s pushes one way, %s the other; both alike rest at the centre.', $a, $b),
            default => sprintf('Splits %s at its centre: each half goes from 0 to 100 %% outwards.', $a),
        };
    }

    private static function axis(string $ref, string $name, bool $centred): AxisInput
    {
        return new AxisInput($ref, $name, 0, 0, self::READINGS, $centred, built: true);
    }
}
