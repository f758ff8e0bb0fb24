<?php

declare(strict_types=1);

namespace Nailrod\Core\Macro;

use Nailrod\Core\Format\Node;

/** Steps that are played in time: presses, releases, taps, waits. Once, or again and again while it is held. */
final readonly class Macro
{
    public const MOST_STEPS = 500;
    public const ONCE = 'once';
    public const WHILE_HELD = 'while held';
    public const FINISH = 'finish the round';
    public const STOP = 'stop';
    public const IGNORE = 'ignore';
    public const RESTART = 'restart';

    /**
     * @param list<MacroStep> $steps
     * @param bool            $repeats   again and again while it is held
     * @param bool            $stopsAtRelease or finishes the round
     * @param string          $again     what a second press does: IGNORE, RESTART or STOP
     */
    private function __construct(public string $id, public string $name, public array $steps, public bool $repeats, public bool $stopsAtRelease, public string $again) {}

    public static function read(string $id, Node $node): self
    {
        $node->only(['name', 'steps', 'plays', 'on_release', 'on_second_press']);
        $steps = array_map(MacroStep::read(...), $node->get('steps')->list(self::MOST_STEPS));
        if ($steps === []) {
            throw $node->get('steps')->refuse('1 to '.self::MOST_STEPS.' steps');
        }
        $repeats = ($node->maybe('plays')?->oneOf([self::ONCE, self::WHILE_HELD]) ?? self::ONCE) === self::WHILE_HELD;
        $macro = new self(
            $id,
            $node->get('name')->string(60),
            $steps,
            $repeats,
            ($node->maybe('on_release')?->oneOf([self::FINISH, self::STOP]) ?? self::FINISH) === self::STOP,
            $node->maybe('on_second_press')?->oneOf([self::IGNORE, self::RESTART, self::STOP]) ?? self::IGNORE,
        );
        if ($repeats && $macro->length() === 0) {
            throw $node->get('steps')->refuse('steps that take some time, since they are repeated');
        }

        return $macro;
    }

    /** How long one round takes, in µs. */
    public function length(): int
    {
        return array_sum(array_map(fn (MacroStep $step) => $step->time, $this->steps));
    }

    public function inWords(): string
    {
        return sprintf('%d steps, %s ms%s', count($this->steps), json_encode($this->length() / 1000), $this->repeats ? ', while held' : '');
    }
}
