<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Keys;
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
        $set = $this->set;
        $where = [];
        foreach ($this->uses($kind) as $number => [$by, $group, $key]) {
            $words = match ($by) {
                'way' => $set->catalogue?->action($key)->name ?? $key,
                'cell' => $set->rig->deviceNameOf($key).' '.$set->rig->nameOf($key).', '.$set->layers[$group]->name,
                'chord' => $set->chords[$group][$key]->name.', '.$set->layers[$group]->name,
                default => 'macro '.$set->macros[$key]->name,
            };
            $where[$number][$words] = true;
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
     * @return \Generator<int, array{string, string, string}> by number: a way, a cell, a chord or a macro, its layer, and its key
     */
    private function uses(string $kind): \Generator
    {
        foreach (Keys::each($this->set->ways) as $action => $way) {
            if ($way instanceof $kind) {
                yield $way->number() => ['way', '', (string) $action];
            }
        }
        foreach (['cell' => $this->set->cells, 'chord' => $this->set->chords] as $by => $layers) {
            foreach (Keys::each($layers) as $layer => $parts) {
                foreach (Keys::each($parts) as $key => $part) {
                    foreach ($part->outputs as $output) {
                        if ($output instanceof $kind) {
                            yield $output->number() => [$by, (string) $layer, (string) $key];
                        }
                    }
                }
            }
        }
        foreach (Keys::each($this->set->macros) as $id => $macro) {
            foreach ($macro->steps as $step) {
                if ($step->output instanceof $kind) {
                    yield $step->output->number() => ['macro', '', (string) $id];
                }
            }
        }
    }
}
