<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Behaviour\PlaysItsMacro;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\PlaysMacro;

/** What plays each macro of a set. */
final readonly class MacroUse
{
    public function __construct(private BindingSet $set) {}

    /** @return list<array{layer: string, ref: string, words: string}> the contacts that play, start or stop a macro, and where */
    public function of(string $macro): array
    {
        $uses = [];
        foreach (Keys::each($this->set->cells) as $layer => $cells) {
            foreach ($cells as $ref => $cell) {
                $does = match (true) {
                    $cell->behaviour instanceof PlaysItsMacro && $cell->behaviour->macro() === $macro => 'plays it',
                    default => $this->does($cell->outputs, $macro),
                };
                if ($does !== null) {
                    $uses[] = ['layer' => $layer, 'ref' => (string) $ref, 'words' => $this->set->rig->deviceNameOf((string) $ref).' '.$this->set->rig->nameOf((string) $ref).' in '.$this->set->layers[$layer]->name.' '.$does];
                }
            }
        }
        foreach (Keys::each($this->set->chords) as $layer => $chords) {
            foreach ($chords as $chord) {
                $does = $this->does($chord->outputs, $macro);
                if ($does !== null) {
                    $uses[] = ['layer' => $layer, 'ref' => $chord->of[0], 'words' => $chord->name.' together in '.$this->set->layers[$layer]->name.' '.$does];
                }
            }
        }

        return $uses;
    }

    /** @param list<Output> $outputs */
    private function does(array $outputs, string $macro): ?string
    {
        foreach ($outputs as $output) {
            if ($output instanceof PlaysMacro && $output->macro() === $macro) {
                return $output->starts() ? 'starts it' : 'stops it';
            }
        }

        return null;
    }
}
