<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Lamp\LampWhen;
use Nailrod\Core\Layer\Layer;
use Nailrod\Core\Macro\MacroStep;
use Nailrod\Core\Output\GoToLayer;
use Nailrod\Core\Output\HoldLayer;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\StepLayer;

/** What a person does to the layers of a set: each gives a new document of the set itself. */
final readonly class LayerEdits
{
    use SaysParts;

    public function __construct(private BindingSet $set) {}

    /** A new layer, held by a contact of the base layer if one is named. */
    public function add(string $name, ?string $holder): SetDocument
    {
        $free = $this->free($name, $this->set->layers, 'layer');
        $own = $this->own()->with(PartPath::layer($free), ['name' => $name]);

        return $holder === null ? $own : $own->with(
            PartPath::cell(Layer::BASE, $this->known($holder, $this->set->rig->contacts, 'cells.base', 'a contact of the rig')),
            ['behaviour' => ['kind' => 'follow'], 'outputs' => [(new HoldLayer($free))->toArray()]],
        );
    }

    public function rename(string $id, string $name): SetDocument
    {
        return $this->say($id, ['name' => $name]);
    }

    /**
     * Says something of a layer; what was said of it before stays. A colour that it has by its place anyway is not said.
     *
     * @param array<string, mixed> $fields of a layer in the open format
     */
    public function say(string $id, array $fields): SetDocument
    {
        $path = PartPath::layer($this->known($id, $this->set->layers, 'layers', 'a layer of the set'));
        $before = Node::of($this->set->merged->value($path) ?? [])->plain();
        $usual = (int) array_search($id, array_keys($this->set->layers), true) % Layer::COLOURS + 1;
        if (! isset($before['colour']) && ($fields['colour'] ?? null) === $usual) {
            unset($fields['colour']);
        }

        return $this->own()->with($path, array_filter($fields + $before + ['name' => $this->set->layers[$id]->name], fn (mixed $value) => $value !== false));
    }

    /** @param int $by how many places later among the layers after the base layer; negative: earlier */
    public function shift(string $id, int $by): SetDocument
    {
        $this->known($id, array_diff_key($this->set->layers, [Layer::BASE => 0]), 'layers', 'a layer of the set other than the base layer');
        $order = array_values(array_diff(array_map(strval(...), array_keys($this->set->layers)), [Layer::BASE]));
        $at = (int) array_search($id, $order, true);
        array_splice($order, $at, 1);
        array_splice($order, max(0, min(count($order), $at + $by)), 0, [$id]);
        $own = $this->own();
        foreach ($order as $place => $layer) {
            if ($this->set->layers[$layer]->place !== $place + 1) {
                $own = $own->with(PartPath::layer($layer), ['place' => $place + 1] + Node::of($this->set->merged->value(PartPath::layer($layer)))->plain());
            }
        }

        return $own;
    }

    /** Takes a layer away with all that it says, and what holds it. */
    public function remove(string $id): SetDocument
    {
        if ($id === Layer::BASE) {
            throw FormatError::told('layers.base', 'the base layer', 'another layer: a set always has its base layer');
        }
        $own = $this->own();
        foreach ($this->set->cells as $layer => $cells) {
            foreach ($cells as $ref => $cell) {
                if ($layer === $id) {
                    $own = $this->takeAway($own, PartPath::cell($id, $ref));
                } else {
                    $own = $this->withOutputs($own, $ref, fn (Output $output) => self::without($output, $id), $layer);
                }
            }
        }

        foreach ($this->set->chords as $layer => $chords) {
            foreach ($chords as $chord => $one) {
                if ($layer === $id || array_filter($one->outputs, fn (Output $output) => self::without($output, $id) === null) !== []) {
                    $own = $this->takeAway($own, PartPath::chord($layer, $chord));
                }
            }
        }
        foreach ($this->set->lamps as $rule => $lamp) {
            if ($lamp instanceof LampWhen && $lamp->sort === 'layer' && $lamp->name === $id) {
                $own = $this->takeAway($own, PartPath::lamp($rule));
            }
        }
        foreach ($this->set->macros as $name => $macro) {
            $steps = array_values(array_filter($macro->steps, fn (MacroStep $step) => $step->output === null || self::without($step->output, $id) !== null));
            if (count($steps) < count($macro->steps)) {
                $own = $own->with(PartPath::macro($name), $macro->withSteps($steps)->toArray());
            }
        }

        return $this->takeAway($own, PartPath::layer($id));
    }

    /** An output as it is without a layer: a list of layers to step through is one shorter. Null if nothing is left of it. */
    private static function without(Output $output, string $layer): ?Output
    {
        if ($output instanceof StepLayer) {
            $left = array_values(array_diff($output->layers, [$layer]));
            if (count($left) === count($output->layers)) {
                return $output;
            }

            return count($left) < 2 ? null : new StepLayer($output->direction, $left, $output->wraps);
        }

        return ($output instanceof HoldLayer || $output instanceof GoToLayer) && $output->layer === $layer ? null : $output;
    }
}
