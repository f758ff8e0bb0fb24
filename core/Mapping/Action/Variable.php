<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Action;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Whole;

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

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('name', 'Name', new Text(40), 'What it is called.'),
            Field::required('group', 'Group', new Id(Id::GROUP), 'The group that it stands in.'),
            Field::required('low', 'Lowest', new Number, 'Its lowest value.', 0),
            Field::required('high', 'Highest', new Number, 'Its highest value, not below the lowest.', 3),
            Field::optional(
                null,
                'start',
                'Starts at',
                new Number,
                'What it is when the game begins; its lowest value if nothing is said.',
                0,
            ),
            Field::optional(null, 'unit', 'Unit', new Text(12), 'What stands behind its figures.', 'rpm'),
            Field::optional(0, 'decimals', 'Decimals', new Whole(0, 6), 'How many of them its figures have.'),
            Field::optional(
                [],
                'words',
                'Words',
                new Several(new Text(20), 0, 64),
                'What it is called at its lowest value and at each whole number above.',
                ['up', 'half', 'down'],
            ),
            Field::optional(
                null,
                'gauge',
                'Gauge of',
                new Id(Id::VARIABLE),
                'The variable that it goes after, if it is a gauge; it stands before it.',
                'power',
            ),
            Field::optional(null, 'lag_ms', 'Lag', new Whole(1, 60_000, 'ms'), 'Time constant of a gauge.', 400),
        );
    }

    public static function of(string $id, FieldValues $given): self
    {
        $low = $given->number('low');

        return new self(
            $id,
            $given->text('name'),
            $given->text('group'),
            $low,
            $given->number('high'),
            $given->numberOrNull('start') ?? $low,
            $given->textOrNull('unit') ?? '',
            $given->whole('decimals'),
            $given->texts('words'),
            $given->textOrNull('gauge'),
            $given->wholeOrNull('lag_ms') ?? 0,
        );
    }

    /** Under another name and in another group. */
    public function called(string $name, string $group): self
    {
        return new self(
            $this->id,
            $name,
            $group,
            $this->low,
            $this->high,
            $this->start,
            $this->unit,
            $this->decimals,
            $this->words,
            $this->gauge,
            $this->lag,
        );
    }

    /** @return array<string, mixed> in the open format */
    public function toArray(): array
    {
        return ['name' => $this->name, 'group' => $this->group, 'low' => $this->low, 'high' => $this->high]
            + ($this->start === $this->low ? [] : ['start' => $this->start])
            + ($this->unit === '' ? [] : ['unit' => $this->unit])
            + ($this->decimals === 0 ? [] : ['decimals' => $this->decimals])
            + ($this->words === [] ? [] : ['words' => $this->words])
            + ($this->gauge === null ? [] : ['gauge' => $this->gauge])
            + ($this->lag === 0 ? [] : ['lag_ms' => $this->lag]);
    }

    public function show(float $value): string
    {
        return $this->word($value) ?? number_format($value, $this->decimals, '.', ' ').(
            $this->unit === '' ? '' : ' '.$this->unit
        );
    }

    /** What this value is called: "cast off"; null if it has no word. */
    public function word(float $value): ?string
    {
        $steps = $value - $this->low;

        return floor($steps) === $steps ? $this->words[(int) $steps] ?? null : null;
    }
}
