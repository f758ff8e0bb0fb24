<?php

declare(strict_types=1);

namespace App\View;

use App\Models\RunRecord;
use Nailrod\Core\Action\Variable;

/** The Bench: faceplates, lanes, and the gauges of the simulator stand-in. */
final readonly class BenchView
{
    public function __construct(public Place $place) {}

    /** @return list<RunRecord> runs that were kept, the newest first */
    public function runs(): array
    {
        $runs = [];
        foreach (RunRecord::query()->where('kept', true)->get()->sortByDesc('created_at')->take(50) as $run) {
            $runs[] = $run;
        }

        return $runs;
    }

    /** @return array<string, list<Variable>> the game's variables by the name of their group */
    public function gauges(): array
    {
        $catalogue = $this->place->set->catalogue;
        $gauges = [];
        foreach ($catalogue->groups ?? [] as $id => $name) {
            $of = array_values(array_filter($catalogue->variables ?? [], fn (Variable $variable) => $variable->group === $id));
            if ($of !== []) {
                $gauges[$name] = $of;
            }
        }

        return $gauges;
    }
}
