<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\AssertionFailedError;

/** Tries a law in a thousand random worlds; a failure says which world and run it was. */
trait InWorlds
{
    use TestTrait;

    /** Random sets, and several random runs on each. */
    private const CASES = 1000;

    /** @param callable(World): void $law */
    private function inEveryWorld(callable $law, bool $shared = true, bool $onlyPresses = false, int $runs = self::RUNS): void
    {
        $this->limitTo(self::CASES)
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
                throw new AssertionFailedError(sprintf('World %d, run %d: %s', $seed, $run, $failure->getMessage()), 0, $failure);
            }
            $world->nextRun();
        }
    }
}
