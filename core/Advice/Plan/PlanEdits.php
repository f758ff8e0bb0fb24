<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Mapping\Output\ActionOutput;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;

/** Takes proposals into a set, all of them as one edit. */
final readonly class PlanEdits
{
    public function __construct(private BindingSet $set) {}

    /** @param list<Proposal> $proposals */
    public function take(array $proposals): SetDocument
    {
        $own = $this->set->merged->own;
        foreach ($proposals as $proposal) {
            foreach ($proposal->choices as $choice) {
                $own = $own->with(
                    PartPath::cell($choice->spot->layer, $choice->spot->ref),
                    (
                        $choice->behaviour === null ? [] : ['behaviour' => $choice->behaviour->toArray()]
                    ) + ['outputs' => [(new ActionOutput($choice->action->id))->toArray()]],
                );
                if ($choice->way->isNew) {
                    $own = $own->with(PartPath::way($choice->action->id), $choice->way->way->toArray());
                }
            }
        }

        return $own;
    }
}
