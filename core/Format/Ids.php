<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/**
 * Names for files and references: lower-case letters, digits, hyphens. "0" is none: an object with it as its first name
 * cannot be told from a list.
 */
final class Ids
{
    private const LONGEST = 40;

    /** @return array<string, mixed> in JSON Schema */
    public static function schema(): array
    {
        return [
            'description' => 'A name for files and references.',
            'type' => 'string',
            'pattern' => '^(?!0$)[a-z0-9][a-z0-9_-]*$',
            'maxLength' => 60,
        ];
    }

    public static function isOne(string $id): bool
    {
        return preg_match('/^(?!0$)[a-z0-9][a-z0-9_-]*$/D', $id) === 1;
    }

    /**
     * A free one, made of what a person calls the thing.
     *
     * @param string                 $else    the name if the wish has no letters
     * @param callable(string): bool $isTaken
     */
    public static function free(string $wish, string $else, callable $isTaken): string
    {
        $id = trim(
            mb_strimwidth(
                trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($wish)), '-'),
                0,
                self::LONGEST,
            ),
            '-',
        );
        $id = $id === '' ? $else : ($id === '0' ? $else.'-0' : $id);
        for ($free = $id, $n = 2; $isTaken($free); $n++) {
            $free = $id.'-'.$n;
        }

        return $free;
    }
}
