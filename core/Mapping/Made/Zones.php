<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Rig\Device\ContactInput;

/**
 * Cuts a travel at bounds into zones, one contact each: up at t >= b + h, down at t < b - h; a first reading by t >= b.
 */
final readonly class Zones implements MarksAxis
{
    use IsKind;
    use MadeFromAxes;

    public const MOST = 15;
    public const HYSTERESIS = 0.01;

    /**
     * @param non-empty-list<string> $of
     * @param list<float>            $bounds     strictly rising, 0..1, one or more
     * @param float                  $hysteresis 0..1
     * @param list<string>           $names      of the zones from the low end on; what is missing is numbered
     */
    private function __construct(
        private string $id,
        private string $name,
        private array $of,
        public array $bounds,
        public float $hysteresis,
        public array $names,
    ) {}

    public static function kind(): string
    {
        return 'zones';
    }

    public static function title(): string
    {
        return 'zones';
    }

    public static function about(): string
    {
        return 'Cuts the travel of an axis at bounds into zones, one contact each.';
    }

    public static function takes(): int
    {
        return 1;
    }

    public static function begin(float $travel, float $rest, array $names): array
    {
        return ['name' => 'Zones of '.$names[0], 'bounds' => [0.333, 0.667]];
    }

    public static function fields(): Fields
    {
        return Fields::of(
            self::nameField(),
            self::ofField(),
            Field::required(
                'bounds',
                'Bound',
                new Several(Number::at(), 1, self::MOST, false, '1 to '.self::MOST.' bounds'),
                'Where the travel is cut, rising.',
                [0.333, 0.667],
            ),
            Field::optional(
                self::HYSTERESIS,
                'hysteresis',
                'Changes this far past',
                Number::by(0.5),
                'How far past a bound it must be to change.',
            ),
            Field::optional(
                [],
                'names',
                'Names',
                new Several(new Text(30), 0, self::MOST + 1),
                'What the zones are called from the low end on; what is missing is numbered.',
            )->hidden(),
        );
    }

    /** @throws FormatError */
    public static function from(FieldValues $given): static
    {
        $h = $given->number('hysteresis');
        $bounds = $given->numbers('bounds');
        foreach ($bounds as $i => $b) {
            if ($b - $h <= 0.0 || $b + $h > 1.0) {
                throw $given->refuseEntry(
                    'bounds',
                    $i,
                    'a bound that lies more than '.FormatError::figure($h, 'by').' inside the travel',
                );
            }
            if ($i > 0 && $b - $h < $bounds[$i - 1] + $h) {
                throw $given->refuseEntry(
                    'bounds',
                    $i,
                    'a bound at least '.FormatError::figure(2 * $h, 'by')
                        .' above the one before, '
                        .FormatError::figure($bounds[$i - 1], 'at'),
                );
            }
            if ($i > 0 && $b <= $bounds[$i - 1]) {
                throw $given->refuseEntry(
                    'bounds',
                    $i,
                    'a bound above the one before, '.FormatError::figure($bounds[$i - 1], 'at'),
                );
            }
        }
        if (count($given->texts('names')) > count($bounds) + 1) {
            throw $given->refuse('names', 'at most '.(count($bounds) + 1).' entries');
        }
        $of = $given->texts('of');
        assert($of !== []);

        return new self($given->id, $given->text('name'), $of, $bounds, $h, $given->texts('names'));
    }

    public function values(): array
    {
        return [
            'name' => $this->name,
            'of' => $this->of,
            'bounds' => $this->bounds,
            'hysteresis' => $this->hysteresis,
        ] + ($this->names === [] ? [] : ['names' => $this->names]);
    }

    public function axes(): array
    {
        return [];
    }

    public function contacts(): array
    {
        $contacts = [];
        for ($i = 0; $i <= count($this->bounds); $i++) {
            $contacts[] = ContactInput::ofAxis(
                self::DEVICE.'/'.$this->id.'.'.($i + 1),
                $this->names[$i] ?? (string) ($i + 1),
                'z'.($i + 1),
            );
        }

        return $contacts;
    }

    public function refuses(array $sources): ?string
    {
        return null;
    }

    public function looksAt(): string
    {
        return self::TRAVEL;
    }

    public function next(?int $was, array $values): int
    {
        $t = $values[0];
        $last = count($this->bounds);
        $h = $was === null ? 0.0 : $this->hysteresis;
        $zone = $was ?? 0;
        while ($zone < $last && $t >= round($this->bounds[$zone] + $h, 9)) {
            $zone++;
        }
        while ($zone > 0 && $t < round($this->bounds[$zone - 1] - $h, 9)) {
            $zone--;
        }

        return $zone;
    }

    public function closed(int $stands): array
    {
        return array_map(fn (int $zone) => $zone === $stands, range(0, count($this->bounds)));
    }

    public function markKind(): string
    {
        return self::LINE;
    }

    public function marks(): array
    {
        $marks = [];
        foreach ($this->bounds as $i => $bound) {
            $marks['bounds-'.$i] = $bound;
        }

        return $marks;
    }

    public function markName(string $mark): string
    {
        return 'Bound '.(1 + (int) substr($mark, strlen('bounds-'))).' of '.$this->name;
    }

    public function markWords(): string
    {
        return '';
    }

    public function strips(): array
    {
        return [];
    }

    public function cuts(): array
    {
        $cuts = [];
        foreach ($this->contacts() as $i => $contact) {
            $cuts[] = [$this->bounds[$i - 1] ?? 0.0, $this->bounds[$i] ?? 1.0, $contact];
        }

        return $cuts;
    }

    public function band(): float
    {
        return 2 * $this->hysteresis;
    }

    public function withoutMark(int $index): ?array
    {
        $left = $this->bounds;
        unset($left[$index]);

        return $left === [] ? null : ['bounds' => array_values($left)];
    }

    public function inWords(array $sources, bool $centred): string
    {
        return sprintf(
            'Cuts the travel of %s at %s into %d zones; it changes %s past a bound.',
            $sources[0],
            implode(', ', array_map(fn (float $b) => Percent::at($b, $centred), $this->bounds)),
            count($this->bounds) + 1,
            Percent::by($this->hysteresis, $centred),
        );
    }
}
