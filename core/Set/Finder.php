<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

/**
 * Finds things by parts of their names. Every word that is typed must be in the name or in what is said beside it.
 * First come those whose name begins with what was typed, then those with a word that begins so, then those with it
 * within a name, then those found by what stands beside; of equals the shorter name, then the order in which they were
 * given.
 */
final readonly class Finder
{
    /** @param list<Findable> $all */
    public function __construct(private array $all) {}

    /**
     * @param int $most of those found
     *
     * @return list<Findable> none for nothing typed
     */
    public function find(string $typed, int $most): array
    {
        $typed = mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $typed)));
        if ($typed === '') {
            return [];
        }
        $words = explode(' ', $typed);
        $ranked = [];
        foreach ($this->all as $i => $one) {
            $rank = self::rank($one, $typed, $words);
            if ($rank !== null) {
                $ranked[] = [$rank, mb_strlen($one->name), $i];
            }
        }
        sort($ranked);

        return array_map(fn (array $found): Findable => $this->all[$found[2]], array_slice($ranked, 0, $most));
    }

    /**
     * @param non-empty-list<string> $words in small letters
     *
     * @return ?int the smaller the better; null if it is not meant
     */
    private static function rank(Findable $one, string $typed, array $words): ?int
    {
        $name = mb_strtolower($one->name);
        $beside = mb_strtolower($one->kind.' '.$one->more);
        foreach ($words as $word) {
            if (! str_contains($name, $word) && ! str_contains($beside, $word)) {
                return null;
            }
        }

        return match (true) {
            $name === $typed => 0,
            str_starts_with($name, $typed) => 1,
            self::begins($name, $words[0]) && str_contains($name, $typed) => 2,
            self::begins($name, $words[0]) => 3,
            str_contains($name, $words[0]) => 4,
            self::begins($beside, $words[0]) => 5,
            default => 6,
        };
    }

    /** Does a word of the text begin so? */
    private static function begins(string $text, string $word): bool
    {
        return str_starts_with($text, $word) || preg_match('/[^\p{L}\p{N}]'.preg_quote($word, '/').'/u', $text) === 1;
    }
}
