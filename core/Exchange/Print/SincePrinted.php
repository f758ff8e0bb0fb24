<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Format\Keys;

/** What has changed since something was printed. */
final readonly class SincePrinted
{
    /**
     * @param list<string> $changed keys of what says something else
     * @param list<string> $new     keys of what was not there
     * @param list<string> $gone    keys of what is not there any more
     */
    private function __construct(public array $changed, public array $new, public array $gone) {}

    /**
     * @param array<string, string> $printed what was on it, by key
     * @param array<string, string> $now     what would be on it
     */
    public static function of(array $printed, array $now): self
    {
        return new self(
            Keys::of(array_filter(
                $now,
                fn (string $says, int|string $key) => isset($printed[$key]) && $printed[$key] !== $says,
                ARRAY_FILTER_USE_BOTH,
            )),
            Keys::of(array_diff_key($now, $printed)),
            Keys::of(array_diff_key($printed, $now)),
        );
    }

    public function count(): int
    {
        return count($this->changed) + count($this->new) + count($this->gone);
    }

    /** @return list<string> keys of what has to be printed again */
    public function again(): array
    {
        return [...$this->changed, ...$this->new];
    }

    /** @param string $when that it was printed, as a person reads it */
    public function inWords(string $when, string $one, string $many): string
    {
        $parts = [];
        foreach (
            [
                'changed' => count($this->changed),
                'new' => count($this->new),
                'no longer there' => count($this->gone),
            ] as $word => $n
        ) {
            if ($n > 0) {
                $parts[] = $n.' '.$word;
            }
        }

        return $parts === [] ? 'Nothing has changed since it was printed on '.$when.'.' : sprintf(
            '%d %s since it was printed on %s: %s.',
            $this->count(),
            $this->count() === 1 ? $one : $many,
            $when,
            implode(', ', $parts),
        );
    }
}
