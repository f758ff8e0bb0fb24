<?php

declare(strict_types=1);

namespace App\Gate;

use App\Rig\Asker;
use App\Rig\Room;
use React\EventLoop\LoopInterface;
use React\Socket\ConnectionInterface;
use React\Socket\Connector;
use React\Socket\TcpServer;

/**
 * Where the house comes in. PHP's own server takes a request whole, however long it is and however slowly it comes,
 * before any of our code sees it; so it listens to this machine only, and all others come through here, each request
 * whole and within limits, and each with a field that says that it comes from elsewhere.
 */
final class Gate
{
    /** Bytes of long bodies that may be on their way at a time, all together. */
    public const MOST_UNDER_WAY = 16_777_216;

    private const LOOKS_S = 1.0;

    /** @var array<int, Passage> */
    private array $passages = [];

    private readonly Room $room;

    private readonly Connector $connector;

    /** @param int $port of the pages on this machine, and here on each address */
    public function __construct(private readonly LoopInterface $loop, private readonly int $port)
    {
        $this->room = Room::atTheGate();
        $this->connector = new Connector(['timeout' => 5.0, 'dns' => false], $loop);
        $loop->addPeriodicTimer(self::LOOKS_S, function (): void {
            $now = microtime(true);
            array_map(fn (Passage $passage) => $passage->look($now), $this->passages);
        });
    }

    /**
     * From now on it lets in who comes to an address of this machine in the house.
     *
     * @throws \RuntimeException if nothing can listen there
     */
    public function listen(string $address): void
    {
        $socket = new TcpServer($address.':'.$this->port, $this->loop);
        $socket->on('connection', $this->connected(...));
        $socket->on('error', static function (): void {});
    }

    private function connected(ConnectionInterface $socket): void
    {
        $asker = Asker::at((string) $socket->getRemoteAddress());
        if ($this->room->isFullFor(array_values($this->passages), $asker) !== null) {
            $socket->close();

            return;
        }
        $id = spl_object_id($socket);
        $underWay = fn (): int => array_sum(array_map(fn (Passage $passage): int => $passage->long(), $this->passages));
        $hasRoom = fn (int $bytes): bool => $bytes + $underWay() <= self::MOST_UNDER_WAY;
        $this->passages[$id] = new Passage($socket, $asker, $this->connector, '127.0.0.1:'.$this->port, $hasRoom);
        $this->room->take($this->passages[$id], $asker);
        $socket->on('close', function () use ($id): void {
            unset($this->passages[$id]);
        });
    }
}
