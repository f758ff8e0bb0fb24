<?php

declare(strict_types=1);

namespace App\Pairing;

use App\Models\TokenRecord;
use Illuminate\Http\Request;

/**
 * Who asks: this machine, which may do everything; or somebody elsewhere, who gets what was paired and nothing else.
 */
final readonly class RemotePeer
{
    public const COOKIE = 'panel';

    /** The field by which the gate says that a request comes from elsewhere, and from which address. */
    public const FROM = 'Nailrod-From';

    /** Names by which a machine asks itself. */
    public const OWN = ['127.0.0.1', 'localhost', '[::1]'];

    /**
     * This machine is a peer of its own and the name by which it asks itself: its address in the house is elsewhere.
     *
     * @param string $remote address of who asks
     * @param string $host   that was asked, with or without a port
     */
    public static function isThisMachine(string $remote, string $host): bool
    {
        return self::isLoopback($remote) && in_array(self::withoutPort($host), self::OWN, true);
    }

    /** Is it an address by which a machine reaches itself? */
    public static function isLoopback(string $address): bool
    {
        return in_array($address, ['127.0.0.1', '::1'], true);
    }

    /** @param array<array-key, mixed> $server what PHP says of a request */
    public static function hasComeFromHere(array $server): bool
    {
        $word = fn (string $key): string => is_string($server[$key] ?? null) ? $server[$key] : '';
        $from = 'HTTP_'.strtoupper(strtr(self::FROM, '-', '_'));

        return ! isset($server[$from]) && self::isThisMachine($word('REMOTE_ADDR'), $word('HTTP_HOST'));
    }

    public static function isHere(Request $request): bool
    {
        return self::hasComeFromHere(['HTTP_HOST' => $request->headers->get('Host')] + $request->server->all());
    }

    public static function host(Request $request): string
    {
        return self::withoutPort((string) $request->headers->get('Host'));
    }

    private static function withoutPort(string $host): string
    {
        return (string) preg_replace('/:\d+$/', '', $host);
    }

    /** The token of a phone that was paired; null if it was not, or was taken away. */
    public static function token(Request $request): ?TokenRecord
    {
        $token = $request->cookies->get(self::COOKIE);
        $record = is_string($token) && str_starts_with($token, 'np_') ? TokenRecord::query()
            ->where('hash', hash('sha256', $token))
            ->first() : null;

        return $record?->panelOf() === '' ? null : $record;
    }
}
