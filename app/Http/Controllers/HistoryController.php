<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditRequest;
use Illuminate\Http\RedirectResponse;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\PartPath;

final class HistoryController
{
    use EditsSets;

    public function undo(EditRequest $request, string $set): RedirectResponse
    {
        $undone = $this->sets->open($set)->head->sentence;

        return back(303)->with('said', $this->sets->undo($set, $request->from()) === null ? 'There is nothing to undo.' : 'Undone: '.$undone);
    }

    public function redo(EditRequest $request, string $set): RedirectResponse
    {
        $revision = $this->sets->redo($set, $request->from());

        return back(303)->with('said', $revision === null ? 'There is nothing to redo.' : 'Done again: '.$revision->sentence);
    }

    public function giveBack(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $edits->giveBack(PartPath::of($request->string('path')->toString())));
    }
}
