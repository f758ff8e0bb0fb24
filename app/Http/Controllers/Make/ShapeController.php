<?php

declare(strict_types=1);

namespace App\Http\Controllers\Make;

use App\Http\Requests\Make\CopyShapeRequest;
use App\Http\Requests\Make\MadeRequest;
use App\Http\Requests\Make\ShapeRequest;
use App\Http\Requests\Make\ShapeStepRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\ShapeEdits;

/** The shaping of axes. */
final class ShapeController
{
    use PreviewsShapes;

    public function save(ShapeRequest $request, string $set, string $part): RedirectResponse|Response
    {
        return $this->shape($request, $set, function (ShapeEdits $edits) use ($request, $part): SetDocument {
            $value = $request->value();

            return match (true) {
                $request->asksForPoints() => $edits->asPoints($request->axis()),
                $value === null => $edits->clear($request->axis(), $part),
                default => $edits->shape($request->axis(), $part, $value),
            };
        });
    }

    public function add(ShapeStepRequest $request, string $set): RedirectResponse|Response
    {
        return $this->shape(
            $request,
            $set,
            fn (ShapeEdits $edits) => $edits->add(
                $request->axis(),
                $request->what(),
                $request->travel('travel', 0.5),
                $request->string('other')->toString(),
            ),
        );
    }

    public function remove(ShapeStepRequest $request, string $set): RedirectResponse|Response
    {
        return $this->shape($request, $set, fn (ShapeEdits $edits) => $request->what() === 'made'
            ? $edits->removeMade($request->axis())
            : $edits->remove($request->what(), $request->axis(), $request->integer('index')));
    }

    public function begin(ShapeStepRequest $request, string $set): RedirectResponse|Response
    {
        return $this->shape(
            $request,
            $set,
            fn (ShapeEdits $edits) => $edits->beginWith($request->axis(), $request->what()),
        );
    }

    public function fit(ShapeStepRequest $request, string $set): RedirectResponse|Response
    {
        return $this->shape(
            $request,
            $set,
            fn (ShapeEdits $edits) => $edits->fit(
                $request->axis(),
                $request->travel('travel'),
                $request->sent(),
                $request->boolean('both'),
            ),
        );
    }

    public function bite(ShapeStepRequest $request, string $set): RedirectResponse|Response
    {
        return $this->shape(
            $request,
            $set,
            fn (ShapeEdits $edits) => $edits->biteAt(
                $request->axis(),
                $request->travel('first'),
                $request->travel('second'),
            ),
        );
    }

    public function made(MadeRequest $request, string $set): RedirectResponse|Response
    {
        return $this->shape(
            $request,
            $set,
            fn (ShapeEdits $edits, BindingSet $base) => $edits->made(
                $request->id(),
                $request->value($base->made[$request->id()] ?? null),
            ),
        );
    }

    /** Copies parts of an axis to others, in this set or another one. */
    public function copy(CopyShapeRequest $request, string $set): RedirectResponse|Response
    {
        $parts = $request->partsIn($this->sets->current($this->sets->open($set))->merged);
        if ($request->target() === $set) {
            return $this->shape($request, $set, fn (ShapeEdits $edits) => $edits->shapeAll($request->axes(), $parts));
        }
        $record = $this->sets->open($request->target());
        $revision = $this->sets->edit(
            $record->id,
            $record->head->id,
            'you',
            fn (BindingSet $base) => (new ShapeEdits($base))->shapeAll($request->axes(), $parts),
        );

        return back(303)->with('said', 'In '.$revision->set()->name.': '.$revision->sentence);
    }

    /** @param callable(ShapeEdits, BindingSet): SetDocument $change */
    private function shape(
        CopyShapeRequest|MadeRequest|ShapeRequest|ShapeStepRequest $request,
        string $set,
        callable $change,
    ): RedirectResponse|Response {
        return $this->editOrShow(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => $change(new ShapeEdits($base), $base),
        );
    }
}
