<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\Article;
use Nailrod\Core\Format\Node;

/** What names an input or a lamp of the rig: device/control. */
final readonly class Reference implements Type
{
    public const AXIS = 'axis';
    public const CONTACT = 'contact';
    public const LAMP = 'lamp';

    /** @param string $sort one of the constants */
    public function __construct(public string $sort) {}

    public function read(Node $node): string
    {
        return $node->string(120);
    }

    public function schema(): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => 120];
    }

    public function inWords(): string
    {
        return Article::before($this->sort).' by its reference';
    }

    public function unit(): string
    {
        return '';
    }

    public function example(): string
    {
        return match ($this->sort) {
            self::AXIS => 'fennel/left-lever',
            self::CONTACT => 'fennel/mark',
            default => 'fennel/lamp-1',
        };
    }

    public function renamed(mixed $value, callable $as): mixed
    {
        return is_string($value) ? $as($this->sort, $value) : $value;
    }
}
