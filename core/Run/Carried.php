<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

/** What an edited program takes over from the one before it, in the numbers of the new one. */
final readonly class Carried
{
    /**
     * @param list<int>              $toggled   assignments that are as they were and whose toggle was on, in the order they came on
     * @param array<int, int>        $readings  by axis
     * @param array<int, array{axes: list<int>, past: list<int>, left: ?int}> $stops see Stops::carry()
     * @param array<string, true>    $openStops ids of all stops that were open
     * @param array<string, Sending> $sending   what every axis drove, by its reference
     * @param string                 $liveLayer id of the layer that was live
     */
    public function __construct(public array $toggled, public array $readings, public array $stops, public array $openStops, public array $sending, public string $liveLayer) {}
}
