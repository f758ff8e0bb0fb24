<?php

declare(strict_types=1);

namespace App\Rig;

use Nailrod\Core\Rig\Panel\Tile;
use Nailrod\Core\Set\BindingSet;

/**
 * What of a picture a paired panel is told: its own tiles, lamps and hand, the values that stand on it, the layer;
 * nothing else of the rig.
 */
final readonly class PanelSight
{
    /** Parts that are told as they are. */
    private const OPEN = ['set', 'program', 'layer'];

    /** Of these, what is of the panel's own tiles. */
    private const OF_TILES = ['axes', 'lamps', 'hands', 'tiles'];

    /** @param list<string> $variables that stand on it */
    private function __construct(private string $panel, private string $hand, private array $variables) {}

    public static function of(BindingSet $set, Subscriber $eye): self
    {
        $tiles = ($set->rig->devices[$eye->panel] ?? null)?->panel?->tiles() ?? [];

        return new self(
            $eye->panel,
            $eye->hand,
            array_merge(...array_map(fn (Tile $tile): array => $tile->variables(), $tiles)),
        );
    }

    /**
     * @param array<string, mixed> $parts a picture, or what has changed in it, with `in` for the entries of maps
     *
     * @return array<string, mixed>
     */
    public function in(array $parts): array
    {
        $told = array_intersect_key($parts, array_flip(self::OPEN));
        foreach ($this->maps((array) ($parts['in'] ?? [])) as $map => $entries) {
            if ((array) $entries !== []) {
                $told['in'][$map] = $entries;
            }
        }
        $told += $this->maps($parts);
        if (is_array($parts['unplugged'] ?? null)) {
            $told['unplugged'] = array_values(array_intersect([$this->panel], $parts['unplugged']));
        }
        if (is_array($parts['closed'] ?? null)) {
            $told['closed'] = array_values(
                array_filter($parts['closed'], fn (mixed $ref): bool => is_string($ref) && $this->isOwn($ref)),
            );
        }

        return $told;
    }

    /**
     * @param array<array-key, mixed> $maps
     *
     * @return array<string, object> those that are told, with the entries that are
     */
    private function maps(array $maps): array
    {
        $told = [];
        foreach (self::OF_TILES as $map) {
            $told[$map] = isset($maps[$map]) ? (object) array_filter(
                (array) $maps[$map],
                fn (int|string $key): bool => $this->isOwn((string) $key),
                ARRAY_FILTER_USE_KEY,
            ) : null;
        }
        $told['variables'] = isset($maps['variables']) ? (object) array_intersect_key(
            (array) $maps['variables'],
            array_flip($this->variables),
        ) : null;
        $told['batches'] = isset($maps['batches']) ? (object) array_intersect_key(
            (array) $maps['batches'],
            [$this->hand => true],
        ) : null;

        return array_filter($told, fn (?object $map): bool => $map !== null);
    }

    private function isOwn(string $key): bool
    {
        return str_starts_with($key, $this->panel.'/');
    }
}
