<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

/** What whoever asks for a plan wants of it. */
final readonly class Wishes
{
    public const OUTPUT = 'output';
    public const KEY = 'key';

    /**
     * @param array<string, list<string>> $refused   references that were turned down, by the first action of a proposal
     * @param ?list<string>               $devices   ids of those that are to be used; null for all
     * @param string                      $by        OUTPUT: by an output where the game takes one, KEY: by a key stroke
     * @param list<string>                $otherwise ids of actions that go the other of the two ways
     */
    public function __construct(
        public array $refused = [],
        public ?array $devices = null,
        public string $by = self::OUTPUT,
        public array $otherwise = [],
    ) {}

    public function uses(string $device): bool
    {
        return $this->devices === null || in_array($device, $this->devices, true);
    }

    public function isByKey(string $action): bool
    {
        return ($this->by === self::KEY) !== in_array($action, $this->otherwise, true);
    }
}
