<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Stop;
use Nailrod\Core\Mapping\Behaviour\Behaviour;
use Nailrod\Core\Mapping\Behaviour\Follow;
use Nailrod\Core\Mapping\Behaviour\Follows;
use Nailrod\Core\Mapping\Behaviour\PlacesOutputs;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Behaviour\Ticks;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\ActionOutput;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Mapping\Output\OpensStop;
use Nailrod\Core\Mapping\Output\OpenStop;
use Nailrod\Core\Mapping\Output\Output;

/** What a person does to a set: each gives a new document of the set itself, the parents stay as they are. */
final readonly class Edits
{
    use SaysParts;

    /** @param bool $otherwise is it done to what a cell does otherwise? */
    public function __construct(private BindingSet $set, private bool $otherwise = false) {}

    /** The same, done to what a cell does when its condition does not hold. */
    public function otherwise(): self
    {
        return new self($this->set, true);
    }

    /**
     * Puts a stop in place and lets a contact of the base layer open it.
     *
     * @param array<string, mixed> $stop   in the open format
     * @param ?string              $opener reference of the contact; null leaves it as it is
     */
    public function stop(string $id, array $stop, ?string $opener): SetDocument
    {
        $own = $this->own()->with(PartPath::stop($id), $stop);
        foreach (Stop::read($id, Node::of($stop, 'stops.'.$id))->axes as $axis) {
            $this->known($axis, $this->set->rig->axes, 'stops.'.$id.'.axes', 'an axis of the rig');
        }
        if ($opener === null || in_array($opener, $this->set->openersOf($id), true)) {
            return $own;
        }
        foreach ($this->set->openersOf($id) as $before) {
            $own = $this->withoutOutput(
                $own,
                $before,
                fn (Output $output) => $output instanceof OpensStop && $output->stop() === $id,
            );
        }

        return $opener === '' ? $own : $this->opening(
            $own,
            $this->known($opener, $this->set->rig->contacts, 'cells.base', 'a contact of the rig'),
            new OpenStop($id),
        );
    }

    /**
     * A contact that opens other stops, or drives something while it is held, opens this one beside; what it does
     * otherwise is not taken from it.
     */
    private function opening(SetDocument $own, string $opener, OpenStop $output): SetDocument
    {
        $path = PartPath::cell(Layer::BASE, $opener);
        $cell = $this->set->cell(Layer::BASE, $opener);
        if ($cell === null) {
            return $own->with($path, ['behaviour' => Follow::always()->toArray(), 'outputs' => [$output->toArray()]]);
        }
        if (! $cell->behaviour instanceof Follows || $cell->when !== null) {
            throw FormatError::told(
                'Opened by',
                $this->set->rig->nameOf($opener).', which does this already: '.(new Words($this->set))->cell($cell),
                'a contact that is free, or one that only holds something; clear it on Assign first',
            );
        }
        $outputs = array_map(fn (Output $one) => $one->toArray(), [...$cell->outputs, $output]);

        return $own->with(
            $path,
            array_replace(Node::of($this->set->merged->value($path))->plain(), ['outputs' => $outputs]),
        );
    }

    /** Takes a stop away, and what names it. */
    public function removeStop(string $id): SetDocument
    {
        $this->known($id, $this->set->stops, 'stops', 'a stop of the set');

        return (new Removal($this->set))->of(Gone::part(NamesPart::STOP, $id));
    }

    /**
     * Assigns outputs to a contact or an axis. An action that has no way yet gets one.
     *
     * @param list<Output> $outputs
     * @param ?Behaviour   $behaviour null for an axis; for a contact, null takes what is usual for the first output
     */
    public function assign(string $layer, string $ref, ?Behaviour $behaviour, array $outputs): SetDocument
    {
        $own = $this->own();
        $this->known($layer, $this->set->layers, 'cells', 'a layer of the set');
        $this->known(
            $ref,
            $this->set->rig->axes + $this->set->rig->contacts,
            'cells.'.$layer,
            'a contact or an axis of the rig',
        );
        $behaviour ??= isset($this->set->rig->axes[$ref]) ? null : $this->usualBehaviour($ref, $outputs[0] ?? null);
        $cell = ($behaviour === null ? [] : ['behaviour' => $behaviour->toArray()]) + (
            $behaviour instanceof PlaysItsMacro ? [] : [
                'outputs' => array_map(fn (Output $output) => $output->toArray(), $outputs),
            ]
        )
            + array_diff_key(
                $this->said($layer, $ref) ?? [],
                ['nothing' => 0, 'as' => 0, 'behaviour' => 0, 'outputs' => 0],
            );
        foreach ($outputs as $output) {
            $own = $this->withWay($own, $output);
        }

        return $this->put($own, $layer, $ref, $cell);
    }

    /**
     * @return ?array<string, mixed> what the cell says in the open format, or what it says is done otherwise; null if
     *    it says nothing
     */
    private function said(string $layer, string $ref): ?array
    {
        $said = $this->set->merged->value(PartPath::cell($layer, $ref));
        $node = $said === null ? null : Node::of($said);

        return ($this->otherwise ? $node?->maybe('otherwise') : $node)?->plain();
    }

    /** What the cell does, or does otherwise; null for nothing. */
    public function cell(string $layer, string $ref): ?Cell
    {
        $cell = $this->set->cell($layer, $ref);

        return $this->otherwise ? $cell?->otherwise : $cell;
    }

    /** @param ?array<string, mixed> $cell in the open format; null: nothing */
    private function put(SetDocument $own, string $layer, string $ref, ?array $cell): SetDocument
    {
        $path = PartPath::cell($layer, $ref);
        if (! $this->otherwise) {
            return $cell === null ? $this->takeAway($own, $path) : $own->with($path, $cell);
        }
        $whole = Node::of($this->set->merged->value($path) ?? throw FormatError::at(
            'cells.'.$layer,
            $ref,
            'a contact that this layer assigns',
        ))->plain();
        if (! isset($whole['when'])) {
            throw FormatError::told('Otherwise', 'no condition', 'one under which it works');
        }

        return $own->with(
            $path,
            array_diff_key($whole, ['otherwise' => 0]) + ($cell === null ? [] : ['otherwise' => $cell]),
        );
    }

    /** A contact does as another one does, whatever that does in the layer that is live. */
    public function doAs(string $layer, string $ref, string $other): SetDocument
    {
        $this->known($layer, $this->set->layers, 'cells', 'a layer of the set');
        $this->known($ref, $this->set->rig->contacts, 'cells.'.$layer, 'a contact of the rig');

        return $this->own()->with(
            PartPath::cell($layer, $ref),
            ['as' => $this->known($other, $this->set->rig->contacts, 'Does as', 'a contact of the rig')],
        );
    }

    /**
     * What becomes of the output of an axis when layers change.
     *
     * @param array<string, mixed> $over fields of HandOver
     *
     * @throws FormatError
     */
    public function handOver(string $layer, string $axis, array $over): SetDocument
    {
        $path = PartPath::cell(
            $layer,
            $this->known($axis, $this->set->rig->axes, 'cells.'.$layer, 'an axis of the rig'),
        );
        $cell = $this->set->merged->value($path) ?? throw FormatError::at(
            'cells.'.$layer,
            $axis,
            'an axis that this layer assigns',
        );

        return $this->own()->with($path, HandOver::without(Node::of($cell)->plain()) + $over);
    }

    /** One more output beside those that a contact drives in a layer; an action that has no way yet gets one. */
    public function addOutput(string $layer, string $ref, Output $output): SetDocument
    {
        $cell = $this->cell($layer, $ref);
        if ($cell === null || $cell->isNothing() || $cell->as !== null || isset($this->set->rig->axes[$ref])) {
            return $this->assign($layer, $ref, null, [$output]);
        }

        $behaviour = $cell->behaviour instanceof PlacesOutputs
            ? $cell->behaviour->withOutput(count($cell->outputs))
            : $cell->behaviour;

        return $this->assign(
            $layer,
            $ref,
            $behaviour instanceof PlaysItsMacro ? null : $behaviour,
            [...$cell->outputs, $output],
        );
    }

    /**
     * Takes one of several outputs away; the last one clears the cell.
     *
     * @throws FormatError
     */
    public function removeOutput(string $layer, string $ref, int $index): SetDocument
    {
        $said = $this->said($layer, $ref) ?? throw FormatError::at(
            'cells.'.$layer,
            $ref,
            'a contact that this layer assigns',
        );
        if (! isset($this->cell($layer, $ref)->outputs[$index])) {
            throw FormatError::told('outputs', 'no output at place '.($index + 1), 'one that this cell has');
        }

        return $this->put($this->own(), $layer, $ref, OutputsLeft::ofCell(
            $said,
            fn (array $does) => OutputsLeft::of(
                $does,
                fn (Output $output, int $place) => $place === $index ? null : $output,
            ),
            fn (array $otherwise) => $otherwise,
        ));
    }

    /** The outputs stay, what the contact does with them changes. */
    public function behave(string $layer, string $ref, Behaviour $behaviour): SetDocument
    {
        if ($behaviour instanceof PlacesOutputs) {
            $behaviour = $behaviour->arranged($this->cell($layer, $ref)->outputs ?? []);
        }

        return $this->changeCell(
            $layer,
            $ref,
            ['behaviour' => $behaviour->toArray()],
            $behaviour instanceof PlaysItsMacro ? ['outputs'] : [],
        );
    }

    /** @param ?Condition $when null: always, so that nothing is done otherwise */
    public function dependOn(string $layer, string $ref, ?Condition $when): SetDocument
    {
        return $this->changeCell(
            $layer,
            $ref,
            $when === null ? [] : ['when' => $when->toArray()],
            $when === null ? ['when', 'otherwise'] : ['when'],
        );
    }

    public function addFlag(string $name): SetDocument
    {
        return $this->own()->with(PartPath::flag($this->free($name, $this->set->flags, 'flag')), ['name' => $name]);
    }

    /**
     * @param array<string, mixed> $fields
     * @param list<string>         $without fields that go
     */
    private function changeCell(string $layer, string $ref, array $fields, array $without): SetDocument
    {
        $said = $this->said($layer, $ref)
            ?? throw FormatError::at('cells.'.$layer, $ref, 'a contact that this layer assigns');

        return $this->put($this->own(), $layer, $ref, $fields + array_diff_key($said, array_flip($without)));
    }

    /**
     * Lets a contact write the variable of an action that the game can otherwise only flip: one value while it is
     * closed, the other while it is open, so that the two cannot fall out of step.
     *
     * @throws FormatError
     */
    public function keepInStep(string $layer, string $ref): SetDocument
    {
        $advice = (new Advice($this->set))->outOfStep($layer, $ref) ?? throw FormatError::told(
            'cells.'.$layer.'.'.$ref,
            'no action that a switch can fall out of step with',
            'one that the game can only flip',
        );

        $own = $this->own();
        foreach ($this->set->rig->controlOf($ref)->contacts ?? [] as $position) {
            $output = $this->set->cell($layer, $position->ref)->outputs[0] ?? null;
            if ($position->ref !== $ref && $this->set->actionOf($output)?->id === $advice->action->id) {
                $own = $this->takeAway($own, PartPath::cell($layer, $position->ref));
            }
        }

        return $own
            ->with(PartPath::way($advice->action->id), $advice->way->toArray())
            ->with(
                PartPath::cell($layer, $ref),
                [
                    'behaviour' => Follow::always()->toArray(),
                    'outputs' => [(new ActionOutput($advice->action->id))->toArray()],
                ],
            );
    }

    /** An action that has no way yet gets one; what stands for no action needs none. */
    public function withWay(SetDocument $own, Output $output): SetDocument
    {
        $catalogue = $this->set->catalogue;
        $action = $this->set->actionOf($output);
        $way = $catalogue === null || $action === null ? null : (new Ways($this->set, $catalogue))->propose($action);

        return $action === null || $way === null ? $own : $own->with(PartPath::way($action->id), $way->toArray());
    }

    /** The layer says that nothing happens, whatever the base layer says. */
    public function nothing(string $layer, string $ref): SetDocument
    {
        $this->known($ref, $this->set->rig->axes + $this->set->rig->contacts, 'cells.'.$layer, 'a contact or an axis '
            .'of the rig');

        return $this->own()->with(PartPath::cell($layer, $ref), ['nothing' => true]);
    }

    public function clear(string $layer, string $ref): SetDocument
    {
        return $this->put($this->own(), $layer, $ref, null);
    }

    public function way(string $action, Output $way): SetDocument
    {
        return $this->own()->with(PartPath::way($action), $way->toArray());
    }

    /** What the parent says of this part holds again. */
    public function giveBack(PartPath $path): SetDocument
    {
        return $this->own()->without($path);
    }

    /** It is no longer said here, nor heard from a parent. */
    public function takenAway(PartPath $path): SetDocument
    {
        return $this->takeAway($this->own(), $path);
    }

    private function usualBehaviour(string $ref, ?Output $output): Behaviour
    {
        if (($this->set->rig->contacts[$ref] ?? null)?->isTick() === true) {
            return Ticks::usual();
        }
        $action = $this->set->actionOf($output);

        return $action === null ? Follow::always() : $action->usualBehaviour();
    }
}
