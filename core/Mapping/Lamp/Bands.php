<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Lamp;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\NamesNothing;
use Nailrod\Core\Format\Type\Type;
use Nailrod\Core\Rig\Device\Lamp;

/** Bands of a row of lamps: up to where each goes, rising, and its colour. */
final readonly class Bands implements Type
{
    use NamesNothing;

    public const MOST = 8;

    /**
     * @return list<array{to: float, colour: string}>
     *
     * @throws FormatError
     */
    public function read(Node $node): array
    {
        $bands = [];
        foreach ($node->list(self::MOST) as $band) {
            $band->only(['to', 'colour']);
            $to = $band->get('to')->number(-1e9, 1e9);
            if ($bands !== [] && $to <= $bands[count($bands) - 1]['to']) {
                throw $band->get('to')->refuse('a number above that of the band before');
            }
            $bands[] = ['to' => $to, 'colour' => $band->get('colour')->oneOf(Lamp::COLOURS)];
        }

        return $bands;
    }

    public function schema(): array
    {
        return ['type' => 'array', 'maxItems' => self::MOST, 'items' => [
            'type' => 'object',
            'properties' => [
                'to' => [
                    'description' => 'Up to where it goes.',
                    'type' => 'number',
                    'minimum' => -1e9,
                    'maximum' => 1e9,
                ],
                'colour' => ['description' => 'Its colour.', 'enum' => Lamp::COLOURS],
            ],
            'required' => ['to', 'colour'],
            'additionalProperties' => false,
        ]];
    }

    public function inWords(): string
    {
        return 'a list of at most '.self::MOST.' objects with "to", a number that rises, and "colour"';
    }

    public function unit(): string
    {
        return '';
    }

    /** @return list<array{to: float, colour: string}> */
    public function example(): array
    {
        return [['to' => 70.0, 'colour' => 'green'], ['to' => 100.0, 'colour' => 'red']];
    }
}
