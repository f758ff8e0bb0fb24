<?php

declare(strict_types=1);

namespace App\Http\Controllers\Make;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\EditRequest;
use App\Http\Requests\Make\LampRequest;
use Illuminate\Http\RedirectResponse;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\LampEdits;
use Nailrod\Core\Set\SetDocument;

/** What lights the lamps of the rig. */
final class LampController
{
    use EditsSets;

    public function save(LampRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base): SetDocument => (new LampEdits($base))
                ->save($request->id(), $request->rule($base)),
        );
    }

    public function remove(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base): SetDocument => (new LampEdits($base))->remove($request->word('rule')),
        );
    }
}
