<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Behaviour\PlaysItsMacro;
use Nailrod\Core\Output\PlaysMacro;

/** What plays each macro of a set. */
final readonly class MacroUse
{
    public function __construct(private BindingSet $set) {}

    /** @return list<array{layer: string, ref: string, words: string}> the contacts that play, start or stop a macro, and where */
    public function of(string $macro): array
    {
        $uses = [];
        foreach ((new References($this->set))->ofContacts() as $use) {
            $does = match (true) {
                $use->does instanceof PlaysItsMacro && $use->does->macro() === $macro => 'plays it',
                $use->does instanceof PlaysMacro && $use->does->macro() === $macro => $use->does->starts() ? 'starts it' : 'stops it',
                default => null,
            };
            if ($does !== null) {
                $uses[$use->layer.' '.$use->key] ??= ['layer' => $use->layer, 'ref' => $use->ref, 'words' => $this->where($use).' in '.$this->set->layers[$use->layer]->name.' '.$does];
            }
        }

        return array_values($uses);
    }

    private function where(Reference $use): string
    {
        return $use->by === Reference::CHORD ? $this->set->chords[$use->layer][$use->key]->name.' together' : $this->set->rig->deviceNameOf($use->ref).' '.$this->set->rig->nameOf($use->ref);
    }
}
