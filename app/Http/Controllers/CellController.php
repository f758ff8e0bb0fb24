<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CellRequest;
use App\Http\Requests\EditRequest;
use Illuminate\Http\RedirectResponse;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\SetDocument;

final class CellController
{
    use EditsSets;

    public function assign(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $request->doesNothing()
            ? $edits->nothing($request->layer(), $request->ref())
            : $edits->assign($request->layer(), $request->ref(), $request->behaviour(), [$request->output()]));
    }

    public function clear(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $edits->clear($request->string('layer')->toString(), $request->string('ref')->toString()));
    }

    /** Lets a two-way switch write the variable of an action that the game can only flip. */
    public function inStep(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits, BindingSet $base): SetDocument => $edits->keepInStep(
            $request->string('layer')->toString(),
            $request->string('ref')->toString(),
        ));
    }
}
