<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Rig\Device\ContactInput;

/**
 * A place on an axis where a contact closes: *above* closes at >= p and opens at < p - h, *below* is the mirror image,
 * *between* closes from p to q, with h on both sides. Its opposite is a contact too.
 */
abstract readonly class Threshold implements MarksAxis
{
    use IsKind;
    use MadeFromAxes;

    public const HYSTERESIS = 0.01;

    /** So near to rest a hand is taken to be at rest when a threshold begins where it is, 0..1. */
    private const AT_REST = 0.03;

    protected const CLOSED = 0;
    protected const UNDER = -1;
    protected const OVER = 1;

    /**
     * @param non-empty-list<string> $of
     * @param float                  $at         where it closes, 0..1; of *between* the lower of the two
     * @param float                  $to         of *between* the higher one, else as $at
     * @param float                  $hysteresis how far it must come back to open, 0..1
     */
    final private function __construct(
        private string $id,
        private string $name,
        private array $of,
        private string $looksAt,
        public float $at,
        public float $to,
        public float $hysteresis,
    ) {}

    public static function title(): string
    {
        return 'threshold';
    }

    public static function alternatives(): array
    {
        return ['above' => 'above', 'below' => 'below', 'between' => 'between'];
    }

    public static function alternativesLabel(): string
    {
        return 'Closes';
    }

    public static function takes(): int
    {
        return 1;
    }

    public static function begin(float $travel, float $rest, array $names): array
    {
        // It closes away from rest. Of a hand that is at rest, half-way to the end that is further away.
        $end = $rest <= 0.5 ? 1.0 : 0.0;
        $at = abs($travel - $rest) <= self::AT_REST ? ($rest + $end) / 2 : $travel;

        return [
            'name' => 'Threshold',
            'kind' => $at > $rest ? Above::kind() : Below::kind(),
            'at' => round(max(0.02, min(0.98, $at)), 3),
        ];
    }

    public static function fields(): Fields
    {
        return Fields::of(
            self::nameField(),
            self::ofField(),
            Field::optional(
                self::TRAVEL,
                'looks_at',
                'Looks at',
                Choice::said([self::TRAVEL => 'travel', self::SHAPED => 'value']),
                'The travel of the axis, or its value after dead zones, curve and range.',
            ),
            ...static::places(),
            ...[
                Field::optional(
                    self::HYSTERESIS,
                    'hysteresis',
                    'Opens this far back',
                    Number::by(0.5),
                    'How far it must come back to open.',
                ),
            ],
        );
    }

    /** @return list<Field> where it closes */
    abstract protected static function places(): array;

    /** Does it open towards the low end, and towards the high end? */
    abstract protected static function opensBelow(): bool;

    abstract protected static function opensAbove(): bool;

    /** @throws FormatError */
    public static function from(FieldValues $given): static
    {
        $at = $given->number('at');
        $to = $given->has('to') ? $given->number('to') : $at;
        $h = $given->number('hysteresis');
        if ($to < $at) {
            throw $given->refuse('to', 'a number from '.FormatError::figure($at).' to '.FormatError::figure(1.0));
        }
        if (! (static::opensBelow() && $at - $h > 0.0) && ! (static::opensAbove() && $to + $h < 1.0)) {
            throw $given->refuse(
                'at',
                'a place from which it can open again: '.FormatError::figure($h, 'by').' '.(
                    static::opensAbove() ? 'above' : 'below'
                ).' it lies beyond the end',
            );
        }
        $of = $given->texts('of');
        assert($of !== []);

        return new static($given->id, $given->text('name'), $of, $given->text('looks_at'), $at, $to, $h);
    }

    public function values(): array
    {
        return [
            'name' => $this->name,
            'of' => $this->of,
            'looks_at' => $this->looksAt,
        ] + array_intersect_key(
            ['at' => $this->at, 'to' => $this->to],
            static::fields()->all,
        ) + ['hysteresis' => $this->hysteresis];
    }

    public function axes(): array
    {
        return [];
    }

    public function contacts(): array
    {
        $ref = self::DEVICE.'/'.$this->id;
        $at = Percent::figure($this->at);
        $mark = match (true) {
            ! static::opensAbove() => '≥'.$at,
            ! static::opensBelow() => '≤'.$at,
            default => $at.'–'.Percent::figure($this->to),
        };

        return [ContactInput::ofAxis($ref, '', $mark), ContactInput::opposite($ref.'.not', 'not', $ref)];
    }

    public function refuses(array $sources): ?string
    {
        return null;
    }

    public function looksAt(): string
    {
        return $this->looksAt;
    }

    public function next(?int $was, array $values): int
    {
        $value = $values[0];
        $under = static::opensBelow() && $value < $this->at;
        $over = static::opensAbove() && $value > $this->to;
        if ($was === self::CLOSED) {
            return match (true) {
                static::opensBelow() && $value < round($this->at - $this->hysteresis, 9) => self::UNDER,
                static::opensAbove() && $value > round($this->to + $this->hysteresis, 9) => self::OVER,
                default => self::CLOSED,
            };
        }

        return $under ? self::UNDER : ($over ? self::OVER : self::CLOSED);
    }

    public function closed(int $stands): array
    {
        return [$stands === self::CLOSED];
    }

    public function markKind(): string
    {
        return self::FLAG;
    }

    public function marks(): array
    {
        return array_intersect_key(['at' => $this->at, 'to' => $this->to], static::fields()->all);
    }

    public function markName(string $mark): string
    {
        return 'Threshold '.$this->name;
    }

    public function markWords(): string
    {
        return $this->name.' '.(isset(static::fields()->all['to']) ? 'from' : static::kind());
    }

    public function strips(): array
    {
        return [
            ...(static::opensBelow() ? [[$this->at - $this->hysteresis, $this->at]] : []),
            ...(static::opensAbove() ? [[$this->to, $this->to + $this->hysteresis]] : []),
        ];
    }

    public function cuts(): array
    {
        return [];
    }

    public function band(): float
    {
        return $this->hysteresis;
    }

    public function withoutMark(int $index): ?array
    {
        return null;
    }

    /** What it looks at, in words. */
    protected function what(string $source): string
    {
        return $this->looksAt === self::TRAVEL ? 'the travel of '.$source : 'what '.$source.' gives after its curve';
    }
}
