<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Rig\Device\ContactInput;

/** What is closed. */
final class ContactsState implements PartState
{
    /** @var array<int, bool> by contact; what is not here is not known yet */
    public array $closed = [];

    /** What is closed stays closed: by its last word, also within a debounce time, else by the hands. */
    public function carried(Renumbering $to): static
    {
        $isRunning = $to->before->phase === Phase::Running;
        $closed = self::closedByHand($to->new, $to->hands);
        foreach ($to->before->debounce->lastWords() + $this->closed as $contact => $isClosed) {
            $closed[$to->old->tables->contacts[$contact]->ref] = $isClosed;
        }
        $next = new self;
        foreach ($to->new->tables->contacts as $contact => $row) {
            $sources = $row->opposite === null ? $row->noneOf : [$row->opposite];
            if (isset($to->before->away[explode('/', $row->ref, 2)[0]])) {
                $next->closed[$contact] = false;
            } elseif ($to->new->tables->contacts[$row->opposite ?? $contact]->ofAxis) {
                if (isset($closed[$row->ref])) {
                    $next->closed[$contact] = $closed[$row->ref];
                }
            } elseif ($sources !== []) {
                if ($isRunning) {
                    $next->closed[$contact] = array_filter(
                        $sources,
                        fn (int $of) => $closed[$to->new->tables->contacts[$of]->ref] ?? false,
                    ) === [];
                }
            } elseif (isset($closed[$row->ref]) || $isRunning) {
                $next->closed[$contact] = $closed[$row->ref] ?? false;
            }
        }
        foreach ($isRunning ? $to->new->tables->rotaries : [] as $encoder => $row) {
            foreach (
                $row->ticks === null && ! isset(
                    $to->before->away[explode('/', $encoder, 2)[0]],
                ) ? $row->contacts : [] as $place => $contact
            ) {
                $next->closed[$contact] = $place === $row->place($to->before->rotaries->at[$encoder] ?? '');
            }
        }

        return $next;
    }

    /**
     * @param array<string, int> $hands last value by port
     *
     * @return array<string, bool> by reference
     */
    private static function closedByHand(Program $new, array $hands): array
    {
        $closed = [];
        foreach (array_intersect_key($new->tables->contactPorts, $hands) as $ref => $contact) {
            $closed[$ref] = $hands[$ref] === 1;
        }
        foreach (array_intersect_key($new->tables->hatPorts, $hands) as $ref => $contacts) {
            foreach (array_filter($contacts, is_int(...)) as $direction => $contact) {
                $closed[$new->tables->contacts[$contact]->ref] = ContactInput::points($direction, $hands[$ref]);
            }
        }

        return $closed;
    }
}
