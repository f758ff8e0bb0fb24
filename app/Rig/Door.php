<?php

declare(strict_types=1);

namespace App\Rig;

use App\Pairing\RemotePeer;

/** Who is let in: only to the names of this machine, and from a browser only from the application's own pages. */
final readonly class Door
{
    /**
     * @param int          $port  of the rig
     * @param int          $pages port of the pages
     * @param list<string> $hosts further names that this machine is asked by
     */
    public function __construct(private int $port, private int $pages, private array $hosts) {}

    public function knowsHost(string $host): bool
    {
        return in_array($host, $this->with($this->port), true);
    }

    public function knowsOrigin(string $origin): bool
    {
        return in_array(
            $origin,
            array_map(fn (string $host): string => 'http://'.$host, $this->with($this->pages)),
            true,
        );
    }

    /** @return list<string> */
    private function with(int $port): array
    {
        return array_map(fn (string $host): string => $host.':'.$port, [...RemotePeer::OWN, ...$this->hosts]);
    }

    /** Where the rig listens, beside pages at this port. */
    public static function portBeside(int $pages): int
    {
        return (int) (config('nailrod.rig.port') ?? $pages + 1);
    }
}
