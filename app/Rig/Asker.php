<?php

declare(strict_types=1);

namespace App\Rig;

use App\Pairing\RemotePeer;

/** Who is at the other end of a connection: this machine, or somebody at an address in the house. */
final readonly class Asker
{
    private function __construct(public string $address, public bool $isHere) {}

    /** This machine. */
    public static function here(): self
    {
        return new self('127.0.0.1', true);
    }

    /** @param string $uri of the other end, as a socket says it */
    public static function at(string $uri): self
    {
        $address = trim((string) parse_url($uri, PHP_URL_HOST), '[]');

        return new self($address, RemotePeer::isLoopback($address));
    }
}
