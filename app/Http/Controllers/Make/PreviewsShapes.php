<?php

declare(strict_types=1);

namespace App\Http\Controllers\Make;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\RevisionRequest;
use App\View\Make\ShapeView;
use App\View\Place;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\SetDocument;

/** Edits of the Shape place can be shown before they are made, while a handle is dragged. */
trait PreviewsShapes
{
    use EditsSets;

    /** @param callable(Edits, BindingSet): SetDocument $change */
    private function editOrShow(RevisionRequest $request, string $set, callable $change): RedirectResponse|Response
    {
        if (! $request->isPreview()) {
            return $this->edit($request, $set, $change);
        }
        $shown = $this->sets->preview(
            $set,
            $request->from(),
            fn (BindingSet $base) => $change(new Edits($base), $base),
        );

        return response()->view(
            'make.shape',
            [
                'view' => new ShapeView(
                    Place::open($this->sets, $set, 'shape', $shown),
                    ShapeView::query(url()->previous()),
                ),
            ],
        );
    }
}
