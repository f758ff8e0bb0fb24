<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * Waits for what somebody else holds. A page waits for a while; what runs in a fiber is suspended there and tries again
 * when it is resumed, so that the rig, which waits for nobody, goes on meanwhile.
 */
final class Waits
{
    /** How long a page waits, in seconds. */
    private const LONGEST = 5.0;

    private const AGAIN_US = 10_000;

    private const FOR_STORE = 'the database cannot be written just now: another program holds it, or the disk is full.';

    /**
     * @param callable(): bool $isFree tries to take it
     * @param string           $words  what is waited for; a fiber is suspended with it
     *
     * @return bool false if it was given up
     */
    public static function until(callable $isFree, string $words): bool
    {
        for ($end = microtime(true) + self::LONGEST; ! $isFree();) {
            if (\Fiber::getCurrent() !== null) {
                \Fiber::suspend($words);
            } elseif (microtime(true) > $end) {
                return false;
            } else {
                usleep(self::AGAIN_US);
            }
        }

        return true;
    }

    /**
     * Reads or writes the database; in a fiber again and again until that can be done.
     *
     * @template T
     *
     * @param callable(): T $do
     *
     * @return T
     *
     * @throws StoreRefuses outside of a fiber
     */
    public static function forStore(callable $do): mixed
    {
        while (true) {
            try {
                return StoreRefuses::whenDoing($do);
            } catch (StoreRefuses $refused) {
                if (\Fiber::getCurrent() === null) {
                    throw $refused;
                }
                \Fiber::suspend(self::FOR_STORE);
            }
        }
    }
}
