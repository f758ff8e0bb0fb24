<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CellRequest;
use App\Http\Requests\EditRequest;
use App\Http\Requests\LayerRequest;
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
            : ($request->isBeside() ? $edits->addOutput($request->layer(), $request->ref(), $request->output()) : $edits->assign($request->layer(), $request->ref(), $request->behaviour(), [$request->output()])));
    }

    public function removeOutput(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $edits->removeOutput($request->layer(), $request->ref(), $request->integer('index')));
    }

    public function behave(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $edits->behave($request->layer(), $request->ref(), $request->chosenBehaviour()));
    }

    public function dependOn(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $edits->dependOn($request->layer(), $request->ref(), $request->condition()));
    }

    public function chord(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $edits->chord($request->layer(), $request->together(), $request->float('within'), $request->output()));
    }

    public function removeChord(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $edits->removeChord($request->layer(), $request->string('chord')->toString()));
    }

    public function addFlag(LayerRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $edits->addFlag($request->string('name')->toString()));
    }

    public function handOver(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits): SetDocument => $edits->handOver($request->layer(), $request->ref(), $request->handOver()));
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
