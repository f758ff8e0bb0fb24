<?php

declare(strict_types=1);

namespace App\Bench;

use App\Recordings\Recordings;
use App\Rig\Brought;
use App\Rig\Calls;
use App\Rig\Health;
use App\Rig\Orders;
use App\Rig\RigService;
use App\Rig\Scope;
use App\Rig\Snapshot;
use App\Rig\SteadyClock;
use App\Sets\Programs;
use App\Sets\SetStore;
use Nailrod\Core\Rig\Device\AxisInput;

/** The rig at work, without its sockets: what a step costs with its picture and its events, and how much it takes. */
final class RigBench
{
    private const ROUNDS = 200;
    private const HANDS = 8;

    /** Readings a second of each hand. */
    private const RATE = 8000;

    /** Batches a second of each hand. */
    private const BATCHES = 40;

    public function __construct(
        private readonly SetStore $sets,
        private readonly Programs $programs,
        private readonly Recordings $recordings,
        private readonly Measurement $emptyPage,
    ) {}

    /**
     * @param int $seconds of readings
     *
     * @return list<Measurement>
     */
    public function figures(string $set, string $large, int $seconds): array
    {
        return [
            (
                new Measurement('a step of the rig, picture and events made', $this->step($set), 'ms')
            )->against($this->emptyPage),
            (new Measurement('the same in the large set', $this->step($large), 'ms'))->against($this->emptyPage),
            ...$this->much($set, $seconds),
        ];
    }

    private function rig(string $set): Calls
    {
        $rig = new RigService(
            $this->sets,
            $this->programs,
            $this->recordings,
            new Snapshot((string) tempnam(sys_get_temp_dir(), 'nailrod')),
            new SteadyClock,
        );
        $rig->begin();
        $rig->play($set);
        $calls = new Calls($rig, new Orders, new Health, app(Brought::class));
        $calls->look([], '', new Scope(all: true), static function (): void {});

        return $calls;
    }

    private function open(Calls $calls): string
    {
        return (string) $calls->answer(
            'POST',
            '/hands',
            '{"name":"Bench","kind":"recording"}',
            new Scope(all: true),
        )->body['hand'];
    }

    /** @return float in ms, the middle of many */
    private function step(string $set): float
    {
        $calls = $this->rig($set);
        $hand = $this->open($calls);
        [$axis, $contact] = [
            array_key_first($calls->rig->work()->set->rig->axes),
            array_key_first(array_filter(
                $calls->rig->work()->set->rig->contacts,
                fn ($contact) => $contact->isReported() && $contact->hat === null,
            )),
        ];
        $times = [];
        for ($n = 1; $n <= self::ROUNDS; $n++) {
            $body = json_encode([
                'n' => $n,
                't' => 33_000 * $n,
                'inputs' => [
                    ...$axis === null ? [] : [[33_000 * $n - 5000, $axis, 100 + 7 * $n]],
                    [33_000 * $n - 200, $contact, $n % 2],
                ],
            ]);
            $start = hrtime(true);
            $calls->answer('POST', '/hands/'.$hand, (string) $body, new Scope(all: true));
            $calls->rig->run();
            $calls->rig->tell();
            $times[] = (hrtime(true) - $start) / 1e6;
            usleep(200);
        }
        sort($times);

        return $times[intdiv(self::ROUNDS, 2)];
    }

    /** @return list<Measurement> */
    private function much(string $set, int $seconds): array
    {
        $calls = $this->rig($set);
        // What is built from others is reported by none.
        $axes = array_values(
            array_filter($calls->rig->work()->set->rig->axes, fn (AxisInput $axis) => ! $axis->isBuilt()),
        );
        $hands = array_map(fn () => $this->open($calls), range(1, self::HANDS));
        $before = memory_get_usage();
        $used = $taken = 0;
        $each = intdiv(self::RATE, self::BATCHES);
        for ($n = 1; $n <= self::BATCHES * $seconds; $n++) {
            foreach ($hands as $i => $hand) {
                $body = json_encode(['n' => $n, 'inputs' => $this->readings($axes, $i, $n, $each)]);
                $start = hrtime(true);
                $taken += (int) $calls->answer(
                    'POST',
                    '/hands/'.$hand,
                    (string) $body,
                    new Scope(all: true),
                )->body['taken'];
                $calls->rig->run();
                $used += hrtime(true) - $start;
            }
        }

        return [
            new Measurement('readings that '.self::HANDS.' hands send', self::HANDS * self::RATE * $seconds, 'rows'),
            new Measurement('of them taken', $taken, 'rows'),
            new Measurement('a core for 64,000 readings a second', $used / 1e9 / $seconds, 'cores'),
            new Measurement('memory that it grew by', (memory_get_usage() - $before) / 1_048_576, 'MB'),
        ];
    }

    /**
     * @param list<AxisInput> $axes
     *
     * @return list<array{int, string, int}>
     */
    private function readings(array $axes, int $hand, int $n, int $count): array
    {
        $rows = [];
        for ($i = 0; $i < $count; $i++) {
            $axis = $axes[($hand * 7 + $i % 4) % count($axes)];
            $t = intdiv(1_000_000, self::BATCHES) * $n + intdiv(1_000_000, self::RATE) * $i;
            $rows[] = [$t, $axis->ref, $axis->min + (int) round($axis->width() * (0.5 - 0.5 * cos($t / 300_000 + $i)))];
        }

        return $rows;
    }
}
