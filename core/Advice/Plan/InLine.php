<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\ActionOutput;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Slot;
use Nailrod\Core\Set\Transfers;

/** Brings a role of a set to the place that it has elsewhere. */
final readonly class InLine
{
    public function __construct(private BindingSet $set) {}

    /**
     * Moves what reaches the action there; what was there takes its place. An action that nothing reaches is assigned.
     *
     * @return ?SetDocument null if it is there already
     *
     * @throws FormatError if there is no such control, or it does something else and cannot change places
     */
    public function bring(string $action, Slot $to): ?SetDocument
    {
        $spots = Reach::of($this->set)->spots($action);
        $layer = isset($this->set->layers[$to->layer]) ? $to->layer : Layer::BASE;
        foreach ($spots as $spot) {
            if ($spot->layer === $layer && $spot->ref === $to->ref) {
                return null;
            }
        }
        if (! $this->set->rig->has($to->ref)) {
            throw FormatError::at('cells.'.$layer, $to->ref, 'a control of the rig of '.$this->set->merged->own->name);
        }
        if ($spots !== []) {
            return (new Transfers($this->set))->cell(
                $this->set->cell($layer, $to->ref) === null ? Transfers::MOVE : Transfers::SWAP,
                $spots[0]->layer,
                $spots[0]->ref,
                $layer,
                $to->ref,
            );
        }
        if ($this->set->cell($layer, $to->ref) !== null) {
            throw FormatError::told(
                'cells.'.$layer,
                $this->set->rig->nameOf($to->ref).' in use for something else in '.$this->set->merged->own->name,
                'a place that is free there; move what is there first',
            );
        }

        return (new Edits($this->set))->assign($layer, $to->ref, null, [new ActionOutput($action)]);
    }
}
