<?php

declare(strict_types=1);

namespace Nailrod\Core\Made;

use Nailrod\Core\Axis\Percent;
use Nailrod\Core\Device\ContactInput;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** Cuts a travel at bounds into zones, one contact each: up at t >= b + h, down at t < b - h; a first reading by t >= b. */
final readonly class Zones implements MadeContacts
{
    use MadeFromAxes;

    public const MOST = 15;
    public const HYSTERESIS = 0.01;

    /**
     * @param non-empty-list<string> $of
     * @param non-empty-list<float>  $bounds     strictly rising, 0..1
     * @param float                  $hysteresis 0..1
     * @param list<string>           $names      of the zones from the low end on; what is missing is numbered
     */
    private function __construct(
        private string $id,
        private string $name,
        private string $kind,
        private array $of,
        public array $bounds,
        public float $hysteresis,
        public array $names,
    ) {}

    public static function kinds(): array
    {
        return ['zones'];
    }

    public static function read(string $id, Node $node): self
    {
        $node->only(['kind', 'name', 'of', 'bounds', 'hysteresis', 'names']);
        $h = $node->maybe('hysteresis')?->number(0, 0.5) ?? self::HYSTERESIS;
        $bounds = [];
        foreach ($node->get('bounds')->list(self::MOST) as $i => $bound) {
            $b = $bound->number(0, 1);
            if ($b - $h <= 0.0 || $b + $h > 1.0) {
                throw $bound->refuse('a bound that lies more than '.FormatError::figure($h, 'by').' inside the travel');
            }
            if ($i > 0 && $b - $h < $bounds[$i - 1] + $h) {
                throw $bound->refuse('a bound at least '.FormatError::figure(2 * $h, 'by').' above the one before, '.FormatError::figure($bounds[$i - 1], 'at'));
            }
            if ($i > 0 && $b <= $bounds[$i - 1]) {
                throw $bound->refuse('a bound above the one before, '.FormatError::figure($bounds[$i - 1], 'at'));
            }
            $bounds[] = $b;
        }
        if ($bounds === []) {
            throw $node->get('bounds')->refuse('1 to '.self::MOST.' bounds');
        }
        $names = array_map(fn (Node $name) => $name->string(30), $node->maybe('names')?->list(count($bounds) + 1) ?? []);

        return new self($id, $node->get('name')->string(60), $node->get('kind')->oneOf(self::kinds()), MadeKinds::sources($node, 1), $bounds, $h, $names);
    }

    public function axes(): array
    {
        return [];
    }

    public function contacts(): array
    {
        $contacts = [];
        for ($i = 0; $i <= count($this->bounds); $i++) {
            $contacts[] = ContactInput::ofAxis(self::DEVICE.'/'.$this->id.'.'.($i + 1), $this->names[$i] ?? (string) ($i + 1), 'z'.($i + 1));
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
