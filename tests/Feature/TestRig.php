<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Recordings\Recordings;
use App\Rig\Brought;
use App\Rig\Calls;
use App\Rig\Health;
use App\Rig\Orders;
use App\Rig\Reply;
use App\Rig\RigService;
use App\Rig\Scope;
use App\Rig\Snapshot;
use App\Rig\Subscriber;
use App\Sets\Programs;
use App\Sets\SetStore;
use Illuminate\Http\Client\Factory;
use Illuminate\Support\Facades\Http;

/** The rig without its process, under a clock that a test moves: one hand, one eye that sees everything. */
final class TestRig
{
    public readonly RigService $rig;

    public readonly Calls $calls;

    public readonly TestClock $clock;

    public readonly Health $health;

    public string $hand = '';

    public int $n = 0;

    public ?Subscriber $eye = null;

    /** @var array<string, mixed> */
    public array $picture = [];

    /** @var list<string> notices */
    public array $said = [];

    /** @var list<array<string, mixed>> what was on when the eye opened */
    public array $on = [];

    /** @var list<array<string, mixed>> rows of lamps that no hand lights, which pages draw in no lane */
    public array $byItself = [];

    /** @var array<string, list<mixed>> what was told since it was asked last, by kind */
    private array $told = [];

    public function __construct(public readonly string $snapshot, string $set = 'skerrywing', bool $withHand = true)
    {
        $this->clock = new TestClock;
        $this->rig = new RigService(
            app(SetStore::class),
            app(Programs::class),
            app(Recordings::class),
            new Snapshot($snapshot),
            $this->clock,
        );
        $this->rig->begin();
        if ($set !== '') {
            $this->rig->play($set);
        }
        $this->calls = new Calls($this->rig, new Orders, $this->health = new Health, app(Brought::class));
        // What the pages ask the rig themselves.
        Http::swap(new Factory);
        Http::fake(['127.0.0.1*' => fn () => Http::response($this->call('GET', '/survey')->body)]);
        if ($withHand) {
            $this->look();
            $this->hand = $this->open('Test');
        }
    }

    public function look(string $last = '', string $sheets = ''): void
    {
        $this->eye = $this->calls->look(['look' => $sheets], $last, new Scope(all: true), $this->hear(...));
    }

    public function open(string $name, string $kind = 'page', string ...$devices): string
    {
        return (string) $this->call(
            'POST',
            '/hands',
            ['name' => $name, 'kind' => $kind, 'devices' => array_values($devices)],
        )->body['hand'];
    }

    /** @param array<string, mixed> $body */
    public function call(string $method, string $path, array $body = [], ?Scope $scope = null): Reply
    {
        return $this->calls->answer(
            $method,
            $path,
            json_encode((object) $body, JSON_THROW_ON_ERROR),
            $scope ?? new Scope(all: true),
        );
    }

    /** @param array<string, mixed> $more */
    public function order(string $order, array $more = []): Reply
    {
        return $this->call('POST', '/orders', ['order' => $order] + $more);
    }

    /**
     * The next batch, and all that an eye sees after it.
     *
     * @param list<array{int, string, int|float}> $inputs times in µs of the rig's clock
     * @param int                                 $to     time after it
     * @param array<string, mixed>                $more   of the batch
     *
     * @return array<string, mixed> the picture, and as lists lines, sent, game, problems
     */
    public function step(array $inputs, int $to, array $more = []): array
    {
        $this->clock->time = max($this->clock->time, $to);
        $this->isAlive();
        $reply = $this->call(
            'POST',
            '/hands/'.$this->hand,
            ['n' => ++$this->n, 't' => $this->clock->time, 'inputs' => $inputs] + $more,
        );
        if ($reply->status !== 200) {
            throw new \UnexpectedValueException((string) json_encode($reply->body));
        }

        return $this->seen() + ['problems' => $reply->body['problems']];
    }

    /** @return array<string, mixed> the picture as it is now, and what happened since it was asked last */
    public function seen(?int $to = null): array
    {
        $this->clock->time = max($this->clock->time, $to ?? 0);
        $this->isAlive();
        $this->rig->reread();
        $this->rig->run();
        $this->rig->tell();
        $told = $this->told;
        $this->told = [];

        return $this->picture + [
            'lines' => array_values(array_filter($told['tape'] ?? [], fn ($line) => ! isset($line['problem']))),
            'sent' => $told['rows'] ?? [], 'game' => $told['game'] ?? [],
            'problem' => array_column(
                array_filter($told['tape'] ?? [], fn ($line) => isset($line['problem'])),
                'parts',
            )[0][0] ?? '',
        ];
    }

    /** As a page says once a second. */
    private function isAlive(): void
    {
        $hand = $this->rig->hand($this->hand);
        if ($hand !== null) {
            $hand->heard = $this->clock->time;
        }
    }

    private function hear(string $frames): void
    {
        foreach (explode("\n\n", trim($frames)) as $frame) {
            $kind = preg_match('/^event: (\w+)$/m', $frame, $match) === 1 ? $match[1] : '';
            $data = preg_match('/^data: (.*)$/m', $frame, $match) === 1 ? json_decode($match[1], true) : null;
            if ($kind === 'picture' && is_array($data)) {
                $this->merge($data);
            } elseif ($kind === 'rows' && is_array($data)) {
                $this->rows($data);
            } elseif (in_array($kind, ['game', 'tape'], true) && is_array($data)) {
                $this->told[$kind] = [...$this->told[$kind] ?? [], ...$data];
            } elseif ($kind === 'said' && is_array($data)) {
                $this->said[] = $data['said'];
                $this->picture['said'] = $data;
            } elseif ($kind === 'played' && is_array($data)) {
                $this->picture['played_said'] = $data['said'];
            } else {
                $this->picture[$kind] = $data;
            }
        }
    }

    /** @param list<array<string, mixed>> $rows */
    private function rows(array $rows): void
    {
        foreach ($rows as $row) {
            if ($row['now'] ?? false) {
                $this->on[] = $row;
            } elseif ($row['by_itself'] ?? false) {
                $this->byItself[] = $row;
            } else {
                $this->told['rows'][] = $row;
            }
        }
    }

    /** @param array<string, mixed> $changes */
    private function merge(array $changes): void
    {
        $entries = $changes['in'] ?? [];
        unset($changes['in']);
        $this->picture = $changes + $this->picture;
        foreach ($entries as $name => $part) {
            $this->picture[$name] = array_filter($part + $this->picture[$name], fn ($value) => $value !== null);
        }
        unset($this->picture['whole']);
    }
}
