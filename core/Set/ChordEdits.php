<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Output\Output;

/**
 * What a person does to the chords of a set: each gives a new document of the set itself, the parents stay as they are.
 */
final readonly class ChordEdits
{
    use SaysParts;

    public function __construct(private BindingSet $set) {}

    /**
     * Contacts that count as one press when they close together; an action that has no way yet gets one.
     *
     * @param list<string> $of     references of the contacts, also of several devices
     * @param float        $within how long the last may take after the first, in ms
     * @param float        $held   how long all must be held before it comes on, in ms; 0: at once
     */
    public function add(string $layer, array $of, float $within, float $held, Output $output): SetDocument
    {
        $this->known($layer, $this->set->layers, 'chords', 'a layer of the set');
        foreach ($of as $ref) {
            $this->known($ref, $this->set->rig->contacts, 'chords.'.$layer, 'a contact of the rig');
        }
        $name = implode(' + ', array_map($this->set->rig->nameOf(...), $of));
        $own = (new Edits($this->set))->withWay($this->own(), $output);

        return $own->with(PartPath::chord($layer, $this->free($name, $this->set->chords[$layer] ?? [], 'chord')), [
            'name' => mb_substr($name, 0, 60), 'of' => $of, 'within_ms' => $within, 'outputs' => [$output->toArray()],
        ] + ($held > 0 ? ['held_ms' => $held] : []));
    }

    /**
     * How long a chord may take to form, and how long it is held before it comes on, in ms.
     *
     * @throws FormatError
     */
    public function time(string $layer, string $id, float $within, float $held): SetDocument
    {
        $path = PartPath::chord($layer, $id);
        if (! isset($this->set->chords[$layer][$id])) {
            throw FormatError::told('Together with another', 'a chord that is not there any more', 'one of this layer');
        }

        return $this->own()->with(
            $path,
            ['within_ms' => $within] + ($held > 0 ? ['held_ms' => $held] : []) + array_diff_key(
                Node::of($this->set->merged->value($path))->plain(),
                ['held_ms' => 0],
            ),
        );
    }

    public function remove(string $layer, string $id): SetDocument
    {
        return $this->takeAway($this->own(), PartPath::chord($layer, $id));
    }
}
