<?php

declare(strict_types=1);

namespace Nailrod\Core\Macro;

use Nailrod\Core\Output\Output;

/** What was pressed and let go of while a macro was recorded, made into bars: the first press is its beginning. */
final class Recorder
{
    /** @var list<Bar> */
    private array $bars = [];

    /** @var array<string, array{Output, int}> what is down, and since when, in µs */
    private array $down = [];

    private ?int $began = null;

    private int $last = 0;

    /** @param int $t in µs, never earlier than the one before; a key that repeats by itself while it is held counts once */
    public function take(int $t, Output $output, bool $isDown): void
    {
        $key = (string) json_encode($output->toArray());
        if ($this->began === null && ! $isDown) {
            return;
        }
        $this->began ??= $t;
        // To the whole millisecond: hands are not finer, and figures stay readable.
        $at = (int) round(($t - $this->began) / 1000) * 1000;
        $this->last = max($this->last, $at);
        if ($isDown) {
            $this->down[$key] ??= [$output, $at];
        } elseif (isset($this->down[$key])) {
            $this->bars[] = Bar::of($output, $this->down[$key][1], max($at, $this->down[$key][1] + Timeline::SHORTEST));
            unset($this->down[$key]);
        }
    }

    /** @return list<Bar> what is still down ends with the recording */
    public function bars(): array
    {
        $held = array_map(fn (array $down) => Bar::of($down[0], $down[1], max($this->last, $down[1] + Timeline::SHORTEST)), array_values($this->down));

        return [...$this->bars, ...$held];
    }
}
