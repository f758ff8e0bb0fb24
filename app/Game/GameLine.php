<?php

declare(strict_types=1);

namespace App\Game;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;

/** The line of a game outside to the rig: what was sent comes over it, and what became another goes. */
final class GameLine
{
    /** A sign of life is due after so long, in µs, though nothing has changed. */
    private const LIFE = 1_000_000;

    private ?EventStream $stream = null;

    private string $hand = '';

    private int $n = 0;

    private int $said = 0;

    /**
     * @var ?list<array<array-key, mixed>> all that is on, as the rig told it when it was reached; null once that was
     *    asked for
     */
    private ?array $whole = null;

    /** Do the next rows say all that is on? */
    private bool $isWholeNext = false;

    /**
     * How far the clock of the game is ahead of that of this process, in µs: as that of the rig was when the line was
     * opened first.
     */
    private ?int $ahead = null;

    /** How far the clock of the game is ahead of that of the rig, in µs: one that has begun anew may have gone back. */
    private int $shift = 0;

    public function __construct(
        private readonly string $rig,
        private readonly string $token,
        private readonly string $name,
    ) {}

    /** @throws \RuntimeException if the rig does not answer, or refuses */
    public function open(): void
    {
        $this->stream = EventStream::open($this->rig, 'see=rows', $this->token);
        $hand = $this->post('/hands', ['name' => $this->name, 'kind' => 'game']);
        $this->hand = '/hands/'.(is_string($hand['hand'] ?? null) ? $hand['hand'] : '');
        $ahead = (is_int($hand['clock'] ?? null) ? $hand['clock'] : 0) - self::clock();
        $this->ahead ??= $ahead;
        $this->shift = $this->ahead - $ahead;
        [$this->n, $this->said] = [0, 0];
    }

    /** In µs of the game's clock, which only goes forward. */
    public function now(): int
    {
        return self::clock() + ($this->ahead ?? 0);
    }

    /**
     * What the rig has sent until then, at times of the game's clock.
     *
     * @param int $wait at most, in µs, if nothing has come
     *
     * @return list<array<array-key, mixed>>
     *
     * @throws \RuntimeException if the rig has gone
     */
    public function rows(int $wait): array
    {
        $rows = [];
        foreach (
            $this->stream?->events(max(0, $wait) / 1e6)
                ?? throw new \RuntimeException('The rig has gone.') as [$kind, $data]
        ) {
            if ($kind === 'hello') {
                $this->isWholeNext = is_array($data) && ($data['whole'] ?? false) === true;
            } elseif ($kind === 'rows' && is_array($data)) {
                $told = array_map($this->atGame(...), array_values(array_filter($data, is_array(...))));
                if ($this->isWholeNext) {
                    [$this->whole, $this->isWholeNext, $rows] = [$told, false, []];
                } else {
                    array_push($rows, ...$told);
                }
            }
        }

        return $rows;
    }

    /** @return ?list<array<array-key, mixed>> all that is on, if the rig was reached anew since this was asked last */
    public function whole(): ?array
    {
        $whole = $this->whole;
        $this->whole = null;

        return $whole;
    }

    /**
     * @param array<array-key, mixed> $row
     *
     * @return array<array-key, mixed> the same at the time of the game's clock
     */
    private function atGame(array $row): array
    {
        return is_int($row['t'] ?? null) ? ['t' => $row['t'] + $this->shift] + $row : $row;
    }

    /**
     * @param list<array{int, string, float}> $inputs
     *
     * @throws \RuntimeException if the rig does not answer, or refuses
     */
    public function tell(array $inputs): void
    {
        $now = $this->now();
        if ($inputs !== [] || $now > $this->said + self::LIFE) {
            $this->post($this->hand, ['n' => ++$this->n, 't' => $now, 'inputs' => $inputs]);
            $this->said = $now;
        }
    }

    public function close(): void
    {
        try {
            Http::withToken($this->token)->delete($this->rig.$this->hand);
        } catch (ConnectionException) {
            // It has gone before.
        }
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array<array-key, mixed>
     */
    private function post(string $path, array $body): array
    {
        try {
            $answer = Http::withToken($this->token)->post($this->rig.$path, $body);
        } catch (ConnectionException) {
            throw new \RuntimeException('The rig does not answer at '.$this->rig.'.');
        }

        return $answer->successful() ? (array) $answer->json()
            : throw new \RuntimeException((string) $answer->json('problem'));
    }

    private static function clock(): int
    {
        return intdiv(hrtime(true), 1000);
    }
}
