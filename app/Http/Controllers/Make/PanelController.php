<?php

declare(strict_types=1);

namespace App\Http\Controllers\Make;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\Make\PanelRequest;
use App\Pairing\PhonePairing;
use App\Rig\PageLine;
use App\Sets\SetStore;
use App\View\Make\PanelView;
use App\View\Make\Phones;
use App\View\Place;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Nailrod\Core\Advice\Plan\PanelPlan;
use Nailrod\Core\Exchange\PanelFile;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\PanelEdits;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\TileEdits;

/** Panels that an owner draws. */
final class PanelController
{
    use EditsSets;

    public function __construct(private readonly SetStore $sets) {}

    public function show(Request $request, PhonePairing $pairing, PageLine $line, string $set): View
    {
        $place = Place::open($this->sets, $set, 'panel');

        $view = PanelView::of(
            $place,
            $request->string('device')->toString(),
            $request->string('panel')->toString(),
            $request->integer('page', 1),
            $request->string('tile')->toString(),
            self::sizeOf($request),
        );

        return view(
            'make.panel',
            [
                'place' => $place,
                'view' => $view,
                'phones' => $view === null ? null : Phones::of(
                    $pairing,
                    $view->device->id,
                    $request,
                    $line->gets(),
                    time(),
                ),
            ],
        );
    }

    /** The screen that it is drawn for: one that was seen, or so many mm. */
    private static function sizeOf(Request $request): string
    {
        return $request->filled('mm_across')
            && $request->filled('mm_down')
            ? $request->integer('mm_across')
            .'x'
            .$request->integer('mm_down')
            .'mm'
            : $request->string('size')
            ->toString();
    }

    public function add(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->panels($request, $set, fn (PanelEdits $panels) => $panels->add($request->word('name')));
    }

    /** Another panel is shown, or the device is as new. */
    public function pick(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->panels($request, $set, fn (PanelEdits $panels) => $panels->pick($request->word('panel')));
    }

    public function rename(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->panels(
            $request,
            $set,
            fn (PanelEdits $panels) => $panels->rename($request->word('panel'), $request->word('name')),
        );
    }

    public function remove(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->panels($request, $set, fn (PanelEdits $panels) => $panels->remove($request->word('panel')));
    }

    public function addPage(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->panels($request, $set, fn (PanelEdits $panels) => $panels->addPage($request->word('panel')));
    }

    public function page(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->panels(
            $request,
            $set,
            fn (PanelEdits $panels) => $panels->page($request->word('panel'), $request->onto(), $request->pageFields()),
        );
    }

    public function removePage(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->panels(
            $request,
            $set,
            fn (PanelEdits $panels) => $panels->removePage($request->word('panel'), $request->onto()),
        );
    }

    /** A page of a group of the game's actions, with what its tiles do. */
    public function propose(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->plan(
            $request,
            $set,
            fn (PanelPlan $plan) => $plan->page($request->word('panel'), $request->word('group')),
        );
    }

    /** A tile does an action, with what belongs to it. */
    public function give(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->plan(
            $request,
            $set,
            fn (PanelPlan $plan) => $plan->give(
                $request->word('panel'),
                $request->word('tile'),
                $request->word('action'),
                $request->word('end'),
            ),
        );
    }

    /** @param callable(PanelPlan): SetDocument $change */
    private function plan(PanelRequest $request, string $set, callable $change): RedirectResponse
    {
        return $this->edit($request, $set, function (Edits $edits, BindingSet $base) use ($request, $change) {
            $catalogue = $base->catalogue ?? throw FormatError::told(
                'Simulator',
                'none',
                'a set of a simulator, whose actions can lie on a page',
            );

            return $change(new PanelPlan($base, $catalogue, $request->word('device')));
        });
    }

    public function addTile(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->atTheNew(
            $request,
            $set,
            $this->tiles(
                $request,
                $set,
                fn (TileEdits $tiles) => $tiles->addTile(
                    $request->word('panel'),
                    $request->onto(),
                    $request->kind(),
                    $request->at(),
                ),
            ),
        );
    }

    public function tile(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->tiles(
            $request,
            $set,
            fn (TileEdits $tiles) => $tiles->tile(
                $request->word('panel'),
                $request->word('tile'),
                $request->tileFields(),
            ),
        );
    }

    public function move(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->tiles(
            $request,
            $set,
            fn (TileEdits $tiles) => $tiles->move(
                $request->word('panel'),
                $request->word('tile'),
                $request->onto(),
                ...$request->at() ?? [0, 0],
            ),
        );
    }

    public function size(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->tiles(
            $request,
            $set,
            fn (TileEdits $tiles) => $tiles->size(
                $request->word('panel'),
                $request->word('tile'),
                $request->integer('across', 1),
                $request->integer('down', 1),
            ),
        );
    }

    public function copy(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->atTheNew(
            $request,
            $set,
            $this->tiles(
                $request,
                $set,
                fn (TileEdits $tiles) => $tiles->copyTile($request->word('panel'), $request->word('tile')),
            ),
        );
    }

    public function removeTile(PanelRequest $request, string $set): RedirectResponse
    {
        return $this->tiles(
            $request,
            $set,
            fn (TileEdits $tiles) => $tiles->removeTile($request->word('panel'), $request->word('tile')),
        );
    }

    /** A page of a panel as a file, or all of it. */
    public function file(Request $request, string $set): Response
    {
        $base = $this->sets->current($this->sets->open($set));
        $page = $request->has('page') ? $request->integer('page', 1) - 1 : null;
        $document = PanelFile::write(
            $base,
            $request->string('device')->toString(),
            $request->string('panel')->toString(),
            $page,
        );
        $name = Ids::free($document['name'], 'panel', fn () => false);

        return new Response(
            Json::encode($document),
            200,
            [
                'Content-Type' => 'application/json; charset=UTF-8',
                'Content-Disposition' => 'attachment; filename="'.$name.'.panel.json"',
            ],
        );
    }

    /** What was made is picked: it is said next what it does. */
    private function atTheNew(PanelRequest $request, string $set, RedirectResponse $answer): RedirectResponse
    {
        $device = $request->word('device');
        $panel = $request->word('panel');
        $tiles = $this->sets->current($this->sets->open($set))->panels[$device][$panel]->pages[$request->onto()]->tiles
            ?? [];

        return $tiles === [] ? $answer : $answer->setTargetUrl(
            route('panel', ['set' => $set, 'device' => $device, 'panel' => $panel, 'tile' => end($tiles)->id]),
        );
    }

    /** @param callable(PanelEdits): SetDocument $change */
    private function panels(PanelRequest $request, string $set, callable $change): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => $change(new PanelEdits($base, $request->word('device'))),
        );
    }

    /** @param callable(TileEdits): SetDocument $change */
    private function tiles(PanelRequest $request, string $set, callable $change): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => $change(new TileEdits($base, $request->word('device'))),
        );
    }
}
