<?php

declare(strict_types=1);

namespace App\Http\Controllers\Keep;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\EditRequest;
use App\Http\Requests\Keep\SetRequest;
use App\Models\CatalogueRecord;
use App\Sets\OwnNames;
use App\Sets\PendingImports;
use App\Sets\SetTree;
use App\View\Keep\SetsView;
use App\View\Place;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;

/** The sets themselves: begun, copied, renamed, taken away and brought back. */
final class SetsController
{
    use EditsSets;

    public function show(string $set): View
    {
        return view('keep.sets', ['view' => new SetsView(Place::open($this->sets, $set, 'sets'), $this->sets)]);
    }

    /** A new set below this one; its game is that of its parent, unless it begins one. */
    public function begin(SetRequest $request, PendingImports $imports, string $set): RedirectResponse
    {
        $parent = $this->sets->current($this->sets->open($set));
        $simulator = $request->string('simulator')->toString();
        if ($simulator !== '' && CatalogueRecord::query()->find($simulator) === null) {
            throw FormatError::at('simulator', $simulator, 'a simulator that is at hand');
        }
        $record = $imports->begin(
            PendingImports::freeId($request->name()),
            OwnNames::set($request->name()),
            $set,
            $simulator === '' || $simulator === $parent->merged->simulator ? null : $simulator,
            'Begun below '.$parent->merged->own->name.'.',
        );

        return redirect()->route('sets', $record->id, 303)->with(
            'said',
            sprintf('%s is begun; it inherits from %s.', $record->name, $parent->merged->own->name),
        );
    }

    public function duplicate(SetRequest $request, string $set): RedirectResponse
    {
        $record = $this->sets->open($set);
        $copy = $record->head->set()->placed(
            PendingImports::freeId($request->name()),
            OwnNames::set($request->name()),
            $record->parent,
        );
        $this->sets->assemble($copy);
        $made = $this->sets->create($copy, $record->position, 'you', 'Copied from '.$record->name.'.');

        return redirect()->route('sets', $made->id, 303)->with('said', $made->name.' is a copy of '.$record->name.'.');
    }

    public function rename(SetRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => $base->merged->own->renamed(OwnNames::set($request->name(), $set)),
        );
    }

    public function remove(string $set): RedirectResponse
    {
        $record = $this->sets->remove($set);

        return redirect()->route(
            'sets',
            $record->parent ?? SetTree::headings()[0]['id'] ?? $set,
            303,
        )->with('said', $record->name.' is deleted. It can be brought back here.');
    }

    public function bringBack(EditRequest $request): RedirectResponse
    {
        $record = $this->sets->bringBack($request->word('id'));

        return redirect()->route('sets', $record->id, 303)->with('said', $record->name.' is back.');
    }
}
