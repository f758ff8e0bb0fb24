<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** One character that can be seen, or a space. */
final readonly class Character implements Type
{
    use NamesNothing;

    /** @param bool $orNone may there be none, an empty text? */
    public function __construct(private bool $orNone = false) {}

    /** @throws FormatError */
    public function read(Node $node): string
    {
        if ($this->orNone && $node->value === '') {
            return '';
        }
        $character = $node->string(1);

        return preg_match('/\p{C}/u', $character) === 1 ? throw $node->refuse(
            'a character that can be seen, or a space',
        ) : $character;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'minLength' => $this->orNone ? 0 : 1, 'maxLength' => 1];
    }

    public function inWords(): string
    {
        return 'a character that can be seen, or a space'.($this->orNone ? ', or an empty text' : '');
    }

    public function unit(): string
    {
        return '';
    }

    public function example(): string
    {
        return 'é';
    }
}
