<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Mapping\Behaviour\Behaviour;
use Nailrod\Core\Mapping\Output\Output;

/** One thing that a part of a set does, and where it says so: what References finds. */
final readonly class Mention
{
    public const WAY = 'way';
    public const CELL = 'cell';
    public const CHORD = 'chord';
    public const MACRO = 'macro';

    /**
     * @param string           $by    one of the constants
     * @param string           $layer id; empty for ways and macros
     * @param string           $key   the action, the contact or axis, the chord, the macro
     * @param string           $ref   the contact or axis that does it, of a chord the first; empty for ways and macros
     * @param Output|Behaviour $does  what is done
     */
    public function __construct(
        public string $by,
        public string $layer,
        public string $key,
        public string $ref,
        public Output|Behaviour $does,
    ) {}

    /** Where that is, briefly: "Fennel Mark, Base". */
    public function inWords(BindingSet $set): string
    {
        return match ($this->by) {
            self::WAY => $set->catalogue?->action($this->key)->name ?? $this->key,
            self::CELL => $set->rig->fullNameOf($this->key).', '.$set->layers[$this->layer]->name,
            self::CHORD => $set->chords[$this->layer][$this->key]->name.', '.$set->layers[$this->layer]->name,
            default => 'macro '.$set->macros[$this->key]->name,
        };
    }
}
