<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditRequest;
use App\Http\Requests\LayerRequest;
use Illuminate\Http\RedirectResponse;
use Nailrod\Core\Set\Edits;

final class LayerController
{
    use EditsSets;

    public function add(LayerRequest $request, string $set): RedirectResponse
    {
        $holder = $request->filled('holder') ? $request->string('holder')->toString() : null;

        return $this->edit($request, $set, fn (Edits $edits) => $edits->addLayer($request->string('name')->toString(), $holder));
    }

    public function rename(LayerRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $edits->renameLayer($request->string('layer')->toString(), $request->string('name')->toString()));
    }

    public function remove(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $edits->removeLayer($request->string('layer')->toString()));
    }
}
