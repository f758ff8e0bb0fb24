<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** One of the numbered outputs of the controller that the game sees; the set gives them away by number. */
interface IsNumbered extends Output
{
    public function number(): int;

    /** The same output with another number. */
    public function numbered(int $number): self;

    /** How many of them a controller has. */
    public static function most(): int;

    /** What several of them are called: "outputs". */
    public static function several(): string;

    /** How many of them a game sees, of its buttons and axes. */
    public static function seen(int $buttons, int $axes): int;
}
