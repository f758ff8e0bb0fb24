<?php

declare(strict_types=1);

namespace App\Http\Controllers\Make;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\EditRequest;
use App\Http\Requests\Make\CellRequest;
use App\Http\Requests\Make\LayerRequest;
use App\View\Make\AssignPairing;
use Illuminate\Http\RedirectResponse;
use Nailrod\Core\Advice\Plan\KeyPairing;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\ChordEdits;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Transfers;

final class CellController
{
    use EditsSets;

    public function assign(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => match (true) {
            $request->doesNothing() => $edits->nothing($request->layer(), $request->ref()),
            $request->playsMacro() => $request->on($edits)->assign(
                $request->layer(),
                $request->ref(),
                $request->behaviour(),
                [],
            ),
            $request->isBeside() => $request->on($edits)->addOutput(
                $request->layer(),
                $request->ref(),
                $request->output(),
            ),
            default => $request->on($edits)->assign(
                $request->layer(),
                $request->ref(),
                $request->behaviour(),
                [$request->output()],
            ),
        });
    }

    /** Copies, moves, swaps or clears a cell, the row of a control or a layer. */
    public function transfer(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, function (Edits $edits, BindingSet $base) use ($request): SetDocument {
            $transfers = new Transfers($base);
            $how = $request->string('how')->toString();
            [$toLayer, $toRef] = [$request->string('to_layer')->toString(), $request->string('to_ref')->toString()];

            return match ([$request->string('what')->toString(), $how === 'clear']) {
                ['row', true] => $transfers->clearRow($request->ref()),
                ['row', false] => $transfers->row($how, $request->ref(), $toRef),
                ['layer', true] => $transfers->clearLayer($request->layer()),
                ['layer', false] => $transfers->layerAs($how, $request->layer(), $toLayer),
                ['cell', true] => $edits->clear($request->layer(), $request->ref()),
                default => $transfers->cell($how, $request->layer(), $request->ref(), $toLayer, $toRef),
            };
        });
    }

    public function everywhere(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new Transfers($base))
                ->everywhere($request->layer(), $request->ref()),
        );
    }

    public function only(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new Transfers($base))->onlyIn($request->layer(), $request->ref()),
        );
    }

    public function removeOutput(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits) => $request->on($edits)->removeOutput(
                $request->layer(),
                $request->ref(),
                $request->integer('index'),
            ),
        );
    }

    /**
     * A key and a control that were pressed together; the page stays where pairs are made, and shows the device of this
     * one.
     */
    public function pair(CellRequest $request, string $set): RedirectResponse
    {
        $warning = '';
        $done = $this->edit(
            $request,
            $set,
            function (Edits $edits, BindingSet $base) use ($request, &$warning): SetDocument {
                $pairing = new KeyPairing($base);
                $warning = $pairing->warning($request->string('keys')->toString());

                return $pairing->pair(
                    $request->string('keys')->toString(),
                    $request->layer(),
                    $request->ref(),
                    $request->integer('apart'),
                );
            },
        );
        if ($warning !== '') {
            $done->with('problem', $warning);
        }
        $asked = $request->string('asked')->toString();

        return $done->setTargetUrl(route(
            'assign',
            [
                'set' => $set,
                'device' => explode('/', $request->ref(), 2)[0],
                'layer' => $request->layer(),
                'pair' => $asked === '' ? AssignPairing::ON : $asked,
                'last' => $request->ref(),
            ],
        ));
    }

    public function behave(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits) => $request->on($edits)->behave(
                $request->layer(),
                $request->ref(),
                $request->chosenBehaviour($request->on($edits)->cell($request->layer(), $request->ref())?->behaviour),
            ),
        );
    }

    public function dependOn(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits) => $edits->dependOn($request->layer(), $request->ref(), $request->condition()),
        );
    }

    /** A contact does as another one does. */
    public function doAs(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits) => $edits->doAs($request->layer(), $request->ref(), $request->string('as')->toString()),
        );
    }

    public function chord(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new ChordEdits($base))->add(
                $request->layer(),
                $request->together(),
                $request->float('within'),
                $request->float('held'),
                $request->output(),
            ),
        );
    }

    /** How long a chord may take to form, and how long it is held before it comes on. */
    public function timeChord(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new ChordEdits($base))->time(
                $request->layer(),
                $request->string('chord')->toString(),
                $request->float('within'),
                $request->float('held'),
            ),
        );
    }

    public function removeChord(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new ChordEdits($base))->remove(
                $request->layer(),
                $request->string('chord')->toString(),
            ),
        );
    }

    public function addFlag(LayerRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $edits->addFlag($request->string('name')->toString()));
    }

    public function handOver(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits): SetDocument => $edits->handOver(
                $request->layer(),
                $request->ref(),
                $request->handOver(),
            ),
        );
    }

    public function clear(CellRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits) => $request->on($edits)->clear($request->layer(), $request->ref()),
        );
    }

    /** Lets a two-way switch write the variable of an action that the game can only flip. */
    public function inStep(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits, BindingSet $base): SetDocument => $edits->keepInStep(
            $request->word('layer'),
            $request->word('ref'),
        ));
    }
}
