<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Lamp\LampRule;

/** What a person does to the rules for lamps of a set: each gives a new document of the set itself, the parents stay as they are. */
final readonly class LampEdits
{
    use SaysParts;

    public function __construct(private BindingSet $set) {}

    /** @param string $id of the rule that is changed; empty for a new one */
    public function save(string $id, LampRule $rule): SetDocument
    {
        $first = str_replace('/', ' ', $rule->lamps()[0]);

        return $this->own()->with(PartPath::lamp($id === '' ? $this->free($first, $this->set->lamps, 'lamp') : $this->known($id, $this->set->lamps, 'lamps', 'a rule of the set')), $rule->toArray());
    }

    public function remove(string $id): SetDocument
    {
        return $this->takeAway($this->own(), PartPath::lamp($this->known($id, $this->set->lamps, 'lamps', 'a rule of the set')));
    }
}
