<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** JSON in and out: one way to read a text, one way to write a document. */
final class Json
{
    public const MAX_BYTES = 2_000_000;
    private const MAX_DEPTH = 32;

    /** Objects and lists in one document; more would take memory out of all proportion to the file. */
    private const MAX_PARTS = 80_000;

    /**
     * @return array<array-key, mixed>
     *
     * @throws FormatError with the line of a syntax error
     */
    public static function decode(string $text): array
    {
        self::mustFit($text);
        try {
            $value = json_decode($text, true, self::MAX_DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            throw self::located($text, $error);
        }
        if (! is_array($value)) {
            throw FormatError::at('', $value, 'a JSON object');
        }

        return $value;
    }

    /**
     * Limits are the same for what comes in and for what goes out.
     *
     * @throws FormatError if a text is larger than can be read again
     */
    public static function mustFit(string $text): void
    {
        if (strlen($text) > self::MAX_BYTES) {
            throw FormatError::told('', strlen($text).' bytes', 'at most '.self::MAX_BYTES.' bytes');
        }
        $parts = substr_count($text, '{') + substr_count($text, '[');
        if ($parts > self::MAX_PARTS) {
            throw FormatError::told('', $parts.' objects and lists', 'at most '.self::MAX_PARTS);
        }
    }

    /**
     * A file that somebody brings: as decode(), and no name may stand twice in one object, since one of the two would
     * be lost without a word, and no text may hold signs that cannot be seen.
     *
     * @return array<array-key, mixed>
     *
     * @throws FormatError
     */
    public static function decodeStrictly(string $text): array
    {
        $value = self::decode($text);
        $twice = JsonSyntax::nameTwice($text);
        if ($twice !== null) {
            throw FormatError::told('line '.$twice[0], '"'.$twice[1].'" twice in one object', 'each name once');
        }
        $hidden = Signs::firstHidden($value);
        if ($hidden !== null) {
            throw FormatError::told(
                $hidden,
                'signs that cannot be seen',
                'a text without control signs and without signs that turn its direction',
            );
        }

        return $value;
    }

    /** @param array<array-key, mixed> $document */
    public static function encode(array $document): string
    {
        return json_encode(
            $document,
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE
                | JSON_PRESERVE_ZERO_FRACTION,
        )."\n";
    }

    /** @param array<array-key, mixed> $document */
    public static function compact(array $document): string
    {
        return json_encode(
            $document,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    private static function located(string $text, \JsonException $error): FormatError
    {
        if (in_array($error->getCode(), [JSON_ERROR_SYNTAX, JSON_ERROR_CTRL_CHAR, JSON_ERROR_STATE_MISMATCH], true)) {
            return FormatError::told('line '.JsonSyntax::errorLine($text), 'something that is not JSON', 'JSON');
        }

        return FormatError::told(
            '',
            lcfirst($error->getMessage()),
            'JSON in UTF-8, at most '.self::MAX_DEPTH.' levels deep',
        );
    }
}
