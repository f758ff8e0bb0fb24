<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** Bytes as pairs of hex digits, in lower case. */
final readonly class Hex implements Type
{
    use NamesNothing;

    /** @param string $what the bytes are of */
    public function __construct(private string $what, private int $most) {}

    /** @throws FormatError */
    public function read(Node $node): string
    {
        $hex = $node->string(2 * $this->most);

        return preg_match('/^(?:[0-9a-f]{2})+$/D', $hex) === 1 ? $hex : throw $node->refuse(
            'the bytes of '.$this->what.' as pairs of hex digits, in lower case',
        );
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => '^([0-9a-f]{2})+$', 'minLength' => 2, 'maxLength' => 2 * $this->most];
    }

    public function inWords(): string
    {
        return 'the bytes of '.$this->what.' as pairs of hex digits, in lower case, at most '.$this->most.' bytes';
    }

    public function unit(): string
    {
        return '';
    }

    public function example(): string
    {
        return '05010904';
    }
}
