<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Chord;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Slot;

/** One thing that a check found: what is wrong and why, where, and what would mend it. */
final readonly class Finding
{
    /**
     * @param string       $kind    words for all findings of this sort: "reserved key"
     * @param string       $subject what tells it from others of its kind: an action, an output, a cell
     * @param list<Slot>   $spots   the contacts and axes it is about
     * @param list<string> $actions the actions it is about
     * @param ?QuickFix          $mend  null where nobody can say for you
     * @param list<PartPath> $parts of the set that it is about, beside those contacts and axes
     */
    public function __construct(
        public string $kind,
        public string $subject,
        public string $sentence,
        public array $spots,
        public array $actions = [],
        public ?QuickFix $mend = null,
        public array $parts = [],
    ) {}

    /** Names it as long as it is there. */
    public function id(): string
    {
        return str_replace(' ', '-', $this->kind).':'.$this->subject;
    }

    /**
     * A sum of what it speaks of in a set: what its contacts and axes do, by which way its actions are told, what its
     * parts say.
     */
    public function of(BindingSet $set): string
    {
        $of = [];
        foreach ($this->spots as $spot) {
            $of[] = [
                (string) $spot,
                $set->merged->value(PartPath::cell($spot->layer, $spot->ref)),
                array_filter(array_map(
                    fn (Chord $chord) => in_array($spot->ref, $chord->of, true) ? $chord->of : [],
                    $set->chords[$spot->layer] ?? [],
                )),
            ];
        }
        foreach ($this->actions as $action) {
            $of[] = [$action, $set->wayOf($action)?->toArray()];
        }
        foreach ($this->parts as $path) {
            $of[] = [(string) $path, $set->merged->value($path)];
        }

        return hash('xxh64', serialize([$this->id(), $of]));
    }

    public function isAbout(string $layer, string $ref): bool
    {
        foreach ($this->spots as $spot) {
            if ($spot->layer === $layer && $spot->ref === $ref) {
                return true;
            }
        }

        return false;
    }
}
