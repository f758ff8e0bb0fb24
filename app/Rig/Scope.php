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
     * @param string       $panel the touch panel that it is: it moves that, and sees what is on it; empty for none
     * @param string       $phone name of the phone that is the panel; empty if it is not known
     * @param string       $of    id of the token by which the phone was paired; empty if it is none
     */
    public function __construct(
        public bool $all = false,
        public bool $see = false,
        public bool $order = false,
        public array $feeds = [],
        public array $games = [],
        public string $panel = '',
        public string $phone = '',
        public string $of = '',
    ) {}

    public function maySee(): bool
    {
        return $this->all || $this->see || $this->panel !== '';
    }

    public function mayOrder(): bool
    {
        return $this->all || $this->order;
    }

    public function mayOpenHand(): bool
    {
        return $this->all || $this->feeds !== [] || $this->games !== [] || $this->panel !== '';
    }

    /**
     * @param string $port      of an input
     * @param string $simulator id of the one in play; empty if none is
     */
    public function mayFeed(string $port, string $simulator): bool
    {
        $device = explode('/', $port, 2)[0];

        return $this->all || in_array($device, $this->feeds, true) || (
            $this->panel !== '' && $device === $this->panel
        ) || (
            $device === 'sim' && in_array($simulator, $this->games, true)
        );
    }

    /** The same, by the name of the phone that has it, and the id of its token. */
    public function ofPhone(string $name, string $of): self
    {
        return new self($this->all, $this->see, $this->order, $this->feeds, $this->games, $this->panel, $name, $of);
    }

    /** Does it see no more than what is on its panel? */
    public function isOnlyPanel(): bool
    {
        return $this->panel !== '' && ! $this->all && ! $this->see;
    }

    /** @return array{see: bool, order: bool, feeds: list<string>, games: list<string>, panel?: string, all?: true} */
    public function toArray(): array
    {
        return [
            'see' => $this->see,
            'order' => $this->order,
            'feeds' => $this->feeds,
            'games' => $this->games,
        ] + ($this->panel === '' ? [] : ['panel' => $this->panel] + ($this->all ? ['all' => true] : []));
    }

    /** @param array<string, mixed> $written as toArray() gave it */
    public static function of(array $written): self
    {
        $words = fn (string $name): array => array_values(
            array_filter((array) ($written[$name] ?? []), is_string(...)),
        );

        $panel = is_string($written['panel'] ?? null) ? $written['panel'] : '';

        return new self(
            all: $panel !== '' && ($written['all'] ?? false) === true,
            see: ($written['see'] ?? false) === true,
            order: ($written['order'] ?? false) === true,
            feeds: $words('feeds'),
            games: $words('games'),
            panel: $panel,
        );
    }

    /** @return list<string> what it allows, in words */
    public function inWords(): array
    {
        return array_merge(
            $this->all ? ['everything'] : [],
            $this->see ? ['sees what happens'] : [],
            $this->order ? ['gives orders'] : [],
            array_map(fn (string $device) => 'moves '.$device, $this->feeds),
            array_map(fn (string $game) => 'is '.$game, $this->games),
            $this->panel === '' ? [] : ['is the panel '.$this->panel],
        );
    }
}
