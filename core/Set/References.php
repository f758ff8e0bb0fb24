<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Keys;

/** Who does what in a set: everything that its ways, cells, chords and macros drive. */
final readonly class References
{
    public function __construct(private BindingSet $set) {}

    /** @return \Generator<int, Mention> in file order */
    public function all(): \Generator
    {
        foreach (Keys::each($this->set->ways) as $action => $way) {
            yield new Mention(Mention::WAY, '', $action, '', $way);
        }
        yield from $this->ofContacts();
        foreach (Keys::each($this->set->macros) as $id => $macro) {
            foreach ($macro->steps as $step) {
                if ($step->output !== null) {
                    yield new Mention(Mention::MACRO, '', $id, '', $step->output);
                }
            }
        }
    }

    /**
     * @return \Generator<int, Mention> what contacts and axes do, by cells and chords, behaviours before outputs, in
     *    file order
     */
    public function ofContacts(): \Generator
    {
        foreach (Keys::each($this->set->cells) as $layer => $cells) {
            foreach (Keys::each($cells) as $ref => $cell) {
                foreach ($cell->either() as $one) {
                    foreach ([...array_filter([$one->behaviour]), ...$one->outputs] as $does) {
                        yield new Mention(Mention::CELL, $layer, $ref, $ref, $does);
                    }
                }
            }
        }
        foreach (Keys::each($this->set->chords) as $layer => $chords) {
            foreach (Keys::each($chords) as $id => $chord) {
                foreach ($chord->outputs as $output) {
                    yield new Mention(Mention::CHORD, $layer, $id, $chord->of[0], $output);
                }
            }
        }
    }
}
