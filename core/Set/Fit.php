<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Article;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Behaviour\Behaviour;
use Nailrod\Core\Mapping\Behaviour\Follows;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Condition\Conditions;
use Nailrod\Core\Mapping\Condition\Joined;
use Nailrod\Core\Mapping\Lamp\LampRule;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Output\AxisOutput;
use Nailrod\Core\Mapping\Output\ContactOutput;
use Nailrod\Core\Mapping\Output\LeadsToLayer;
use Nailrod\Core\Mapping\Output\MeansAction;
use Nailrod\Core\Mapping\Output\NamesLamp;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Rig\Device\Lamp;

/**
 * Does what cells, chords and macros say fit the rest of their set? Each check throws a FormatError with the path of
 * the part that does not.
 */
final readonly class Fit
{
    /** @param BindingSet $set with everything but its cells and chords */
    public function __construct(private BindingSet $set) {}

    /**
     * One that is set aside must still name what is there; what it cannot do is asked when it is taken up again.
     *
     * @throws FormatError
     */
    public function cell(Cell $cell, Node $node, string $layer, string $ref): void
    {
        $isPlayed = ! $this->set->isAside(PartPath::cell($layer, $ref));
        $isAxis = isset($this->set->rig->axes[$ref]);
        if ($cell->isNothing() || $cell->as !== null) {
            return;
        }
        if ($isAxis && ($cell->behaviour !== null || count($cell->outputs) !== 1)) {
            throw $node->refuse('one output and no behaviour, since this is an axis');
        }
        if (! $isAxis && $cell->over !== null) {
            throw $node->refuse('neither "leaving" nor "taking", since this is no axis');
        }
        if (! $isAxis && $cell->behaviour === null) {
            throw FormatError::missing($node->path, 'behaviour');
        }
        if ($isAxis && $cell->when !== null) {
            throw $node->get('when')->refuse('no condition, since this is an axis');
        }
        $this->condition($cell->when, $node);
        if ($cell->otherwise !== null) {
            $this->cell($cell->otherwise, $node->get('otherwise'), $layer, $ref);
        }
        if ($cell->behaviour instanceof PlaysItsMacro && ! isset($this->set->macros[$cell->behaviour->macro()])) {
            throw $node->get('behaviour')->get('macro')->refuse('a macro of the set');
        }
        foreach ($cell->outputs as $i => $output) {
            $this->output($output, $node->get('outputs')->list()[$i], $isAxis, $cell->behaviour, $isPlayed);
        }
        if ($isPlayed) {
            $this->tick($cell, $node, $ref);
        }
    }

    /**
     * It does as a contact does that does something by itself in every layer. Where a parent says otherwise, that is a
     * finding, and nothing happens. It hangs on other cells: it is asked anew whichever of them has changed.
     *
     * @throws FormatError
     */
    public function as(string $other, Node $node, string $layer, string $ref): void
    {
        $place = $node->get('as');
        if (isset($this->set->rig->axes[$ref]) || isset($this->set->rig->axes[$other])) {
            throw $place->refuse('a contact, for another contact');
        }
        if ($other === $ref) {
            throw $place->refuse('another contact than itself');
        }
        foreach ($this->set->isAside(PartPath::cell($layer, $ref)) ? [] : $this->set->layers as $live) {
            // What holds of both while that layer is live.
            [$here, $there] = [$this->holds($live->id, $ref), $this->holds($live->id, $other)];
            if ($here === $node->value && $there !== null && Node::of($there)->has('as')) {
                throw $place->refuse(
                    'a contact that does nothing as another one ('
                        .$this->set->rig->nameOf($other)
                        .' does, in '
                        .$live->name
                        .')',
                );
            }
        }
    }

    /** What the set itself says of a contact while a layer is live; null if it says nothing, or that is set aside. */
    private function holds(string $layer, string $ref): mixed
    {
        $own = $this->set->merged->own;
        $path = PartPath::cell($layer, $ref);
        $path = $own->value($path) === null ? PartPath::cell(Layer::BASE, $ref) : $path;

        return $this->set->isAside($path) ? null : $own->value($path);
    }

    public function chord(Chord $chord, Node $node): void
    {
        $this->condition($chord->when, $node);
        foreach ($chord->outputs as $i => $output) {
            $this->output($output, $node->get('outputs')->list()[$i], false, null);
        }
    }

    /** @throws FormatError */
    public function macro(Macro $macro, Node $node): void
    {
        $this->condition($macro->when, $node);
        if ($macro->repeats && $macro->length($this->set->layouts) === 0) {
            throw $node->get('steps')->refuse('steps that take some time, since they are repeated');
        }
        foreach ($macro->steps as $i => $step) {
            if ($step->output !== null) {
                $this->output(
                    $step->output,
                    $node->get('steps')->list()[$i]->get('output'),
                    false,
                    null,
                    ! $this->set->isAside(PartPath::macro($macro->id)),
                );
            }
        }
    }

    /**
     * A rule for lamps as far as the rig has what it names; null if it cannot do without something that is not there.
     * What the set itself should have must be there.
     *
     * @throws FormatError
     */
    public function lamps(LampRule $rule, Node $node): ?LampRule
    {
        foreach ($rule->names() as [$sort, $id]) {
            if (! isset($this->known()[$sort][$id])) {
                throw (
                    $node->maybe('while')?->maybe($sort) ?? $node->maybe($sort) ?? $node
                )->refuse(Article::before($sort).' of the set');
            }
        }
        foreach ($rule->contacts() as $contact) {
            if (! isset($this->set->rig->contacts[$contact])) {
                return null;
            }
        }

        return $rule->within($this->hasLamp(...));
    }

    private function output(
        Output $output,
        Node $place,
        bool $isAxis,
        ?Behaviour $behaviour,
        bool $isPlayed = true,
    ): void {
        if ($output instanceof MeansAction) {
            $this->action($output, $place, $isAxis, $behaviour, $isPlayed);
        } elseif ($isAxis !== $output instanceof AxisOutput) {
            throw $place->refuse($isAxis ? 'an output that an axis can drive' : 'an output that a contact can drive');
        }
        $this->named($output, $place);
    }

    /**
     * What an output names must be there.
     *
     * @throws FormatError
     */
    public function named(Output $output, Node $place): void
    {
        $known = $this->known();
        foreach ($output instanceof NamesPart ? $output->names() : [] as [$sort, $id]) {
            if (! isset($known[$sort][$id])) {
                throw ($place->maybe($sort) ?? $place->maybe($sort.'s') ?? $place)->refuse(
                    Article::before($sort).' of the set'.($known[$sort] === [] ? ' (it has none)' : ''),
                );
            }
        }
        if ($output instanceof LeadsToLayer && $output->holdsLayer() && $output->leadsTo(Layer::BASE) === Layer::BASE) {
            throw $place->get('layer')->refuse('a layer of the set other than the base layer');
        }
        if ($output instanceof NamesLamp && ! $this->hasLamp($output->lamp())) {
            throw $place->get('lamp')->refuse('a lamp of a device of the rig');
        }
    }

    /** @return array<string, array<string, mixed>> what parts of the set can name, by sort, then by id */
    private function known(): array
    {
        return [
            NamesPart::LAYER => $this->set->layers,
            NamesPart::STOP => $this->set->stops,
            NamesPart::MACRO => $this->set->macros,
            NamesPart::FLAG => $this->set->flags,
        ];
    }

    private function hasLamp(string $ref): bool
    {
        [$device, $id] = [...explode('/', $ref, 2), ''];

        return array_filter(
            $this->set->rig->devices[$device]->lamps ?? [],
            fn (Lamp $lamp) => $lamp->id === $id,
        ) !== [];
    }

    private function condition(?Condition $when, Node $node): void
    {
        $known = $this->known();
        foreach ($when?->questions() ?? [] as $i => $question) {
            $sort = Conditions::asksFor($question::class);
            if (isset($known[$sort]) && ! isset($known[$sort][$question->name()])) {
                $place = $node->get('when');
                $place = $when instanceof Joined ? $place->get($when->how())->list(Joined::MOST)[$i] : $place;

                throw $place->get($question::sort())->refuse(Article::before($sort).' of the set');
            }
        }
    }

    /** A tick is over at once: it cannot hold anything. */
    private function tick(Cell $cell, Node $node, string $ref): void
    {
        if (! $cell->behaviour instanceof Follows || ($this->set->rig->contacts[$ref] ?? null)?->isTick() !== true) {
            return;
        }
        foreach ($cell->outputs as $output) {
            $way = $this->set->leaving($output);
            if ($way instanceof ContactOutput && $way->isHeld()) {
                throw $node->get('behaviour')->refuse('another behaviour than follow, since a tick is over at once');
            }
        }
    }

    private function action(MeansAction $output, Node $place, bool $isAxis, ?Behaviour $behaviour, bool $isPlayed): void
    {
        if ($this->set->catalogue !== null && $this->set->catalogue->action($output->action()) === null) {
            throw $place->get('action')->refuse('an action of '.$this->set->catalogue->name);
        }
        $way = $this->set->wayOf($output->action());
        if ($way === null || ! $isPlayed) {
            return;
        }
        if ($isAxis !== $way instanceof AxisOutput) {
            throw $place->get('action')->refuse(
                'an action that '.($isAxis ? 'an axis' : 'a contact').' can drive ('.(
                    $this->set->catalogue?->action($output->action())->name ?? $output->action()
                ).' is reached by '.(new Words($this->set))->output($way).')',
            );
        }
        $refusal = $way instanceof ContactOutput ? $behaviour?->refuses($way) : null;
        if ($refusal !== null) {
            throw $place->refuse($refusal);
        }
    }
}
