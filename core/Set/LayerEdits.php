<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\FreeName;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\HoldLayer;
use Nailrod\Core\Mapping\Output\NamesPart;

/** What a person does to the layers of a set: each gives a new document of the set itself. */
final readonly class LayerEdits
{
    use SaysParts;

    public function __construct(private BindingSet $set) {}

    /**
     * A new layer, held by a contact of the base layer if one is named, which must be free.
     *
     * @throws FormatError
     */
    public function add(string $name, ?string $holder): SetDocument
    {
        $free = $this->free($name, $this->set->layers, 'layer');
        $own = $this->own()->with(PartPath::layer($free), ['name' => $name]);

        if ($holder === null) {
            return $own;
        }
        $cell = $this->set->cell(
            Layer::BASE,
            $this->known($holder, $this->set->rig->contacts, 'cells.base', 'a contact of the rig'),
        );
        if ($cell !== null) {
            throw FormatError::told(
                'Held by',
                $this->set->rig->nameOf($holder).', which does this already: '.(new Words($this->set))->cell($cell),
                'a contact that is free in '
                    .$this->set->layers[Layer::BASE]->name
                    .'; clear it on Assign first, or make the layer without a holder',
            );
        }

        return $own->with(
            PartPath::cell(Layer::BASE, $holder),
            ['behaviour' => ['kind' => 'follow'], 'outputs' => [(new HoldLayer($free))->toArray()]],
        );
    }

    public function rename(string $id, string $name): SetDocument
    {
        return $this->say($id, ['name' => $name]);
    }

    /**
     * Says something of a layer; what was said of it before stays. A colour that it has by its place anyway is not
     * said.
     *
     * @param array<string, mixed> $fields of a layer in the open format
     */
    public function say(string $id, array $fields): SetDocument
    {
        $path = PartPath::layer($this->known($id, $this->set->layers, 'layers', 'a layer of the set'));
        $before = Node::of($this->set->merged->value($path) ?? [])->plain();
        $usual = (int) array_search($id, Keys::of($this->set->layers), true) % Layer::COLOURS + 1;
        if (! isset($before['colour']) && ($fields['colour'] ?? null) === $usual) {
            unset($fields['colour']);
        }

        return $this->own()->with(
            $path,
            array_filter(
                $fields + $before + ['name' => $this->set->layers[$id]->name],
                fn (mixed $value) => $value !== false,
            ),
        );
    }

    /** @param int $by how many places later among the layers after the base layer; negative: earlier */
    public function shift(string $id, int $by): SetDocument
    {
        $this->known(
            $id,
            array_diff_key($this->set->layers, [Layer::BASE => 0]),
            'layers',
            'a layer of the set other than the base layer',
        );
        $order = array_values(array_diff(array_map(strval(...), Keys::of($this->set->layers)), [Layer::BASE]));
        $at = (int) array_search($id, $order, true);
        array_splice($order, $at, 1);
        array_splice($order, max(0, min(count($order), $at + $by)), 0, [$id]);
        $own = $this->own();
        foreach ($order as $place => $layer) {
            if ($this->set->layers[$layer]->place !== $place + 1) {
                $own = $own->with(
                    PartPath::layer($layer),
                    ['place' => $place + 1] + Node::of($this->set->merged->value(PartPath::layer($layer)))->plain(),
                );
            }
        }

        return $own;
    }

    /**
     * Takes a layer away with all that it says, and what names it.
     *
     * @throws FormatError
     */
    public function remove(string $id): SetDocument
    {
        if ($id === Layer::BASE) {
            throw FormatError::told('layers.base', 'the base layer', 'another layer: a set always has its base layer');
        }
        $this->known($id, $this->set->layers, 'layers', 'a layer of the set');

        return (new Removal($this->set))->of(Gone::part(NamesPart::LAYER, $id));
    }

    /** What a new layer is called until somebody says better. */
    public static function nameOfNext(BindingSet $set): string
    {
        return FreeName::numbered(
            'Layer',
            array_map(fn (Layer $layer) => $layer->name, $set->layers),
            count($set->layers) + 1,
        );
    }
}
