<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** Macros that are recorded from the rig. */
final class MacroRecordingState implements PartState
{
    /** Id of the macro that is being recorded; null if none is. */
    public ?string $macro = null;

    /** Reference of the contact that began it; empty if none did. */
    public string $by = '';

    /**
     * @var list<array{int, string, string, int|float|string, int|float|string|null}> what the game was told meanwhile:
     *    time in µs, kind, target, value, the value before
     */
    public array $told = [];

    /**
     * @var array<string, int|float|string> what was told of a target last, by kind and target, since before it began
     */
    public array $last = [];

    /** Id of the macro that was recorded last; null if none was. */
    public ?string $latest = null;

    /**
     * @var array<string, list<array{int, string, string, int|float|string, int|float|string|null}>> what was recorded,
     *    by macro; it is played instead of what the program says
     */
    public array $kept = [];

    /** @var array<string, true> of these, those that the set says by now */
    public array $written = [];

    /**
     * What the set says by now is in the next program; what is not written yet stays, as long as there is the macro.
     */
    public function carried(Renumbering $to): static
    {
        $next = new self;
        $isThere = fn (string $macro): bool => $to->new->macroIndex($macro) >= 0;
        $next->latest = $this->latest !== null && $isThere($this->latest) ? $this->latest : null;
        $next->kept = array_filter(
            array_diff_key($this->kept, $this->written),
            fn (string|int $macro) => $isThere((string) $macro),
            ARRAY_FILTER_USE_KEY,
        );

        return $next;
    }
}
