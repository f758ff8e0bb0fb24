<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Rig\Device\ContactInput;

/**
 * Two centred travels as contacts: x' = 2x - 1, y' = 1 - 2y, so that north is low y. Eight sectors of 45 degrees; an
 * edge belongs to the clockwise one, and is left only 5 degrees past it. None within the dead radius, which is left at
 * 0.05 beyond it.
 */
abstract readonly class Directions implements MadeContacts
{
    use IsKind;
    use MadeFromAxes;

    public const DEAD = 0.4;

    protected const NONE = -1;

    private const NAMES = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'];
    private const MARKS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'];
    private const PAST_EDGE = 5.0;
    private const PAST_RADIUS = 0.05;

    /**
     * @param non-empty-list<string> $of   across and along
     * @param float                  $dead radius, of 1 from the centre to an end
     */
    final private function __construct(
        private string $id,
        private string $name,
        private array $of,
        public float $dead,
    ) {}

    public static function title(): string
    {
        return static::kind();
    }

    public static function takes(): int
    {
        return 2;
    }

    public static function wantsCentred(): bool
    {
        return true;
    }

    public static function begin(float $travel, float $rest, array $names): array
    {
        return ['name' => 'Directions'];
    }

    public static function fields(): Fields
    {
        return Fields::of(
            self::nameField(),
            self::ofField(),
            Field::optional(
                self::DEAD,
                'dead_radius',
                'Dead radius',
                Number::of(0, 0.9),
                'How far from the centre no direction is closed; 1 is from the centre to an end.',
            ),
        );
    }

    public static function from(FieldValues $given): static
    {
        $of = $given->texts('of');
        assert($of !== []);

        return new static($given->id, $given->text('name'), $of, $given->number('dead_radius'));
    }

    public function values(): array
    {
        return ['name' => $this->name, 'of' => $this->of, 'dead_radius' => $this->dead];
    }

    /** How many of the eight names there is a contact for: each, or each second one. */
    abstract protected static function each(): int;

    public function axes(): array
    {
        return [];
    }

    public function contacts(): array
    {
        $contacts = [];
        for ($i = 0; $i < 8; $i += static::each()) {
            $contacts[] = ContactInput::ofAxis(
                self::DEVICE.'/'.$this->id.'.'.self::NAMES[$i],
                self::NAMES[$i],
                self::MARKS[$i],
            );
        }

        return $contacts;
    }

    public function refuses(array $sources): ?string
    {
        return array_filter(
            $sources,
            fn (Shaping $source) => ! $source->axis->centred,
        ) === [] ? null : 'two centred axes';
    }

    public function looksAt(): string
    {
        return self::TRAVEL;
    }

    public function next(?int $was, array $values): int
    {
        $x = 2.0 * $values[0] - 1.0;
        $y = 1.0 - 2.0 * $values[1];
        $radius = hypot($x, $y);
        if ($radius <= $this->dead || ($was === self::NONE && $radius < $this->dead + self::PAST_RADIUS)) {
            return self::NONE;
        }
        $angle = fmod(rad2deg(atan2($x, $y)) + 360.0, 360.0);
        if ($was !== null && $was !== self::NONE) {
            $off = fmod($angle - 45.0 * $was + 540.0, 360.0) - 180.0;
            if ($off >= -22.5 - self::PAST_EDGE && $off < 22.5 + self::PAST_EDGE) {
                return $was;
            }
        }

        return (int) floor(($angle + 22.5) / 45.0) % 8;
    }
}
