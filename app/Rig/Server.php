<?php

declare(strict_types=1);

namespace App\Rig;

use React\EventLoop\LoopInterface;
use React\EventLoop\TimerInterface;
use React\Socket\ConnectionInterface;
use React\Socket\TcpServer;

/** The loop of the rig's process: connections, timers, what is looked at now and then. */
final class Server
{
    private const MOST_CONNECTIONS = 200;

    /** How often it is looked whether the store was written to, in seconds: an edit is under the hands that soon. */
    private const LOOKS = 0.025;

    /** @var array<int, Connection> */
    private array $connections = [];

    private ?TimerInterface $timer = null;

    private ?int $due = null;

    private int $seconds = 0;

    private int $version = -1;

    private readonly TcpServer $socket;

    /** @throws \RuntimeException if the port is in use */
    public function __construct(
        private readonly LoopInterface $loop,
        private readonly Resident $rig,
        private readonly Calls $calls,
        private readonly Tokens $tokens,
        private readonly Door $door,
        private readonly Health $health,
        private readonly \PDO $store,
        private readonly RigLog $log,
        private readonly Snapshot $snapshot,
        string $address,
        int $port,
    ) {
        $this->socket = new TcpServer($address.':'.$port, $loop);
        $this->socket->on('connection', $this->connected(...));
        $this->socket->on('error', static function (): void {});
    }

    public function run(): void
    {
        $this->version = $this->version();
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
        if (count($this->connections) >= self::MOST_CONNECTIONS) {
            $socket->close();

            return;
        }
        $id = spl_object_id($socket);
        $this->connections[$id] = new Connection($this->loop, $socket, $this->calls, $this->tokens, $this->door, $this->after(...), $this->log->error(...));
        $socket->on('close', function () use ($id): void {
            unset($this->connections[$id]);
        });
    }

    private function end(): void
    {
        $this->guarded($this->rig->end(...));
        $this->loop->stop();
    }

    /** Something was taken: what follows from it is told, and the next timer set. */
    private function after(): void
    {
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

    /** Has anybody else written to the store? */
    private function look(): void
    {
        $version = $this->version();
        if ($version !== $this->version) {
            $this->version = $version;
            foreach ($this->connections as $connection) {
                $connection->lookAtToken();
            }
            $this->rig->reread();
            $this->arm();
        }
    }

    private function version(): int
    {
        $answer = $this->store->query('PRAGMA data_version');

        return $answer === false ? 0 : (int) $answer->fetchColumn();
    }

    private function second(): void
    {
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
