<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Lamp\LampRule;
use Nailrod\Core\Mapping\Lamp\LampRules;

/**
 * What a person does to the rules for lamps of a set: each gives a new document of the set itself, the parents stay as
 * they are.
 */
final readonly class LampEdits
{
    use SaysParts;

    public function __construct(private BindingSet $set) {}

    /** @param string $id of the rule that is changed; empty for a new one */
    public function save(string $id, LampRule $rule): SetDocument
    {
        $first = str_replace('/', ' ', $rule->lamps()[0]);

        return $this->own()->with(
            PartPath::lamp($id === '' ? $this->free($first, $this->set->lamps, 'lamp') : $this->known(
                $id,
                $this->set->lamps,
                'lamps',
                'a rule of the set',
            )),
            $this->withGone($id, $rule->toArray()),
        );
    }

    /**
     * Lamps of the rule that the rig does not have just now, as tiles of a panel that is not shown, stay in it.
     *
     * @param array<string, mixed> $said
     *
     * @return array<string, mixed>
     */
    private function withGone(string $id, array $said): array
    {
        $was = $id === '' || ! isset($said['while']) ? null : LampRules::read(
            Node::of($this->set->merged->value(PartPath::lamp($id))),
        );
        $gone = $was === null ? [] : array_values(array_diff($was->lamps(), $this->set->lamps[$id]->lamps()));
        $also = is_array($said['also'] ?? null) ? array_values(
            array_diff(array_filter($said['also'], is_string(...)), $gone),
        ) : [];

        return $gone === [] ? $said : ['also' => [...$also, ...$gone]] + $said;
    }

    public function remove(string $id): SetDocument
    {
        return $this->takeAway(
            $this->own(),
            PartPath::lamp($this->known($id, $this->set->lamps, 'lamps', 'a rule of the set')),
        );
    }
}
