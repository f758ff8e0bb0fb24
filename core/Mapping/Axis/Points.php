<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\NamesNothing;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Type;

/** Points of a curve: pairs of parts of the whole, the first rising, the second never falling. */
final readonly class Points implements Type
{
    use NamesNothing;

    public function __construct(private int $most) {}

    /**
     * @return non-empty-list<array{float, float}>
     *
     * @throws FormatError
     */
    public function read(Node $node): array
    {
        $points = [];
        foreach ($node->list($this->most) as $i => $point) {
            $pair = $point->list(2);
            if (count($pair) !== 2) {
                throw $point->refuse('a pair of numbers, across and up');
            }
            $x = $pair[0]->number(0, 1);
            $y = $pair[1]->number(0, 1);
            if ($i > 0 && $x <= $points[$i - 1][0]) {
                throw $pair[0]->refuse(
                    'a number above that of the point before, '.FormatError::figure($points[$i - 1][0]),
                );
            }
            if ($i > 0 && $y < $points[$i - 1][1]) {
                throw $pair[1]->refuse(
                    'a number not below that of the point before, '.FormatError::figure($points[$i - 1][1]),
                );
            }
            $points[] = [$x, $y];
        }

        return count($points) < 2 ? throw $node->refuse('2 to '.$this->most.' points') : $points;
    }

    public function schema(): array
    {
        $part = Number::at()->schema();

        return [
            'type' => 'array',
            'minItems' => 2,
            'maxItems' => $this->most,
            'items' => [
                'type' => 'array',
                'prefixItems' => [$part, $part],
                'items' => false,
                'minItems' => 2,
                'maxItems' => 2,
            ],
        ];
    }

    public function inWords(): string
    {
        return '2 to '.$this->most.' pairs of numbers from 0 to 1';
    }

    public function unit(): string
    {
        return Number::AT;
    }

    /** @return list<array{float, float}> */
    public function example(): array
    {
        return [[0.0, 0.0], [0.5, 0.3], [1.0, 1.0]];
    }
}
