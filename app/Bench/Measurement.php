<?php

declare(strict_types=1);

namespace App\Bench;

/** One figure, and the ratio to another one of the same run that it belongs to. */
final readonly class Measurement
{
    /** @param ?string $ratioOf name of the figure that it is compared with */
    public function __construct(
        public string $name,
        public float $value,
        public string $unit,
        public ?string $ratioOf = null,
        public ?float $ratio = null,
    ) {}

    public function against(self $other): self
    {
        return new self($this->name, $this->value, $this->unit, $other->name, $this->value / $other->value);
    }

    /** @return array{name: string, value: float, unit: string, ratio_of: ?string, ratio: ?float} */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'value' => round($this->value, 4),
            'unit' => $this->unit,
            'ratio_of' => $this->ratioOf,
            'ratio' => $this->ratio === null ? null : round($this->ratio, 3),
        ];
    }

    public function line(): string
    {
        $ratio = $this->ratio === null ? '' : sprintf('  %.2f times %s', $this->ratio, $this->ratioOf);

        return sprintf(
            '%-44s %14s %-10s%s',
            $this->name,
            number_format($this->value, $this->value < 100 ? 2 : 0, '.', ' '),
            $this->unit,
            $ratio,
        );
    }
}
