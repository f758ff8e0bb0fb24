<?php

declare(strict_types=1);

namespace App\Pairing;

use App\Models\PairingRecord;
use App\Models\TokenRecord;
use App\Rig\Tokens;
use Illuminate\Database\Eloquent\Collection;

/** Phones and tablets are let in by a code that the desk shows, each with a token of its own. */
final readonly class PhonePairing
{
    /** How long a code is good, in s. */
    public const SECONDS = 300;

    /** So many wrong guesses end a code, from wherever they come. */
    public const MOST_WRONG = 5;

    public function __construct(private Tokens $tokens) {}

    /**
     * A new code for a panel; those before it are over.
     *
     * @param string $phone id of one that is paired already and comes by another address; empty for a new one
     */
    public function begin(string $device, int $now, string $phone = ''): PairingRecord
    {
        PairingRecord::query()->delete();

        return PairingRecord::query()->create([
            'device_id' => $device,
            'code' => sprintf('%06d', random_int(0, 999_999)),
            'until' => $now + self::SECONDS,
            'token_id' => $phone,
        ]);
    }

    /** The code that is good for a panel now; null if none is. */
    public function code(string $device, int $now): ?PairingRecord
    {
        return PairingRecord::query()
            ->where('device_id', $device)
            ->where('until', '>', $now)
            ->where('wrong', '<', self::MOST_WRONG)
            ->where('used', false)
            ->first();
    }

    /**
     * Somebody elsewhere types a code. Each guess is counted before it is looked at, so that many at once are no more
     * than those that are allowed.
     *
     * @param string $name what the phone is called in the list
     * @param string $host by which it asked
     *
     * @return array{Guess, string, string} what came of it; the token and its panel, if it was right
     */
    public function guess(string $code, string $name, int $now, string $host = ''): array
    {
        $isCounted = PairingRecord::query()
            ->where('until', '>', $now)
            ->where('wrong', '<', self::MOST_WRONG)
            ->where('used', false)
            ->increment('wrong') === 1;
        $pairing = $isCounted ? PairingRecord::query()->first() : null;
        if ($pairing === null) {
            return [PairingRecord::query()->exists() ? Guess::Over : Guess::None, '', ''];
        }
        if (! hash_equals($pairing->code, $code)) {
            return [$pairing->wrong >= self::MOST_WRONG ? Guess::Over : Guess::Wrong, '', ''];
        }
        if (PairingRecord::query()->where('id', $pairing->id)->where('used', false)->update(['used' => true]) !== 1) {
            return [Guess::Over, '', ''];
        }

        $known = $pairing->token_id === '' ? null : TokenRecord::query()->find($pairing->token_id);

        return [
            Guess::Right,
            $known === null ? $this->tokens->forPanel($name, $pairing->device_id, $host)
                : $this->tokens->again($known, $host),
            $pairing->device_id,
        ];
    }

    /** @return Collection<int, TokenRecord> phones that are paired with a panel, the latest first */
    public function paired(string $device): Collection
    {
        return TokenRecord::query()->orderByDesc('created_at')->get()->filter(
            fn (TokenRecord $token) => $token->panelOf() === $device,
        )->values();
    }

    /** What a phone gets from now on; null if there is none of that id. */
    public function give(string $id, Grant $gets): ?TokenRecord
    {
        $phone = TokenRecord::query()->find($id);
        if ($phone === null || $phone->panelOf() === '') {
            return null;
        }
        $phone->update(['scope' => $gets->scope($phone->panelOf())->toArray()]);

        return $phone;
    }

    /** @return ?string name of the phone; null if there is none of that id */
    public function takeAway(string $id): ?string
    {
        $phone = TokenRecord::query()->find($id);
        if ($phone === null || $phone->panelOf() === '') {
            return null;
        }
        $phone->delete();

        return $phone->name;
    }

    /** @return int how many there were */
    public function takeAllAway(string $device): int
    {
        $phones = $this->paired($device);
        $phones->each->delete();

        return $phones->count();
    }
}
