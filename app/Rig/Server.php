<?php

declare(strict_types=1);

namespace App\Rig;

use App\Storage\StoreRefuses;
use React\EventLoop\LoopInterface;
use React\EventLoop\TimerInterface;
use React\Socket\ConnectionInterface;
use React\Socket\TcpServer;

/** The loop of the rig's process: connections, timers, what is looked at now and then. */
final class Server
{
    /** How often it is looked whether the store was written to, in seconds: an edit is under the hands that soon. */
    private const LOOKS = 0.025;

    /** How long who reads slowly is waited for at the end, in seconds. */
    private const FAREWELL = 1.0;

    /** @var array<int, Connection> */
    private array $connections = [];

    private ?TimerInterface $timer = null;

    private ?int $due = null;

    private int $seconds = 0;

    private int $version = -1;

    private bool $isEnding = false;

    private readonly TcpServer $socket;

    private readonly Room $room;

    /** @throws \RuntimeException if the port is in use */
    public function __construct(
        private readonly LoopInterface $loop,
        private readonly RigService $rig,
        private readonly Calls $calls,
        private readonly Tokens $tokens,
        private readonly KnownTokens $known,
        private readonly Door $door,
        private readonly Health $health,
        private readonly \PDO $store,
        private readonly RigLog $log,
        private readonly Snapshot $snapshot,
        string $address,
        int $port,
    ) {
        $this->room = Room::forConnections();
        $this->socket = new TcpServer($address.':'.$port, $loop);
        $this->socket->on('connection', $this->connected(...));
        $this->socket->on('error', static function (): void {});
    }

    public function run(): void
    {
        $this->loop->addPeriodicTimer(self::LOOKS, fn () => $this->guarded($this->look(...)));
        $this->loop->addPeriodicTimer(1.0, fn () => $this->guarded($this->second(...)));
        foreach ([SIGTERM, SIGINT, SIGHUP] as $signal) {
            $this->loop->addSignal($signal, $this->end(...));
        }
        $this->arm();
        $this->loop->run();
        $this->socket->close();
    }

    private function connected(ConnectionInterface $socket): void
    {
        $asker = Asker::at((string) $socket->getRemoteAddress());
        if ($this->isEnding || $this->room->isFullFor(array_values($this->connections), $asker) !== null) {
            $socket->close();

            return;
        }
        $id = spl_object_id($socket);
        $this->connections[$id] = new Connection(
            $this->loop,
            $socket,
            $this->calls,
            $this->tokens,
            $this->door,
            $this->after(...),
            $this->log->error(...),
        );
        $this->room->take($this->connections[$id], $asker);
        $socket->on('close', function () use ($id): void {
            unset($this->connections[$id]);
            if ($this->isEnding && $this->connections === []) {
                $this->loop->stop();
            }
        });
    }

    /** All is let go of and told; the loop goes on until that is sent, or for a second. */
    private function end(): void
    {
        if ($this->isEnding) {
            return;
        }
        $this->isEnding = true;
        $this->guarded($this->rig->end(...));
        $this->socket->close();
        if ($this->connections === []) {
            $this->loop->stop();
        }
        foreach ($this->connections as $connection) {
            $connection->finish();
        }
        $this->loop->addTimer(self::FAREWELL, $this->loop->stop(...));
    }

    /** Something was taken: what follows from it is told, and the next timer set. */
    private function after(): void
    {
        if ($this->isEnding) {
            return;
        }
        if ($this->due !== null) {
            $this->health->late($this->rig->clock->now() - $this->due);
        }
        $this->guarded($this->rig->run(...));
        if ($this->rig->isToEnd) {
            $this->loop->futureTick($this->end(...));
        }
        $this->arm();
    }

    private function arm(): void
    {
        $wait = $this->rig->wait();
        $due = $wait === null ? null : $this->rig->clock->now() + $wait;
        if ($this->timer !== null) {
            if ($due === $this->due) {
                return;
            }
            $this->loop->cancelTimer($this->timer);
        }
        $this->due = $due;
        $this->timer = $wait === null ? null : $this->loop->addTimer($wait / 1e6, $this->fire(...));
    }

    private function fire(): void
    {
        $this->timer = null;
        $this->after();
    }

    /** Has anybody else written to the store? What cannot be read just now is looked at again. */
    private function look(): void
    {
        if ($this->isEnding) {
            return;
        }
        try {
            $version = $this->version();
            if ($version !== $this->version || $this->rig->isToReread) {
                $this->known->read();
                foreach ($this->connections as $connection) {
                    $connection->lookAtToken();
                }
                StoreRefuses::whenDoing($this->rig->reread(...));
                $this->version = $version;
                $this->arm();
            }
        } catch (StoreRefuses) {
            // Somebody holds it: again in a moment.
            return;
        }
    }

    /** @throws StoreRefuses if it cannot be read just now */
    private function version(): int
    {
        return StoreRefuses::whenDoing(function (): int {
            $answer = $this->store->query('PRAGMA data_version');

            return $answer === false ? 0 : (int) $answer->fetchColumn();
        });
    }

    private function second(): void
    {
        if ($this->isEnding) {
            return;
        }
        $this->seconds++;
        // What must not be lost comes first.
        $this->rig->save();
        $this->health->second($this->rig);
        $this->rig->eyes->say('beat', ['clock' => $this->rig->clock->now(), 'new_code' => $this->health->isCodeNew()]);
        $this->rig->eyes->say('here', $this->health->here($this->rig));
        if ($this->seconds === Snapshot::SOON) {
            $this->snapshot->isGood();
        }
        $now = microtime(true);
        foreach ($this->connections as $connection) {
            $connection->look($now);
        }
        $this->after();
    }

    /** A fault in one thing does not end the others. */
    private function guarded(\Closure $do): void
    {
        try {
            $do();
        } catch (\Throwable $error) {
            $this->log->error($error);
        }
    }
}
