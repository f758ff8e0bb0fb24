<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\EffectKind;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Rig\Device\HatWay;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Panel\TileKind;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Slot;

/** What a tile does, in the base layer: actions of the game, by the ways that a plan would give them. */
final readonly class TileWork
{
    /** Which way of a stick an action goes, by a word of its role or name. */
    private const WAYS = [
        'right' => 'east',
        'left' => 'west',
        'higher' => 'north',
        'up' => 'north',
        'lower' => 'south',
        'down' => 'south',
    ];

    public function __construct(private BindingSet $set, private Catalogue $catalogue, private string $device) {}

    /** How what belongs together is touched best. */
    public static function kindOf(ActionGroup $unit): TileKind
    {
        $action = $unit->first();

        return match (true) {
            $action->isAxis() => TileKind::Slide,
            count($unit->actions) > 2 => TileKind::Cycle,
            $unit->isPair() && $action->effect->kind !== EffectKind::Set => TileKind::Pair,
            $unit->isPair(), $action->effect->kind === EffectKind::Flip => TileKind::LocksOn,
            default => TileKind::Press,
        };
    }

    /**
     * A tile of a kind does what belongs together, or of it one action, where the tile can do only that.
     *
     * @param string $end the end of the tile that was asked for, which then does that one action alone: `plus`, `north`
     *
     * @throws FormatError if a tile of that kind cannot do it
     */
    public function done(
        SetDocument $own,
        string $tile,
        TileKind $kind,
        ActionGroup $unit,
        ?Action $one = null,
        string $end = '',
    ): SetDocument {
        $ref = $this->device.'/'.$tile;
        $one ??= $unit->first();
        if (! $kind->isTouched()) {
            throw FormatError::told('Tile', 'one that '.$kind->inWords(), 'one that is touched');
        }
        if ($one->isAxis() !== ($kind === TileKind::Slide)) {
            throw FormatError::told(
                'Action',
                $one->name,
                $one->isAxis() ? 'something else for a tile that is pressed; this wants a slide'
                    : 'an axis of the game, since the tile is a slide',
            );
        }

        return match (true) {
            $end !== '' => $this->with($own, $ref.'.'.$end, [$one]),
            $kind === TileKind::Pair && count($unit->actions) === 2 => $this->with(
                $this->with($own, $ref.'.plus', [$unit->actions[0]]),
                $ref.'.minus',
                [$unit->actions[1]],
            ),
            $kind === TileKind::Pair => $this->with($own, $ref.'.plus', [$one]),
            $kind === TileKind::Stick => $this->with($own, $ref.'.'.$this->wayOf($one, $ref), [$one]),
            $kind === TileKind::LocksOn && count($unit->actions) === 2,
            $kind === TileKind::Cycle => $this->with($own, $ref, $unit->actions),
            default => $this->with($own, $ref, [$one]),
        };
    }

    /**
     * An action that nothing reaches yet gets the way that a plan would give it; what the tile does is left as it is.
     */
    public function reached(SetDocument $own, Action $action, string $ref): SetDocument
    {
        if ($this->set->wayOf($action->id) !== null) {
            return $own;
        }
        try {
            return $this->withWayOf($own, $this->planned($own, $action, $ref), $action);
        } catch (FormatError) {
            // No way is left: the tile says what it does, and that nothing reaches it is told by the checks.
            return $own;
        }
    }

    private function withWayOf(SetDocument $own, SetDocument $planned, Action $action): SetDocument
    {
        $way = $planned->value(PartPath::way($action->id));

        return is_array($way) ? $own->with(PartPath::way($action->id), Node::of($way)->plain()) : $own;
    }

    /** The way of a stick that an action asks for, else the first that does nothing yet. */
    private function wayOf(Action $action, string $ref): string
    {
        foreach (preg_split('/[^a-z]+/', strtolower($action->role.' '.$action->name)) ?: [] as $word) {
            if (isset(self::WAYS[$word])) {
                return self::WAYS[$word];
            }
        }
        $free = array_filter(
            HatWay::words(),
            fn (string $way) => $this->set->cell(Layer::BASE, $ref.'.'.$way) === null,
        );

        return array_values($free)[0] ?? HatWay::words()[0];
    }

    /**
     * @param non-empty-list<Action> $actions one; two settings of a system, the first while it is not so, else the
     *    other; or several in turn
     */
    private function with(SetDocument $own, string $ref, array $actions): SetDocument
    {
        $path = PartPath::cell(Layer::BASE, $ref);
        $cells = [];
        foreach ($actions as $action) {
            try {
                $planned = $this->planned($own, $action, $ref);
                $cells[] = Node::of($planned->value($path))->plain();
                $own = $this->withWayOf($own, $planned, $action);
            } catch (FormatError) {
                // No way is left to reach it: the tile is there, and what it does is picked by hand.
                continue;
            }
        }

        return match (count($cells)) {
            0 => $own,
            1 => $own->with($path, $cells[0]),
            2 => $own->with($path, $this->inTurn($cells[0], $cells[1], $actions)),
            default => $own->with(
                $path,
                [
                    'behaviour' => ['kind' => 'cycle'],
                    'outputs' => array_merge(...array_map(
                        fn (array $cell): array => is_array($cell['outputs'] ?? null)
                            ? array_values($cell['outputs'])
                            : [],
                        $cells,
                    )),
                ],
            ),
        };
    }

    /**
     * @param array<string, mixed>   $first
     * @param array<string, mixed>   $other
     * @param non-empty-list<Action> $actions
     *
     * @return array<string, mixed> what is done while the system is as the other one sets it, and otherwise
     */
    private function inTurn(array $first, array $other, array $actions): array
    {
        $effect = $actions[1]->effect ?? $actions[0]->effect;

        return $first + [
            'when' => ['variable' => $effect->variable, 'is' => '=', 'to' => $effect->amount],
            'otherwise' => array_intersect_key($other, ['behaviour' => 0, 'outputs' => 0]),
        ];
    }

    /** @throws FormatError if nothing is left to reach it by */
    private function planned(SetDocument $own, Action $action, string $ref): SetDocument
    {
        $set = BindingSet::of(
            MergedDocument::of([...array_slice($this->set->merged->chain, 0, -1), $own]),
            new Rig(array_values($this->set->rig->devices)),
            $this->catalogue,
            [],
            $this->set->layouts,
        );

        return (new PlanEdits($set))->take(
            [(new Planner($set, $this->catalogue))->on($action, new Slot(Layer::BASE, $ref))],
        );
    }
}
