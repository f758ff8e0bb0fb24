<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Output\ControllerAxis;
use Nailrod\Core\Output\ControllerButton;
use Nailrod\Core\Output\IsNumbered;
use Nailrod\Core\Output\OutputNumbers;

/** Where the controller outputs of a set are used: by ways, cells, chords and macros. */
final readonly class OutputUse
{
    /** Buttons and axes that are offered where no game says how many it sees. */
    private const MOST_BUTTONS = 128;
    private const MOST_AXES = 8;

    public function __construct(private BindingSet $set) {}

    public function buttons(): OutputNumbers
    {
        return $this->numbers(ControllerButton::class);
    }

    public function axes(): OutputNumbers
    {
        return $this->numbers(ControllerAxis::class);
    }

    /**
     * @param class-string<IsNumbered> $kind
     *
     * @return array<int, list<string>> in words where each number is used, by number in order
     */
    public function where(string $kind): array
    {
        $where = [];
        foreach ($this->uses($kind) as $number => $use) {
            $where[$number][$use->inWords($this->set)] = true;
        }
        ksort($where);

        return array_map(fn (array $words) => array_map(strval(...), array_keys($words)), $where);
    }

    /**
     * Which numbers of one kind are used, and which are free.
     *
     * @param class-string<IsNumbered> $kind
     */
    public function numbers(string $kind): OutputNumbers
    {
        $used = [];
        foreach ($this->uses($kind) as $number => $by) {
            $used[$number] = true;
        }
        ksort($used);

        return new OutputNumbers($used, $kind::seen($this->set->catalogue->buttons ?? self::MOST_BUTTONS, $this->set->catalogue->axes ?? self::MOST_AXES));
    }

    /**
     * @param class-string<IsNumbered> $kind
     *
     * @return \Generator<int, Mention> by number
     */
    private function uses(string $kind): \Generator
    {
        foreach ((new References($this->set))->all() as $use) {
            if ($use->does instanceof $kind) {
                yield $use->does->number() => $use;
            }
        }
    }
}
