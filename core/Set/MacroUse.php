<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Output\UsesMacro;

/** What plays each macro of a set. */
final readonly class MacroUse
{
    /** @var array<string, list<Mention>> by macro */
    private array $uses;

    public function __construct(private BindingSet $set)
    {
        $uses = [];
        foreach ((new References($set))->ofContacts() as $use) {
            if ($use->does instanceof PlaysItsMacro || $use->does instanceof UsesMacro) {
                $uses[$use->does->macro()][] = $use;
            }
        }
        $this->uses = $uses;
    }

    /**
     * @return list<array{layer: string, ref: string, words: string}> the contacts that play, start or stop a macro, and
     *    where
     */
    public function of(string $macro): array
    {
        $told = [];
        foreach ($this->uses[$macro] ?? [] as $use) {
            $does = $use->does instanceof UsesMacro ? $use->does->does() : 'plays it';
            $told[$use->layer.' '.$use->key] ??= [
                'layer' => $use->layer,
                'ref' => $use->ref,
                'words' => $this->where($use).' in '.$this->set->layers[$use->layer]->name.' '.$does,
            ];
        }

        return array_values($told);
    }

    private function where(Mention $use): string
    {
        return $use->by === Mention::CHORD
            ? $this->set->chords[$use->layer][$use->key]->name
            .' together'
            : $this->set->rig->fullNameOf($use->ref);
    }
}
