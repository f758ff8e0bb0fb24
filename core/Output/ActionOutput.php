<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Format\Node;

/** An action of the simulator. The set says by which way it is reached, and the compiler puts that way in its place. */
final readonly class ActionOutput implements Output
{
    public function __construct(public string $action) {}

    public static function kind(): string
    {
        return 'action';
    }

    public static function read(Node $node): self
    {
        return new self($node->only(['kind', 'action'])->get('action')->id());
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'action' => $this->action];
    }

    public function inWords(): string
    {
        return 'action '.$this->action;
    }
}
