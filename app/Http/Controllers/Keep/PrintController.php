<?php

declare(strict_types=1);

namespace App\Http\Controllers\Keep;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\Keep\SizeRequest;
use App\Models\PrintRecord;
use App\View\Keep\PrintView;
use App\View\Place;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\RigEdits;

/** What goes on paper: labels, the card for the knee, the list of a set. */
final class PrintController
{
    use EditsSets;

    public function show(Request $request, string $set): View
    {
        return view('keep.print', ['view' => $this->view($request, $set)]);
    }

    /** One page as a drawing that stands alone. */
    public function page(Request $request, string $set, int $page): Response
    {
        $view = $this->view($request, $set);
        $drawing = $view->drawing($page) ?? abort(404);

        return response(
            $drawing->toHtml(),
            200,
            [
                'Content-Type' => 'image/svg+xml',
                'Content-Disposition' => sprintf(
                    'attachment; filename="%s-%s-%d.svg"',
                    $set,
                    str_replace(' ', '-', $view->asked->remembered()),
                    $page,
                ),
            ],
        );
    }

    /** It is on paper now: what changes from here on is counted. */
    public function done(Request $request, string $set): RedirectResponse
    {
        $view = $this->view($request, $set);
        $printed = PrintRecord::query()->updateOrCreate(
            ['set_id' => $set, 'what' => $view->asked->remembered()],
            ['says' => $view->says],
        );
        $printed->touch();

        return back(303)->with('said', 'Kept as printed. What changes from now on is counted here.');
    }

    /** How large a device really is, measured between two of its controls. */
    public function size(SizeRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new RigEdits($base))->size(
                $request->device(),
                $request->control(),
                $request->other(),
                $request->apart(),
            ),
        );
    }

    private function view(Request $request, string $set): PrintView
    {
        /** @var array<string, mixed> $asked */
        $asked = $request->query();

        return new PrintView(Place::open($this->sets, $set, 'print'), $asked);
    }
}
