<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Revision;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Chance that can be brought back by its seed, for tests that send what nobody should send. */
trait Dice
{
    private Randomizer $dice;

    /** @return int the seed: NAILROD_SEED, or any */
    private function throwDice(): int
    {
        $seed = (int) (getenv('NAILROD_SEED') ?: random_int(1, 1_000_000));
        $this->dice = new Randomizer(new Mt19937($seed));

        return $seed;
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return T
     */
    private function pick(array $of): mixed
    {
        return $of[$this->dice->getInt(0, count($of) - 1)];
    }

    /** @return list<int|string|null> what must stay as it is when something is refused */
    private function all(): array
    {
        return [
            Revision::query()->count(),
            ...array_map(fn (string $table) => DB::table($table)->count(), ['sets', 'devices', 'catalogues', 'runs']),
            DB::table('sets')->sum('head_id'),
        ];
    }
}
