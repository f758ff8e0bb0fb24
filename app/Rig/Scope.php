<?php

declare(strict_types=1);

namespace App\Rig;

/** What a token allows. */
final readonly class Scope
{
    /**
     * @param bool         $all   everything, as pages on this machine may
     * @param list<string> $feeds devices that it may move
     * @param list<string> $games simulators whose variables it may tell
     */
    public function __construct(public bool $all = false, public bool $see = false, public bool $order = false, public array $feeds = [], public array $games = []) {}

    public function maySee(): bool
    {
        return $this->all || $this->see;
    }

    public function mayOrder(): bool
    {
        return $this->all || $this->order;
    }

    public function mayOpenHand(): bool
    {
        return $this->all || $this->feeds !== [] || $this->games !== [];
    }

    /**
     * @param string $port      of an input
     * @param string $simulator id of the one in play; empty if none is
     */
    public function mayFeed(string $port, string $simulator): bool
    {
        $device = explode('/', $port, 2)[0];

        return $this->all || in_array($device, $this->feeds, true) || ($device === 'sim' && in_array($simulator, $this->games, true));
    }

    /** @return array{see: bool, order: bool, feeds: list<string>, games: list<string>} */
    public function toArray(): array
    {
        return ['see' => $this->see, 'order' => $this->order, 'feeds' => $this->feeds, 'games' => $this->games];
    }

    /** @param array<string, mixed> $written as toArray() gave it */
    public static function of(array $written): self
    {
        $words = fn (string $name): array => array_values(array_filter((array) ($written[$name] ?? []), is_string(...)));

        return new self(see: ($written['see'] ?? false) === true, order: ($written['order'] ?? false) === true, feeds: $words('feeds'), games: $words('games'));
    }

    /** @return list<string> what it allows, in words */
    public function inWords(): array
    {
        return array_merge($this->all ? ['everything'] : [], $this->see ? ['sees what happens'] : [], $this->order ? ['gives orders'] : [], array_map(fn (string $device) => 'moves '.$device, $this->feeds), array_map(fn (string $game) => 'is '.$game, $this->games));
    }
}
