<?php

declare(strict_types=1);

namespace App\Rig;

use Nailrod\Core\Engine\Hand\InputSources;

/**
 * How many of something there may be at the rig, and whose they are: a part is kept for this machine, and an address or
 * a phone has few, so that nobody in the house shuts the desk out.
 */
final class Room
{
    /** @var \WeakMap<object, list<string>> whose each of them is */
    private \WeakMap $owners;

    /**
     * @param int $most of all together
     * @param int $kept for this machine
     * @param int $each for one address, and for one phone, elsewhere
     */
    public function __construct(private readonly int $most, private readonly int $kept, private readonly int $each)
    {
        $this->owners = new \WeakMap;
    }

    public static function forConnections(): self
    {
        return new self(200, 40, 8);
    }

    /** Elsewhere is all that comes there. */
    public static function atTheGate(): self
    {
        return new self(64, 0, 12);
    }

    public static function forHands(): self
    {
        return new self(InputSources::MOST, 8, 2);
    }

    public static function forEyes(): self
    {
        return new self(64, 16, 2);
    }

    /**
     * Is there room for one more? So many there may be; null if there is.
     *
     * @param list<object> $there all that are there
     * @param string       $phone id of the token by which it was paired; empty if it is none
     */
    public function isFullFor(array $there, Asker $asker, string $phone = ''): ?int
    {
        if ($asker->isHere) {
            return count($there) >= $this->most ? $this->most : null;
        }
        $elsewhere = array_map(fn (object $one): array => $this->owners[$one] ?? [], $there);
        $of = fn (string $owner): int => count(
            array_filter($elsewhere, fn (array $owners): bool => in_array($owner, $owners, true)),
        );

        return match (true) {
            max(array_map($of, self::ownersOf($asker, $phone))) >= $this->each => $this->each,
            count($there) >= $this->most,
            count(array_filter($elsewhere)) >= $this->most - $this->kept => $this->most - $this->kept,
            default => null,
        };
    }

    /** Notes whose one of them is. */
    public function take(object $one, Asker $asker, string $phone = ''): void
    {
        $this->owners[$one] = $asker->isHere ? [] : self::ownersOf($asker, $phone);
    }

    /** @return non-empty-list<string> */
    private static function ownersOf(Asker $asker, string $phone): array
    {
        return $phone === '' ? ['address '.$asker->address] : ['address '.$asker->address, 'phone '.$phone];
    }
}
