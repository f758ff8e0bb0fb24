<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RevisionRequest;
use App\Sets\SetStore;
use Illuminate\Http\RedirectResponse;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\SetDocument;

/** What every edit of a set has in common: made from a revision, saved as the next one, told in a sentence. */
trait EditsSets
{
    public function __construct(private readonly SetStore $sets) {}

    /** @param callable(Edits, BindingSet): SetDocument $change */
    private function edit(RevisionRequest $request, string $set, callable $change): RedirectResponse
    {
        $from = $request->from();
        $revision = $this->sets->edit($set, $from, 'you', fn (BindingSet $base) => $change(new Edits($base), $base));

        return back(303)->with(
            'said',
            $revision->id === $from ? 'Nothing to change: it is so already.' : $revision->sentence,
        );
    }
}
