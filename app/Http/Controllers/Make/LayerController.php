<?php

declare(strict_types=1);

namespace App\Http\Controllers\Make;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\EditRequest;
use App\Http\Requests\Make\LayerRequest;
use Illuminate\Http\RedirectResponse;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\LayerEdits;

final class LayerController
{
    use EditsSets;

    public function add(LayerRequest $request, string $set): RedirectResponse
    {
        $holder = $request->filled('holder') ? $request->string('holder')->toString() : null;

        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new LayerEdits($base))->add(
                $request->string('name')->toString(),
                $holder,
            ),
        );
    }

    public function rename(LayerRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new LayerEdits($base))->rename(
                $request->string('layer')->toString(),
                $request->string('name')->toString(),
            ),
        );
    }

    public function say(LayerRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new LayerEdits($base))->say($request->layer(), $request->said()),
        );
    }

    /** Moves a layer one place up or down among the others. */
    public function shift(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new LayerEdits($base))->shift(
                $request->word('layer'),
                $request->word('way') === 'up' ? -1 : 1,
            ),
        );
    }

    public function remove(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new LayerEdits($base))->remove($request->word('layer')),
        );
    }
}
