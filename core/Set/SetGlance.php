<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Set\Section\Sections;

/** What a list of sets shows of one. */
final readonly class SetGlance implements Excerpt
{
    /**
     * @param ?string            $game id of its game, its own or inherited; null if it has none that is here
     * @param array<string, int> $says how many parts it says itself, by section; only of those in which it says one
     */
    private function __construct(public ?string $game, public array $says) {}

    public static function of(BindingSet $set): static
    {
        $own = $set->merged->own;

        return new self(
            $set->catalogue?->id,
            array_filter(array_map(
                fn (string $section): int => count($own->partsOf($section)),
                array_combine(array_keys(Sections::all()), array_keys(Sections::all())),
            )),
        );
    }

    /** What it says itself, section by section: "12 assignments, 1 layer". */
    public function inWords(): string
    {
        $says = [];
        foreach (array_intersect_key(Sections::all(), $this->says) as $section => $class) {
            [$one, $many] = $class::called();
            $says[] = $this->says[$section].' '.($this->says[$section] === 1 ? $one : $many);
        }

        return $says === [] ? 'nothing of its own yet' : implode(', ', $says);
    }
}
