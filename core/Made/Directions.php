<?php

declare(strict_types=1);

namespace Nailrod\Core\Made;

use Nailrod\Core\Axis\Percent;
use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Device\ContactInput;
use Nailrod\Core\Format\Node;

/**
 * Two centred travels as contacts: x' = 2x - 1, y' = 1 - 2y, so that north is low y. Eight sectors of 45 degrees; an
 * edge belongs to the clockwise one, and is left only 5 degrees past it. None within the dead radius, which is left at
 * 0.05 beyond it. *Eight* closes one of eight contacts, *four* closes two neighbours on a diagonal.
 */
final readonly class Directions implements MadeContacts
{
    use MadeFromAxes;

    public const DEAD = 0.4;
    private const NAMES = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'];
    private const MARKS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'];
    private const NONE = -1;
    private const PAST_EDGE = 5.0;
    private const PAST_RADIUS = 0.05;

    /**
     * @param non-empty-list<string> $of   across and along
     * @param float                  $dead radius, of 1 from the centre to an end
     */
    private function __construct(private string $id, private string $name, private string $kind, private array $of, public float $dead) {}

    public static function kinds(): array
    {
        return ['four directions', 'eight directions'];
    }

    public static function read(string $id, Node $node): self
    {
        $node->only(['kind', 'name', 'of', 'dead_radius']);

        return new self(
            $id,
            $node->get('name')->string(60),
            $node->get('kind')->oneOf(self::kinds()),
            MadeKinds::sources($node, 2),
            $node->maybe('dead_radius')?->number(0, 0.9) ?? self::DEAD,
        );
    }

    public function axes(): array
    {
        return [];
    }

    public function contacts(): array
    {
        $contacts = [];
        for ($i = 0; $i < 8; $i += $this->isEight() ? 1 : 2) {
            $contacts[] = ContactInput::ofAxis(self::DEVICE.'/'.$this->id.'.'.self::NAMES[$i], self::NAMES[$i], self::MARKS[$i]);
        }

        return $contacts;
    }

    public function refuses(array $sources): ?string
    {
        return array_filter($sources, fn (Shaping $source) => ! $source->axis->centred) === [] ? null : 'two centred axes';
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

    public function closed(int $stands): array
    {
        if ($this->isEight()) {
            return array_map(fn (int $i) => $i === $stands, range(0, 7));
        }

        return array_map(fn (int $i) => $stands !== self::NONE && in_array(($stands - 2 * $i + 8) % 8, [7, 0, 1], true), range(0, 3));
    }

    public function inWords(array $sources, bool $centred): string
    {
        return sprintf(
            'Turns %s and %s into %s; none within %s of the centre.',
            $sources[0],
            $sources[1],
            $this->isEight() ? 'eight directions' : 'four directions, two of them on a diagonal',
            Percent::of($this->dead),
        );
    }

    private function isEight(): bool
    {
        return $this->kind === 'eight directions';
    }
}
