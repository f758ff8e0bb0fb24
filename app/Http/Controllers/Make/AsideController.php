<?php

declare(strict_types=1);

namespace App\Http\Controllers\Make;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\EditRequest;
use Illuminate\Http\RedirectResponse;
use Nailrod\Core\Set\AsideEdits;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\PartPath;

/** A part of a set is set aside, or taken up again. */
final class AsideController
{
    use EditsSets;

    public function __invoke(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new AsideEdits($base))->turn(PartPath::of($request->word('path'))),
        );
    }
}
