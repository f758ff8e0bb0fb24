<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Output\ActionOutput;
use Nailrod\Core\Output\ControllerAxis;
use Nailrod\Core\Output\ControllerButton;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\OutputNumbers;

/** Where the controller outputs of a set are used: by ways, cells, chords and macros. */
final readonly class OutputUse
{
    /** Buttons and axes that a controller can have at most (see ControllerButton and ControllerAxis). */
    private const MOST_BUTTONS = 128;
    private const MOST_AXES = 8;

    public function __construct(private BindingSet $set) {}

    public function buttons(): OutputNumbers
    {
        return new OutputNumbers($this->uses(fn (Output $output) => $output instanceof ControllerButton ? $output->number : null), $this->set->catalogue->buttons ?? self::MOST_BUTTONS);
    }

    public function axes(): OutputNumbers
    {
        return new OutputNumbers($this->uses(fn (Output $output) => $output instanceof ControllerAxis ? $output->number : null), $this->set->catalogue->axes ?? self::MOST_AXES);
    }

    /**
     * @param callable(Output): ?int $number
     *
     * @return array<int, list<string>>
     */
    private function uses(callable $number): array
    {
        $uses = [];
        $say = function (Output $output, string $where) use ($number, &$uses): void {
            $at = $number($output);
            if ($at !== null) {
                $uses[$at][] = $where;
            }
        };
        foreach ($this->set->ways as $action => $way) {
            $say($way, $this->set->catalogue?->action($action)->name ?? $action);
        }
        foreach ($this->set->cells as $layer => $cells) {
            foreach ($cells as $ref => $cell) {
                foreach ($cell->outputs as $output) {
                    $say($output, $this->set->rig->deviceNameOf($ref).' '.$this->set->rig->nameOf($ref).', '.$this->set->layers[$layer]->name);
                }
            }
        }
        foreach ($this->set->chords as $layer => $chords) {
            foreach ($chords as $chord) {
                foreach ($chord->outputs as $output) {
                    $say($output, $chord->name.', '.$this->set->layers[$layer]->name);
                }
            }
        }
        foreach ($this->set->macros as $macro) {
            foreach ($macro->steps as $step) {
                if ($step->output !== null && ! $step->output instanceof ActionOutput) {
                    $say($step->output, 'macro '.$macro->name);
                }
            }
        }
        ksort($uses);

        return array_map(fn (array $where) => array_values(array_unique($where)), $uses);
    }
}
