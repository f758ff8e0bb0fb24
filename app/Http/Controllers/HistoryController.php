<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Controllers\Plan\ListController;
use App\Http\Requests\EditRequest;
use App\Sets\CatalogueStore;
use Illuminate\Http\RedirectResponse;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\PartPath;

final class HistoryController
{
    use EditsSets;

    /** What came with a change of the list of its simulator is undone together with that. */
    public function undo(EditRequest $request, CatalogueStore $catalogues, string $set): RedirectResponse
    {
        $record = $this->sets->open($set);
        $list = $record->head_id === $request->from() ? $catalogues->thatBrought($record->head) : null;
        if ($list !== null) {
            $undone = $catalogues->undo($list->id, (int) $list->head_id);

            return back(303)->with(
                'said',
                ListController::inWords('Undone', $list->catalogue()->name, $undone->sentence ?? ''),
            );
        }
        $undone = $record->head->sentence;

        return back(303)->with(
            'said',
            $this->sets->undo($set, $request->from()) === null
                ? 'There is nothing to undo in '
                .$record->name
                .'.'
                : 'Undone in '
                .$record->name
                .': '
                .$undone,
        );
    }

    public function redo(EditRequest $request, string $set): RedirectResponse
    {
        $record = $this->sets->open($set);
        $revision = $this->sets->redo($set, $request->from());

        return back(303)->with(
            'said',
            $revision === null ? 'There is nothing to redo in '
                .$record->name
                .'.'
                : 'Done again in '
                .$record->name
                .': '
                .$revision->sentence,
        );
    }

    public function giveBack(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $edits->giveBack(PartPath::of($request->word('path'))));
    }
}
