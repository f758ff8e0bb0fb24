<?php

declare(strict_types=1);

namespace Nailrod\Core\Action;

/** A variable that a simulator keeps and shows. */
final readonly class Variable
{
    /**
     * @param list<string> $words what it is called at its lowest value and at each whole number above
     * @param ?string               $gauge the variable it goes after, if it is a gauge
     * @param int                   $lag   time constant of a gauge, in ms
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $group,
        public float $low,
        public float $high,
        public float $start,
        public string $unit,
        public int $decimals,
        public array $words,
        public ?string $gauge,
        public int $lag,
    ) {}

    public function show(float $value): string
    {
        $steps = $value - $this->low;
        $word = floor($steps) === $steps ? $this->words[(int) $steps] ?? null : null;

        return $word ?? number_format($value, $this->decimals, '.', ' ').($this->unit === '' ? '' : ' '.$this->unit);
    }
}
