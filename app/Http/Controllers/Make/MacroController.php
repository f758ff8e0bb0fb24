<?php

declare(strict_types=1);

namespace App\Http\Controllers\Make;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\Make\MacroRequest;
use App\Sets\Layouts;
use Illuminate\Http\RedirectResponse;
use Nailrod\Core\Mapping\Macro\Bar;
use Nailrod\Core\Mapping\Macro\Timeline;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\MacroEdits;
use Nailrod\Core\Set\SetDocument;

/** The macros of a set. */
final class MacroController
{
    use EditsSets;

    public function add(MacroRequest $request, string $set): RedirectResponse
    {
        $id = '';
        $answer = $this->macros($request, $set, function (MacroEdits $edits) use ($request, &$id): SetDocument {
            $name = $request->string('name')->toString();
            $id = $edits->freeId($name);

            return $edits->add($name);
        });

        return $answer->setTargetUrl(route('macros', ['set' => $set, 'macro' => $id]));
    }

    public function say(MacroRequest $request, string $set): RedirectResponse
    {
        return $this->macros($request, $set, fn (MacroEdits $edits) => $request->has('pause')
            ? $edits->pause($request->id(), $request->us('pause'))
            : $edits->say($request->id(), $request->said()));
    }

    public function copy(MacroRequest $request, string $set): RedirectResponse
    {
        return $this->macros($request, $set, fn (MacroEdits $edits) => $edits->copy($request->id()));
    }

    public function remove(MacroRequest $request, string $set): RedirectResponse
    {
        return $this->macros($request, $set, fn (MacroEdits $edits) => $edits->remove($request->id()));
    }

    /** One more press, or a text, after all that the macro does already. */
    public function addBar(MacroRequest $request, string $set): RedirectResponse
    {
        return $this->macros($request, $set, function (MacroEdits $edits) use ($request): SetDocument {
            $from = $edits->end($request->id());

            return $edits->addBar($request->id(), $request->typesText()
                ? $edits->typing(
                    $request->text(),
                    $request->string('layout')->toString(),
                    $request->us('key_ms', 20),
                    $from,
                )
                : Bar::of($request->output(), $from, $from + max(Timeline::SHORTEST, $request->us('lasts', 60))));
        });
    }

    public function moveBar(MacroRequest $request, string $set): RedirectResponse
    {
        return $this->macros(
            $request,
            $set,
            fn (MacroEdits $edits) => $edits->moveBar(
                $request->id(),
                $request->integer('bar'),
                $request->us('starts'),
                $request->us('starts') + $request->us('lasts'),
            ),
        );
    }

    public function retype(MacroRequest $request, string $set): RedirectResponse
    {
        return $this->macros(
            $request,
            $set,
            fn (MacroEdits $edits) => $edits->retype(
                $request->id(),
                $request->integer('bar'),
                $request->text(),
                $request->string('layout')->toString(),
                $request->us('key_ms', 20),
            ),
        );
    }

    public function removeBar(MacroRequest $request, string $set): RedirectResponse
    {
        return $this->macros(
            $request,
            $set,
            fn (MacroEdits $edits) => $edits->removeBar($request->id(), $request->integer('bar')),
        );
    }

    public function record(MacroRequest $request, string $set): RedirectResponse
    {
        return $this->macros(
            $request,
            $set,
            fn (MacroEdits $edits) => $edits->addBars($request->id(), $request->recorded()),
        );
    }

    /** @param callable(MacroEdits): SetDocument $change */
    private function macros(MacroRequest $request, string $set, callable $change): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base): SetDocument => $change(new MacroEdits($base, Layouts::all())),
        );
    }
}
