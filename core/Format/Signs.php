<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** Which signs a text may have: those that can be seen, and spaces. */
final class Signs
{
    /**
     * Control signs, line and paragraph separators, and signs that turn the direction of what is written (Unicode UAX
     * 9).
     */
    private const HIDDEN = '/[\p{Cc}\x{2028}\x{2029}\x{200E}\x{200F}\x{202A}-\x{202E}\x{2066}-\x{2069}\x{FEFF}]/u';

    /** Is it UTF-8, and does every sign of it stand for something on the page? */
    public static function areText(string $text): bool
    {
        return preg_match(self::HIDDEN, $text) === 0;
    }

    /** Signs that take room at most: spaces of every kind, fillers, joiners, and those that are not given out. */
    private const BLANK = '/[\s\p{Z}\p{Cf}\p{Co}\p{Cn}\x{115F}\x{1160}\x{2800}\x{3164}\x{FFA0}]/u';

    /** Is there anything to be seen of it? */
    public static function canBeSeen(string $text): bool
    {
        return preg_replace(self::BLANK, '', $text) !== '' && mb_check_encoding($text, 'UTF-8');
    }

    /**
     * A name as it is shown, of one that came from outside: without hidden signs and spaces about it; empty if nothing
     * of it can be seen.
     */
    public static function asName(string $given, int $most): string
    {
        $plain = trim(
            (string) preg_replace('/[\s\p{Z}]+/u', ' ', (string) preg_replace(self::HIDDEN, ' ', mb_scrub($given))),
        );

        return self::canBeSeen($plain) ? mb_strimwidth($plain, 0, $most, '…') : '';
    }

    /**
     * Path of the first text in a document that has other signs; null if none has. In a text that is typed by a macro
     * line ends and tabs are keys.
     *
     * @param array<array-key, mixed> $document
     */
    public static function firstHidden(array $document, string $path = ''): ?string
    {
        foreach ($document as $key => $value) {
            $at = $path.(is_int($key) ? '['.$key.']' : ($path === '' ? '' : '.').$key);
            if (! self::areText((string) $key)) {
                return $path === '' ? 'the file' : $path;
            }
            $text = is_string($value) ? ($key === 'text' ? strtr($value, "\r\n\t", '   ') : $value) : '';
            $inner = is_array($value) ? self::firstHidden($value, $at) : (self::areText($text) ? null : $at);
            if ($inner !== null) {
                return $inner;
            }
        }

        return null;
    }
}
