<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Http\Problems;
use App\Http\Requests\Plan\InLineRequest;
use App\Sets\SetStore;
use App\Sets\SetTree;
use App\View\Place;
use App\View\Plan\RolesView;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Nailrod\Core\Advice\Plan\InLine;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Slot;

/** One grid of roles against sets. */
final class RolesController
{
    public function __construct(private readonly SetStore $sets) {}

    public function show(Request $request, string $set): View
    {
        return view(
            'plan.roles',
            [
                'view' => new RolesView(
                    Place::open($this->sets, $set, 'roles'),
                    $this->sets,
                    $request->string('show')->toString(),
                ),
            ],
        );
    }

    /** Brings a role to one place: in one set, or in all that have it somewhere else. */
    public function bring(InLineRequest $request): RedirectResponse
    {
        $role = $request->string('role')->toString();
        $to = new Slot($request->string('layer')->toString(), $request->string('ref')->toString());
        $only = $request->string('only')->toString();
        $done = $left = [];
        // Parents first: what inherits is in line with them then.
        foreach (SetTree::tree() as ['id' => $id, 'name' => $name]) {
            if ($only !== '' && $only !== $id) {
                continue;
            }
            try {
                // Each set is one revision of its own, so that each can be undone by itself.
                if ($this->inSet($id, $role, $to)) {
                    $done[] = $name;
                }
            } catch (FormatError $error) {
                $left[] = $name.': '.Problems::wordsOf($error, $id);
            }
        }
        $said = $done === [] ? ucfirst($role).' is there already.' : sprintf(
            '%s is in line now in %s. Undo is in each of these sets.',
            ucfirst($role),
            implode(', ', $done),
        );

        return $left === [] ? back(303)->with('said', $said) : back(303)->with(
            'problem',
            implode(' ', $left).($done === [] ? '' : ' But '.$said),
        );
    }

    private function inSet(string $id, string $role, Slot $to): bool
    {
        $record = $this->sets->open($id);
        $action = $this->sets->current($record)->catalogue?->byRole()[$role] ?? null;
        if ($action === null) {
            return false;
        }

        return DB::transaction(function () use ($record, $action, $to): bool {
            $from = (int) $record->head_id;
            $revision = $this->sets->edit(
                $record->id,
                $from,
                'you',
                fn (BindingSet $base) => (new InLine($base))->bring($action->id, $to) ?? $base->merged->own,
            );

            return $revision->id !== $from;
        });
    }
}
