<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Format\Node;

/** An output that does something to a macro of the set at every press. */
abstract readonly class MacroOutput implements ContactOutput, NamesPart
{
    use NamesOnePart;
    use OnEveryPress;

    final public function __construct(public string $macro) {}

    public static function read(Node $node): static
    {
        $node->only(['kind', 'macro']);

        return new static($node->get('macro')->id());
    }

    public function names(): array
    {
        return [[self::MACRO, $this->macro]];
    }

    public function toArray(): array
    {
        return ['kind' => static::kind(), 'macro' => $this->macro];
    }
}
