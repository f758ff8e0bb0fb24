<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\Run;

/** A direction of a hat of the controller. Two neighbours together give the diagonal, opposite ones cancel. */
final readonly class HatDirection implements ContactOutput
{
    public const MOST = 4;
    public const DIRECTIONS = ['north', 'east', 'south', 'west'];

    public function __construct(public int $number, public string $direction) {}

    public static function kind(): string
    {
        return 'hat';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'number', 'direction']);

        return new self($node->get('number')->int(1, self::MOST), $node->get('direction')->oneOf(self::DIRECTIONS));
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'number' => $this->number, 'direction' => $this->direction];
    }

    public function inWords(): string
    {
        return 'hat '.$this->number.' '.$this->direction;
    }

    public function isHeld(): bool
    {
        return true;
    }

    public function startsWhenFound(Run $run): bool
    {
        return true;
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        $run->hats->hold($this->number, (int) array_search($this->direction, self::DIRECTIONS, true), $source, $cause);
    }

    public function release(Run $run, string $source, Cause $cause): void
    {
        $run->hats->letGo($this->number, (int) array_search($this->direction, self::DIRECTIONS, true), $source, $cause);
    }
}
