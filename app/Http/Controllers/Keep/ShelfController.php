<?php

declare(strict_types=1);

namespace App\Http\Controllers\Keep;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\Keep\ShelfFileRequest;
use App\Http\Requests\Keep\ShelfRequest;
use App\Models\ShelfRecord;
use App\Sets\PendingImports;
use App\Sets\SetStore;
use App\Sets\Shelf;
use App\View\Keep\ShelfView;
use App\View\Place;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Nailrod\Core\Exchange\Shelf\ShelfFit;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;

/** Ready things: put on the shelf, given away as files, taken into a set. */
final class ShelfController
{
    use EditsSets;

    public function __construct(private readonly SetStore $sets, private readonly Shelf $shelf) {}

    public function show(Request $request, string $set): View
    {
        return view(
            'keep.shelf',
            [
                'view' => new ShelfView(
                    Place::open($this->sets, $set, 'shelf'),
                    $request->string('item')->toString(),
                    $request->array('on'),
                    $request->string('axis')->toString(),
                ),
            ],
        );
    }

    public function put(ShelfRequest $request, string $set): RedirectResponse
    {
        $record = $this->shelf->put(
            $this->sets->current($this->sets->open($set)),
            $request->thing(),
            $request->name(),
            $request->about(),
        );

        return redirect()->route(
            'shelf',
            ['set' => $set, 'item' => 'own-'.$record->id],
            303,
        )->with('said', $record->name.' lies on the shelf.');
    }

    /**
     * What fits becomes one edit of this set; a file of a format of its own is looked at first, as if it was brought.
     */
    public function take(ShelfRequest $request, PendingImports $imports, string $set): RedirectResponse
    {
        $item = Shelf::item($request->item());
        if ($item->holds !== []) {
            return redirect()->route(
                'import.show',
                ['import' => $imports->keep($item->name, Json::encode($item->holds), $set), 'for' => $set],
                303,
            );
        }

        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (
                new ShelfFit($base, $item, $request->devices(), $request->axis())
            )->take(),
        );
    }

    /** It goes out as a file. */
    public function file(string $set, string $item): Response
    {
        $found = Shelf::item($item);

        return new Response(
            Json::encode($found->toArray()),
            200,
            [
                'Content-Type' => 'application/json; charset=UTF-8',
                'Content-Disposition' => 'attachment; filename="'
                    .Ids::free($found->name, 'thing', fn () => false)
                    .'.shelf.json"',
            ],
        );
    }

    public function bring(ShelfFileRequest $request, string $set): RedirectResponse
    {
        $record = Shelf::bring($request->content(), $request->fileName());

        return redirect()->route('shelf', ['set' => $set, 'item' => 'own-'.$record->id], 303)->with(
            'said',
            $record->name.' lies on the shelf. Nothing of it is taken yet.',
        );
    }

    /** Taken down, or put back. */
    public function remove(Request $request, string $set): RedirectResponse
    {
        $record = ShelfRecord::query()->findOrFail(
            (int) preg_replace('/^own-/', '', $request->string('item')->toString()),
        );
        $record->update(['removed' => ! $record->removed]);

        return redirect()->route('shelf', $set, 303)->with(
            'said',
            $record->removed ? $record->name.' is taken down. It can be put back.' : $record->name.' is back.',
        );
    }
}
