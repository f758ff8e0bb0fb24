<?php

declare(strict_types=1);

namespace Nailrod\Core\Axis;

use Nailrod\Core\Format\Node;

/** What a guided measurement has found of an axis, kept beside its shaping. All in readings, times in µs. */
final readonly class Measured
{
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

    public static function read(Node $node): self
    {
        $node->only(['low', 'high', 'rest', 'jitter', 'peak', 'step', 'interval_us']);
        $low = $node->get('low')->int(-2 ** 31, 2 ** 31);

        return new self(
            $low,
            $node->get('high')->int($low + 1, 2 ** 31),
            $node->get('rest')->int(-2 ** 31, 2 ** 31),
            $node->get('jitter')->number(0, 2 ** 31),
            $node->get('peak')->number(0, 2 ** 31),
            $node->get('step')->int(1, 2 ** 31),
            $node->maybe('interval_us')?->int(0, 10_000_000) ?? 0,
        );
    }

    public function inWords(): string
    {
        return sprintf('Measured: ends %d and %d, rest %d, trembles by up to %d readings.', $this->low, $this->high, $this->rest, (int) ceil($this->peak));
    }
}
