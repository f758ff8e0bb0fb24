<?php

declare(strict_types=1);

namespace App\View\Make;

use App\Models\PairingRecord;
use App\Models\TokenRecord;
use App\Pairing\Grant;
use App\Pairing\PhonePairing;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** The phones of a panel, as the desk shows them: the code for the next one, and those that are paired. */
final readonly class Phones
{
    /**
     * @param list<string>                 $addresses that a phone can reach
     * @param Collection<int, TokenRecord> $paired
     * @param list<string>                 $hosts  of this machine
     * @param array{phone?: string, gets?: string} $asked what a phone is to be given, if it is meant
     * @param bool $isDesk is it this machine, or a tablet that has everything? Nobody else sees a code: it lets in
     */
    private function __construct(
        public bool $isDesk,
        public bool $isOpen,
        public array $addresses,
        private ?PairingRecord $pairing,
        public Collection $paired,
        private int $now,
        private array $hosts,
        private array $asked,
    ) {}

    public static function of(PhonePairing $pairing, string $device, Request $request, Grant $gets, int $now): self
    {
        $isDesk = $gets === Grant::All;
        /** @var array<int, string> $hosts */
        $hosts = config('app.hosts', []);

        return new self(
            $isDesk,
            config('nailrod.open') === true,
            array_map(
                fn (string $host) => sprintf('http://%s:%d/pair', $host, $request->getPort()),
                array_values($hosts),
            ),
            $isDesk ? $pairing->code($device, $now) : null,
            $pairing->paired($device),
            $now,
            array_values($hosts),
            (array) $request->session()->get('asked', []),
        );
    }

    /** The code, in two halves; empty if none is good. */
    public function code(): string
    {
        return $this->pairing === null ? '' : chunk_split($this->pairing->code, 3, ' ');
    }

    /** What the picture says: the address with the code behind it, which no server is told by opening it. */
    public function link(): string
    {
        return $this->pairing === null || $this->addresses === [] ? '' : $this->addresses[0].'#'.$this->pairing->code;
    }

    /** How long the code is good, in words. */
    public function left(): string
    {
        $minutes = (int) ceil((($this->pairing->until ?? 0) - $this->now) / 60);

        return sprintf('Good for %d %s. Five wrong guesses end it.', $minutes, $minutes === 1 ? 'minute' : 'minutes');
    }

    /** Was it paired by an address that this machine no longer has? */
    public function isLost(TokenRecord $phone): bool
    {
        return $phone->host !== '' && ! in_array($phone->host, $this->hosts, true);
    }

    /** The name of the phone that the code is for, if that is paired already; empty for a new one. */
    public function codeFor(): string
    {
        return $this->paired->firstWhere('id', $this->pairing->token_id ?? '')->name ?? '';
    }

    /** What a phone is to be given, if it is meant; null if that is not asked. */
    public function asked(TokenRecord $phone): ?Grant
    {
        return ($this->asked['phone'] ?? '') === $phone->id ? Grant::tryFrom($this->asked['gets'] ?? '') : null;
    }

    public function seen(TokenRecord $phone): string
    {
        return $phone->seen === 0 ? 'not seen yet' : 'seen '.Carbon::createFromTimestamp($phone->seen)->diffForHumans(
            Carbon::createFromTimestamp($this->now),
            ['syntax' => Carbon::DIFF_RELATIVE_TO_NOW],
        );
    }
}
