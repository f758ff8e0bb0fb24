<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** "a button", "an encoder". */
final class Article
{
    /** By the letter, which is right for what names of kinds begin with: not for "hour", "one" or "unit". */
    public static function before(string $noun): string
    {
        return (preg_match('/^[aeio]/i', $noun) === 1 ? 'an ' : 'a ').$noun;
    }
}
