<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Hid;

/** The bytes of a descriptor as people have them: binary, hex text, or a list of bytes in the style of C. */
final class DescriptorText
{
    public const MAX_BYTES = 65_536;
    private const MAX_TEXT = 1_000_000;

    /** @throws DescriptorError if it is none of these, empty, or too long */
    public static function bytes(string $content): string
    {
        if (strlen($content) > self::MAX_TEXT) {
            throw DescriptorError::text(strlen($content).' bytes');
        }
        $bytes = self::isText($content) ? self::fromText($content) : $content;
        if ($bytes === '' || strlen($bytes) > self::MAX_BYTES) {
            throw DescriptorError::text($bytes === '' ? 'nothing' : strlen($bytes).' bytes');
        }

        return $bytes;
    }

    /** A descriptor holds zero and other control bytes almost at once; text holds none but white space. */
    private static function isText(string $content): bool
    {
        return preg_match(
            '/^(?:\xEF\xBB\xBF)?[\t\n\r\x20-\x7E]*$/D',
            (string) preg_replace('#//[^\n]*|/\*.*?\*/#s', '', $content),
        ) === 1;
    }

    private static function fromText(string $content): string
    {
        $text = (string) preg_replace(['/^\xEF\xBB\xBF/', '#//[^\n]*|/\*.*?\*/#s'], '', $content);
        if (preg_match('/\{([^{}]*)\}/', $text, $match) === 1) {
            $text = $match[1];
        }
        $parts = preg_split('/[\s,;]+/', trim($text, " \t\r\n,;"), -1, PREG_SPLIT_NO_EMPTY);
        $bytes = '';
        foreach ($parts === false ? [] : $parts as $part) {
            $bytes .= self::part($part);
        }

        return $bytes;
    }

    private static function part(string $part): string
    {
        if (preg_match('/^(?:0[xX])([0-9a-fA-F]{1,2})[uU]?$/D', $part, $match) === 1) {
            return chr((int) hexdec($match[1]));
        }
        if (preg_match('/^(?:[0-9a-fA-F]{2})+$/D', $part) === 1) {
            return (string) hex2bin($part);
        }

        throw DescriptorError::text('"'.mb_strimwidth($part, 0, 20, '...').'"');
    }
}
