<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Survey;

use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Rig\Device\AxisInput;

/** A switch that arrives as an axis is flipped through its positions: where it stood for a moment is one. */
final class Flips
{
    /** It must have stood for so long, in µs. */
    private const STANDS = 250_000;

    /** Parts of the range: how far it may tremble where it stands, and how far two positions are apart. */
    private const BAND = 0.02;
    private const APART = 0.06;

    /** A zone changes this far past its bound, or a quarter of the way between two positions where they are nearer. */
    private const HYSTERESIS = 0.01;

    /** Nobody flips it any more, in µs. */
    private const LEFT = 120_000_000;

    private const MOST = 16;
    private const NAMES = [2 => ['low', 'high'], 3 => ['low', 'middle', 'high']];

    /** @var list<int> where it stood, in the order of the flips */
    private array $stood = [];

    /** @var non-empty-list<int> readings since it stands where it is, and since when, in µs */
    private array $readings;

    private int $since;

    /** @param int $reading where it stands, and now: the time, in µs */
    public function __construct(public readonly string $axis, int $reading, int $now)
    {
        $this->readings = [$reading];
        $this->since = $now;
    }

    /** @param int $t when it came, in µs */
    public function take(AxisInput $axis, int $reading, int $t): void
    {
        if (abs($reading - $this->readings[0]) <= self::BAND * $axis->width()) {
            $this->readings = [...array_slice($this->readings, 0, 50), $reading];

            return;
        }
        $this->stood = $this->until($t);
        $this->readings = [$reading];
        $this->since = $t;
    }

    /**
     * @param int $now in µs
     *
     * @return list<int> readings of the positions that were seen, rising
     */
    public function positions(AxisInput $axis, int $now): array
    {
        $stood = $this->until($now);
        sort($stood);
        $positions = [];
        foreach ($stood as $reading) {
            $last = $positions[count($positions) - 1] ?? null;
            if ($last === null || $reading - $last > self::APART * $axis->width()) {
                $positions[] = $reading;
            }
        }

        return array_slice($positions, 0, self::MOST);
    }

    /** @param int $now in µs */
    public function isLeft(int $now): bool
    {
        return $now - $this->since > self::LEFT;
    }

    /**
     * The zones that go with them.
     *
     * @param int $now in µs
     *
     * @return ?array{bounds: list<float>, hysteresis: float, names: list<string>} in the open format; null for fewer
     * than two positions
     */
    public function zones(Shaping $shaping, int $now): ?array
    {
        $travels = array_map($shaping->travel(...), $this->positions($shaping->axis, $now));
        sort($travels);
        if (count($travels) < 2) {
            return null;
        }
        $bounds = $gaps = [];
        for ($i = 1; $i < count($travels); $i++) {
            $bounds[] = round(($travels[$i - 1] + $travels[$i]) / 2, 3);
            $gaps[] = $travels[$i] - $travels[$i - 1];
        }

        return [
            'bounds' => $bounds,
            'hysteresis' => round(min(self::HYSTERESIS, min($gaps) / 4), 4),
            'names' => self::NAMES[count($travels)] ?? array_map(
                fn (int $n) => 'position '.$n,
                range(1, count($travels)),
            ),
        ];
    }

    /** @return list<int> where it stood until then */
    private function until(int $now): array
    {
        $readings = $this->readings;
        sort($readings);

        return $now - $this->since >= self::STANDS ? [
            ...array_slice($this->stood, -200),
            $readings[intdiv(count($readings), 2)],
        ] : $this->stood;
    }
}
