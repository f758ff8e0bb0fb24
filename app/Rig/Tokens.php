<?php

declare(strict_types=1);

namespace App\Rig;

use App\Models\TokenRecord;
use App\Storage\StoreRefuses;

/**
 * Who may talk to the rig: pages carry a token that lasts half a day, programs one of their own that is kept as a hash.
 */
final readonly class Tokens
{
    private const PAGE_SECONDS = 43_200;

    /** @param TokenList $list the tokens that were given to programs and phones */
    public function __construct(private string $key, private TokenList $list = new StoredTokens) {}

    /** The same, by another list of what was given. */
    public function by(TokenList $list): self
    {
        return new self($this->key, $list);
    }

    /** A token for a page, which may do everything. */
    public function forPage(int $time): string
    {
        $until = (string) ($time + self::PAGE_SECONDS);

        return 'page.'.$until.'.'.$this->sign($until);
    }

    /**
     * A new token for a program; it is shown once and cannot be read back.
     *
     * @throws NotAllowed if it would allow nothing
     */
    public function forProgram(string $name, Scope $scope): string
    {
        if ($scope->inWords() === []) {
            throw NotAllowed::toAnything();
        }
        $token = 'nr_'.bin2hex(random_bytes(20));
        TokenRecord::query()->create([
            'id' => bin2hex(random_bytes(6)),
            'name' => $name,
            'hash' => hash('sha256', $token),
            'scope' => $scope->toArray(),
        ]);

        return $token;
    }

    /** A new token for a phone that is a panel; it lies in a cookie there, and here as a hash. */
    public function forPanel(string $name, string $device, string $host = ''): string
    {
        $token = 'np_'.bin2hex(random_bytes(20));
        TokenRecord::query()->create([
            'id' => bin2hex(random_bytes(6)),
            'name' => $name,
            'hash' => hash('sha256', $token),
            'host' => $host,
            'scope' => (new Scope(panel: $device))->toArray(),
        ]);

        return $token;
    }

    /** A phone that is paired already comes by another address: it is the same phone, and gets what it got. */
    public function again(TokenRecord $phone, string $host): string
    {
        $token = 'np_'.bin2hex(random_bytes(20));
        $phone->update(['hash' => hash('sha256', $token), 'host' => $host]);

        return $token;
    }

    /** A token by which the page of a panel talks to the rig, for as long as the phone is paired. */
    public function forHand(TokenRecord $of, int $time): string
    {
        $said = $of->id.'.'.($time + self::PAGE_SECONDS);

        return 'hand.'.$said.'.'.$this->sign($said);
    }

    private function ofHand(string $id, string $until, string $sign, int $time): ?Scope
    {
        $isGood = ctype_digit($until) && (int) $until >= $time && hash_equals($this->sign($id.'.'.$until), $sign);
        $record = $isGood ? $this->list->ofId($id) : null;

        return $record === null ? null : Scope::of($record->scope)->ofPhone($record->name, $record->id);
    }

    /**
     * What a token allows; null if there is no such token, or it has ended.
     *
     * @throws StoreRefuses if it is not known, and the database cannot be read just now
     */
    public function scopeOf(string $token, int $time): ?Scope
    {
        $parts = explode('.', $token);
        if (count($parts) === 4 && $parts[0] === 'hand') {
            return $this->ofHand($parts[1], $parts[2], $parts[3], $time);
        }
        if (count($parts) === 3 && $parts[0] === 'page') {
            return ctype_digit($parts[1])
                && (int) $parts[1] >= $time
                && hash_equals($this->sign($parts[1]), $parts[2])
                ? new Scope(all: true)
                : null;
        }
        $record = str_starts_with($token, 'nr_') ? $this->list->ofHash(hash('sha256', $token)) : null;

        return $record === null ? null : Scope::of($record->scope);
    }

    private function sign(string $until): string
    {
        return hash_hmac('sha256', 'nailrod page '.$until, $this->key);
    }
}
