<?php

declare(strict_types=1);

namespace App\View\Make;

use App\Forms\Choices;
use App\Forms\FieldInput;
use App\View\Place;
use Nailrod\Core\Advice\Plan\LayerLink;
use Nailrod\Core\Advice\Plan\LayerMap;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\LayerLook;
use Nailrod\Core\Set\Section\LayersSection;

/** The Layers place: what leads where and back, drawn; and the layers themselves. */
final readonly class LayersView
{
    /** Size of the drawing and of a layer on it, in its units. */
    public const WIDTH = 900;
    public const HEIGHT = 520;
    public const BOX = [150, 54];

    public LayerMap $map;

    public function __construct(public Place $place)
    {
        $this->map = LayerMap::of($place->set);
    }

    public function input(): FieldInput
    {
        return new FieldInput(new Choices($this->place->set), class: 'field');
    }

    /**
     * @return list<array{Field, mixed}> what the form of a layer has beside its name, each with what it is, in the open
     *     format
     */
    public function fieldsOf(string $layer): array
    {
        $values = ['colour' => $this->lookOf($layer) + 1] + $this->place->set->layers[$layer]->values();
        $fields = array_diff_key(Layer::fields()->all, ['name' => 0], $layer === Layer::BASE ? ['lets_go' => 0] : []);

        return array_map(
            fn (Field $field) => [$field, $values[$field->name] ?? null],
            array_values(array_filter($fields, fn (Field $field) => $field->isShown)),
        );
    }

    public function lookOf(string $layer): int
    {
        return LayerLook::of($this->place->set, $layer);
    }

    /**
     * @return array<string, array{float, float}> middle of each layer on the drawing: the base layer on the left, the
     *     others around it
     */
    public function places(): array
    {
        $others = Keys::of(array_diff_key($this->place->set->layers, [Layer::BASE => 0]));
        $places = [Layer::BASE => [130.0, self::HEIGHT / 2]];
        $n = count($others);
        foreach ($others as $i => $id) {
            // From top to bottom on an arc to the right of the base layer; every other one further out, so that there
            // is room for words.
            $angle = $n === 1 ? 0.0 : M_PI * (($i / ($n - 1)) - 0.5) * 0.86;
            $out = $n > 4 && $i % 2 === 1 ? 660 : 500;
            $places[$id] = [130 + $out * cos($angle * 0.6), self::HEIGHT / 2 + (self::HEIGHT / 2 - 50) * sin($angle)];
        }
        $across = array_column($places, 0);
        $aside = (self::WIDTH - min($across) - max($across)) / 2;

        return array_map(fn (array $at) => [$at[0] + $aside, $at[1]], $places);
    }

    /**
     * Links that join the same two layers the same way are drawn as one.
     *
     * @return list<array{from: string, to: string, holds: bool, words: list<string>, devices: list<string>,
     *     path: string, at: array{float, float}}>
     */
    public function links(): array
    {
        $joined = [];
        foreach ($this->map->drawn() as $link) {
            if ($link->from === $link->to) {
                continue;
            }
            $key = $link->from.' '.$link->to.' '.($link->holds ? 'holds' : 'goes');
            $joined[$key][] = $link;
        }
        $places = $this->places();
        $links = [];
        foreach ($joined as $same) {
            $first = $same[0];
            [$path, $at] = $first->holds ? $this->curve(
                $places[$first->from],
                $places[$first->to],
                0.0,
                0.74,
            ) : $this->curve(
                $places[$first->from],
                $places[$first->to],
                46.0,
                0.66,
            );
            $links[] = [
                'from' => $first->from, 'to' => $first->to, 'holds' => $first->holds,
                'words' => array_values(array_unique(array_map(
                    fn (LayerLink $link) => $link->words.' '.$this->place->set->rig->nameOf($link->ref),
                    $same,
                ))),
                'devices' => array_values(array_unique(
                    array_map(fn (LayerLink $link) => $this->place->set->rig->deviceNameOf($link->ref), $same),
                )),
                'path' => $path, 'at' => $at,
            ];
        }

        return $links;
    }

    /**
     * @return list<string> notes on layers with no way out, that nothing leads to, and cells that never come into play
     */
    public function troubles(): array
    {
        return $this->place->told->in(LayersSection::name());
    }

    /** @return list<LayerLink> what leads to a layer from elsewhere, each contact once */
    public function into(string $layer): array
    {
        $into = [];
        foreach ($this->map->drawn() as $link) {
            if ($link->to === $layer && $link->from !== $layer) {
                $into[$link->ref.$link->words] ??= $link;
            }
        }

        return array_values($into);
    }

    /** How many cells a layer says something of, and how many of them are its own. */
    public function says(string $layer): string
    {
        $cells = $this->place->set->cells[$layer] ?? [];
        $nothing = count(array_filter($cells, fn (Cell $cell) => $cell->isNothing()));
        $does = count($cells) - $nothing;

        return $does.($does === 1 ? ' assignment' : ' assignments').(
            $nothing === 0 ? '' : ', '.$nothing.' set to nothing'
        ).(
            (
                $chords = count($this->place->set->chords[$layer] ?? [])
            ) === 0 ? '' : ', '.$chords.($chords === 1 ? ' chord' : ' chords')
        );
    }

    /** What goes with a layer when it is deleted. */
    public function goes(string $layer): string
    {
        $refs = array_values(array_unique(
            array_map(fn (LayerLink $link) => $this->place->set->rig->nameOf($link->ref), $this->into($layer)),
        ));

        return 'Takes away '.$this->says($layer).(
            $refs === [] ? '' : ', and that '.implode(' and ', $refs).(count($refs) === 1 ? ' leads' : ' lead').' to it'
        ).'. Undo brings it back.';
    }

    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     *
     * @param float $bow  how far it is bowed to its left
     * @param float $part where its words stand, 0 at its beginning to 1 at its end
     *
     * @return array{string, array{float, float}} a path from edge to edge, and the place of its words
     */
    private function curve(array $from, array $to, float $bow, float $part): array
    {
        [$dx, $dy] = [$to[0] - $from[0], $to[1] - $from[1]];
        $length = max(1.0, hypot($dx, $dy));
        [$nx, $ny] = [-$dy / $length, $dx / $length];
        $middle = [($from[0] + $to[0]) / 2 + $nx * $bow, ($from[1] + $to[1]) / 2 + $ny * $bow];
        $start = $this->edge($from, $middle);
        $end = $this->edge($to, $middle);
        $along = fn (int $axis): float => round(
            (1 - $part) ** 2 * $start[$axis] + 2 * (1 - $part) * $part * $middle[$axis] + $part ** 2 * $end[$axis],
            1,
        );
        $round = fn (float $v): string => (string) round($v, 1);

        return [
            sprintf(
                'M%s %sQ%s %s %s %s',
                $round($start[0]),
                $round($start[1]),
                $round($middle[0]),
                $round($middle[1]),
                $round($end[0]),
                $round($end[1]),
            ),
            [$along(0), $along(1)],
        ];
    }

    /**
     * Where a line from the middle of a layer towards a point leaves its box.
     *
     * @param array{float, float} $middle
     * @param array{float, float} $towards
     *
     * @return array{float, float}
     */
    private function edge(array $middle, array $towards): array
    {
        [$dx, $dy] = [$towards[0] - $middle[0], $towards[1] - $middle[1]];
        $reach = min(
            abs($dx) < 1e-6 ? INF : (self::BOX[0] / 2 + 5) / abs($dx),
            abs($dy) < 1e-6 ? INF : (self::BOX[1] / 2 + 5) / abs($dy),
        );

        return [$middle[0] + $dx * $reach, $middle[1] + $dy * $reach];
    }
}
