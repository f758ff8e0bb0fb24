<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** Which numbers of one kind of output are used, and which are free, as far as the simulator sees. */
final readonly class OutputNumbers
{
    /**
     * @param array<int, true> $used by number, in order
     * @param int              $most the highest number that is seen
     */
    public function __construct(public array $used, public int $most) {}

    /** @return list<int> free numbers that are seen, in order */
    public function free(): array
    {
        return $this->most === 0 ? [] : array_values(array_diff(range(1, $this->most), array_keys($this->used)));
    }

    public function lowest(): ?int
    {
        return $this->free()[0] ?? null;
    }

    public function highest(): ?int
    {
        $free = $this->free();

        return $free === [] ? null : $free[count($free) - 1];
    }

    /** The first of the lowest n free numbers in a row; null if there are not that many. */
    public function block(int $n): ?int
    {
        $first = $before = null;
        foreach ($this->free() as $number) {
            $first = $before !== null && $number === $before + 1 ? $first : $number;
            $before = $number;
            if ($n >= 1 && $number - $first + 1 === $n) {
                return $first;
            }
        }

        return null;
    }

    /** @return list<int> free numbers below the highest that is used and seen: to leave no gaps, these come first */
    public function gaps(): array
    {
        $top = max([0, ...array_filter(array_keys($this->used), fn (int $number) => $number <= $this->most)]);

        return array_values(array_filter($this->free(), fn (int $number) => $number < $top));
    }

    /** @return list<int> used numbers that the simulator does not see */
    public function unseen(): array
    {
        $unseen = array_values(array_filter(array_keys($this->used), fn (int $number) => $number > $this->most));
        sort($unseen);

        return $unseen;
    }
}
