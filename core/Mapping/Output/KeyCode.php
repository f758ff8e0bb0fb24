<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\NamesNothing;
use Nailrod\Core\Format\Type\Type;
use Nailrod\Core\Rig\Device\KeyCodes;

/** A key by its W3C KeyboardEvent.code. */
final readonly class KeyCode implements Type
{
    use NamesNothing;

    /** @throws FormatError */
    public function read(Node $node): string
    {
        $code = $node->string(30);

        return KeyCodes::known($code) ? $code : throw $node->refuse('a key by its W3C code');
    }

    public function schema(): array
    {
        return ['type' => 'string', 'maxLength' => 30, 'pattern' => KeyCodes::pattern()];
    }

    public function inWords(): string
    {
        return 'a key by its W3C code, such as KeyL, Digit1, F8 or ArrowUp';
    }

    public function unit(): string
    {
        return '';
    }

    public function example(): string
    {
        return 'KeyL';
    }
}
