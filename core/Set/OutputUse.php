<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Mapping\Macro\MacroStep;
use Nailrod\Core\Mapping\Output\ControllerAxis;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Mapping\Output\IsNumbered;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\OutputNumbers;

/** Where the controller outputs of a set are used: by ways, cells, chords and macros. */
final class OutputUse
{
    /** Buttons and axes that are offered where no game says how many it sees. */
    private const MOST_BUTTONS = 128;
    private const MOST_AXES = 8;

    /**
     * @var ?array<class-string<IsNumbered>, array<int, true>> numbers that are used, by kind, once they have been asked
     *    for
     */
    private ?array $used = null;

    public function __construct(private readonly BindingSet $set) {}

    public function buttons(): OutputNumbers
    {
        return $this->numbers(ControllerButton::class);
    }

    public function axes(): OutputNumbers
    {
        return $this->numbers(ControllerAxis::class);
    }

    /**
     * The chart of one kind of outputs: for each number that is used, in order, where in which layer, and what the game
     * hears.
     *
     * @param class-string<IsNumbered> $kind
     *
     * @return array<int, array{at: list<string>, hears: list<string>}> in words; what the game hears is empty where
     * nothing of it is bound to the number
     */
    public function chart(string $kind): array
    {
        $at = $hears = [];
        foreach ((new References($this->set))->all() as $use) {
            $output = $use->does instanceof Output ? $this->set->leaving($use->does) : null;
            if ($output instanceof $kind && $use->by !== Mention::WAY) {
                $at[$output->number()][$use->inWords($this->set)] = true;
            }
        }
        foreach ($this->set->catalogue->actions ?? [] as $action) {
            $way = $this->set->wayOf($action->id);
            if ($way instanceof $kind) {
                $hears[$way->number()][] = $action->name;
            }
        }
        $chart = [];
        foreach (array_keys($at + $hears) as $number) {
            $chart[$number] = [
                'at' => array_map(strval(...), array_keys($at[$number] ?? [])),
                'hears' => $hears[$number] ?? [],
            ];
        }
        ksort($chart);

        return $chart;
    }

    /**
     * Which numbers of one kind are used, and which are free.
     *
     * @param class-string<IsNumbered> $kind
     */
    public function numbers(string $kind): OutputNumbers
    {
        $used = $this->used()[$kind] ?? [];
        ksort($used);

        return new OutputNumbers(
            $used,
            $kind::seen(
                $this->set->catalogue->buttons ?? self::MOST_BUTTONS,
                $this->set->catalogue->axes ?? self::MOST_AXES,
            ),
        );
    }

    /** @return array<class-string<IsNumbered>, array<int, true>> */
    private function used(): array
    {
        if ($this->used !== null) {
            return $this->used;
        }
        $used = [];
        foreach ($this->outputs() as $outputs) {
            foreach ($outputs as $output) {
                if ($output instanceof IsNumbered) {
                    $used[$output::class][$output->number()] = true;
                }
            }
        }

        return $this->used = $used;
    }

    /**
     * @return \Generator<array<array-key, ?Output>> all outputs that the set names, as they stand together: large sets
     *    have thousands
     */
    private function outputs(): \Generator
    {
        yield $this->set->ways;
        foreach ($this->set->cells as $cells) {
            foreach ($cells as $cell) {
                yield $cell->outputs;
                if ($cell->otherwise !== null) {
                    yield $cell->otherwise->outputs;
                }
            }
        }
        foreach ($this->set->chords as $chords) {
            foreach ($chords as $chord) {
                yield $chord->outputs;
            }
        }
        foreach ($this->set->macros as $macro) {
            yield array_map(fn (MacroStep $step): ?Output => $step->output, $macro->steps);
        }
    }
}
