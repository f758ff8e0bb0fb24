<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\Node;

/** The id of something that the set or its simulator has: a layer, a stop, a variable. */
final readonly class Id implements Type
{
    public const LAYER = 'layer';
    public const STOP = 'stop';
    public const FLAG = 'flag';
    public const MACRO = 'macro';
    public const VARIABLE = 'variable';
    public const ACTION = 'action';
    public const GROUP = 'group';

    /**
     * @param string $sort   one of the constants
     * @param bool   $isRead is it only looked at? A variable can then be a gauge, which cannot be written
     */
    public function __construct(public string $sort, public bool $isRead = false) {}

    public function read(Node $node): string
    {
        return $node->id();
    }

    public function schema(): array
    {
        return ['$ref' => '#/$defs/id'];
    }

    public function inWords(): string
    {
        return 'the id of '.($this->sort === self::ACTION ? 'an ' : 'a ').$this->sort;
    }

    public function unit(): string
    {
        return '';
    }

    public function example(): string
    {
        return match ($this->sort) {
            self::LAYER => 'water',
            self::STOP => 'cruise',
            self::FLAG => 'armed',
            self::MACRO => 'harbour-call',
            self::VARIABLE => 'flaps',
            self::GROUP => 'lights',
            default => 'anchor-light',
        };
    }

    public function renamed(mixed $value, callable $as): mixed
    {
        return is_string($value) ? $as($this->sort, $value) : $value;
    }
}
