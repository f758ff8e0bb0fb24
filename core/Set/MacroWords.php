<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Macro\MacroStep;

/** A macro read back. */
final readonly class MacroWords
{
    public function __construct(private BindingSet $set, private Words $words) {}

    /**
     * All that a macro is for and does, step by step: "Presses key A for 60 ms, waits 40 ms, types “Hi” (German).
     * 240 ms in all."
     */
    public function sentence(Macro $macro): string
    {
        return ($macro->about === '' ? '' : rtrim($macro->about, '.').'. ').$this->steps($macro);
    }

    private function steps(Macro $macro): string
    {
        $steps = [];
        foreach ($macro->steps as $step) {
            $ms = json_encode($step->time / 1000).' ms';
            $output = $step->output === null ? '' : $this->words->output($step->output);
            $steps[] = match ($step->does) {
                MacroStep::PRESS => 'presses '.$output,
                MacroStep::RELEASE => 'lets go of '.$output,
                MacroStep::TAP => 'presses '.$output.' for '.$ms,
                MacroStep::WAIT => 'waits '.$ms,
                default => sprintf(
                    'types “%s” (%s)',
                    str_replace("\n", '↵', $step->text),
                    $this->set->layouts[$step->layout]->name ?? $step->layout,
                ),
            };
        }
        if ($steps === []) {
            return 'Does nothing yet.';
        }
        $more = ($macro->repeats ? ', again and again while it is held' : '').(
            $macro->when === null ? '' : ', '.$this->words->condition($macro->when)
        );

        return ucfirst(implode(', ', $steps)).$more.'. '.json_encode(
            $macro->length($this->set->layouts) / 1000,
        ).' ms in all.';
    }
}
