<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\EditRequest;
use App\Http\Requests\Plan\MeantRequest;
use App\Http\Requests\Plan\PlanRequest;
use App\Http\Requests\Plan\PressRequest;
use App\Models\CatalogueRecord;
use App\Rig\PageLine;
use App\View\Place;
use App\View\Plan\ActionsView;
use App\View\Plan\PlanAsked;
use App\View\Plan\PlanView;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Advice\Check\Checks;
use Nailrod\Core\Advice\Check\FindingsReport;
use Nailrod\Core\Advice\Plan\PlanEdits;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;

/** The plan of a set: what is proposed and taken, what is told and mended. */
final class PlanController
{
    use EditsSets;

    public function show(Request $request, PageLine $line, string $set): View
    {
        return view('plan.plan', ['view' => new PlanView(
            Place::open($this->sets, $set, 'plan'),
            $request->string('propose')->toString(),
            PlanAsked::of($request),
            $request->string('take')->toString(),
            $request->string('device')->toString(),
            $request->integer('page', 1),
            $line->away(...),
        )]);
    }

    public function actions(Request $request, string $set): View
    {
        $place = Place::open($this->sets, $set, 'actions');
        $record = $place->set->catalogue === null ? null : CatalogueRecord::query()
            ->with('head')
            ->find($place->set->catalogue->id);

        return view('plan.actions', ['view' => new ActionsView($place, $record, $request->string('find')->toString())]);
    }

    public function take(PlanRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, function (Edits $edits, BindingSet $base) use ($request) {
            $chosen = PlanView::proposed(
                $base,
                $request->string('propose')->toString(),
                PlanAsked::of($request)->wishes(),
            )?->chosen($request->chosen()) ?? [];
            if ($chosen === []) {
                throw FormatError::told(
                    'proposal',
                    $request->string('only')->toString() ?: 'nothing',
                    'one that is on the page; the set may have changed since',
                );
            }

            return (new PlanEdits($base))->take($chosen);
        });
    }

    /** An action was picked, and a control pressed for it: the way is chosen as in a plan, and said. */
    public function press(PressRequest $request, string $set): RedirectResponse
    {
        $why = '';
        $done = $this->edit($request, $set, function (Edits $edits, BindingSet $base) use ($request, &$why) {
            $proposal = PlanView::pressed(
                $base,
                $request->string('action')->toString(),
                $request->string('layer')->toString(),
                $request->string('ref')->toString(),
            );
            $why = $proposal->choices[0]->way->why;

            return (new PlanEdits($base))->take([$proposal]);
        });

        // What was asked for is done: the next press is for nothing that waits.
        $done->setTargetUrl(rtrim((string) preg_replace('/([?&])take=[^&#]*&?/', '$1', $done->getTargetUrl()), '?&'));

        return $done->with('said', rtrim((string) session('said'), '.').'. '.ucfirst($why).'.');
    }

    /** What is told of a set, to be shown beside the loom. */
    public function told(string $set): View
    {
        $place = Place::open($this->sets, $set, 'plan');

        return view('partials.told', ['place' => $place, 'report' => FindingsReport::of($place->set)]);
    }

    public function mend(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits, BindingSet $base) => Checks::find(
            $base,
            $request->word('finding'),
        )?->mend?->edit()
            ?? throw FormatError::told(
                'finding',
                'none of that name',
                'one that is still there; it may have been mended already',
            ));
    }

    /** What a check found is meant, with a reason, in this set or from one of its parents on; or it is told again. */
    public function meant(MeantRequest $request, string $set): RedirectResponse
    {
        $base = $this->sets->current($this->sets->open($set));
        $finding = Checks::find($base, $request->string('finding')->toString()) ?? throw FormatError::told(
            'finding',
            'none of that name',
            'one that is still there; it may have been mended already',
        );
        $path = FindingsReport::path($finding);
        if ($request->isAgain()) {
            return $this->edit($request, $set, fn (Edits $edits) => $edits->takenAway($path));
        }
        $meaning = FindingsReport::meaning($finding, $base, $request->why());
        $in = $request->in($base->merged->chain, $set);
        if ($in === $set) {
            return $this->edit(
                $request,
                $set,
                fn (Edits $edits, BindingSet $base) => $base->merged->own->with($path, $meaning),
            );
        }
        $revision = $this->sets->edit(
            $in,
            (int) $this->sets->open($in)->head_id,
            'you',
            fn (BindingSet $parent) => $parent->merged->own->with($path, $meaning),
        );

        return back(303)->with('said', 'In '.$this->sets->record($in)->name.': '.$revision->sentence);
    }
}
