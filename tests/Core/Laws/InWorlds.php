<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\AssertionFailedError;

/**
 * Tries a law in two hundred random worlds, in a thousand by `bin/test laws`, in so many as NAILROD_LAWS says; a
 * failure says which world and run it was.
 */
trait InWorlds
{
    use TestTrait;

    /** How many random sets a law is tried on; several random runs on each. */
    private static function worlds(): int
    {
        $laws = getenv('NAILROD_LAWS');

        return is_numeric($laws) ? (int) $laws : ($laws === 'all' ? 1000 : 200);
    }

    /** The one world that is to be tried, by NAILROD_WORLD; null for all. */
    private static function onlyWorld(): ?int
    {
        $one = getenv('NAILROD_WORLD');

        return is_string($one) && $one !== '' ? (int) $one : null;
    }

    /** What a law is about has come up often enough; in one world alone it need not. */
    private function assertTried(int $least, int $times, string $what = 'the law must have been tried'): void
    {
        $this->assertGreaterThan(self::onlyWorld() === null ? $least : -1, $times, $what);
    }

    /** @param callable(World): void $law */
    private function inEveryWorld(
        callable $law,
        bool $shared = true,
        bool $onlyPresses = false,
        int $runs = self::RUNS,
    ): void {
        $one = self::onlyWorld();
        if ($one !== null) {
            $this->inWorld($one, $law, $shared, $onlyPresses, $runs);

            return;
        }
        $this->limitTo(self::worlds())
            ->forAll(Generators::choose(0, PHP_INT_MAX >> 16))
            ->disableShrinking()
            ->then(fn (int $seed) => $this->inWorld($seed, $law, $shared, $onlyPresses, $runs));
    }

    /** @param callable(World): void $law */
    private function inWorld(int $seed, callable $law, bool $shared, bool $onlyPresses, int $runs): void
    {
        $world = new World($seed, $shared, $onlyPresses);
        for ($run = 1; $run <= $runs; $run++) {
            try {
                $law($world);
            } catch (\Throwable $failure) {
                throw new AssertionFailedError(
                    sprintf('World %d, run %d: %s', $seed, $run, $failure->getMessage()),
                    0,
                    $failure,
                );
            }
            $world->nextRun();
        }
    }
}
