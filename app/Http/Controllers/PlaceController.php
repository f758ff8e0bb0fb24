<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Memory\Memories;
use App\Rig\PageLine;
use App\Sets\SetStore;
use App\View\Keep\StoreView;
use App\View\Make\AssignView;
use App\View\Make\LampsView;
use App\View\Make\LayersView;
use App\View\Make\MacrosView;
use App\View\Make\ShapeView;
use App\View\Place;
use App\View\Prove\BenchView;
use App\View\Prove\RecordingsView;
use App\View\Rig\RigView;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The places of the application: each shows one set. */
final class PlaceController
{
    public function __construct(private readonly SetStore $sets) {}

    public function rig(Request $request, PageLine $line, string $set): View
    {
        return view('rig.rig', ['view' => new RigView(
            // What a device shall be like is said by the set that is open.
            Place::open($this->sets, $set, 'rig', isOwn: $request->string('do')->toString() === 'settings'),
            $request->string('device')->toString(),
            $request->string('do')->toString(),
            $request->string('ref')->toString(),
            $request->integer('page'),
            $line,
            $request->string('measured')->toString(),
            $request->string('side')->toString() === 'back',
        )]);
    }

    public function shape(Request $request, string $set): View
    {
        return view(
            'make.shape',
            ['view' => new ShapeView(Place::open($this->sets, $set, 'shape'), ShapeView::query($request->fullUrl()))],
        );
    }

    public function assign(Request $request, string $set): View
    {
        return view('make.assign', ['view' => new AssignView(
            Place::open($this->sets, $set, 'assign'),
            $request->string('device')->toString(),
            $request->string('layer')->toString(),
            $request->string('ref')->toString(),
            $request->string('show')->toString(),
            $request->string('take')->toString(),
            $request->string('more')->toString(),
            $request->integer('page'),
            $request->string('pair')->toString(),
            $request->string('last')->toString(),
        )]);
    }

    public function layers(string $set): View
    {
        return view('make.layers', ['view' => new LayersView(Place::open($this->sets, $set, 'layers'))]);
    }

    public function macros(Request $request, string $set): View
    {
        return view(
            'make.macros',
            ['view' => new MacrosView(Place::open($this->sets, $set, 'macros'), $request->string('macro')->toString())],
        );
    }

    public function lamps(Request $request, string $set): View
    {
        return view(
            'make.lamps',
            [
                'view' => new LampsView(
                    Place::open($this->sets, $set, 'lamps'),
                    $request->string('rule')->toString(),
                    $request->string('device')->toString(),
                ),
            ],
        );
    }

    public function bench(Request $request, string $set): View
    {
        return view(
            'prove.bench',
            [
                'view' => new BenchView(
                    Place::open($this->sets, $set, 'bench'),
                    $request->string('device')->toString(),
                    $request->integer('page', 1),
                ),
            ],
        );
    }

    public function recordings(Request $request, string $set): View
    {
        return view(
            'prove.recordings',
            ['place' => Place::open($this->sets, $set, 'recordings'), 'recordings' => RecordingsView::of($request)],
        );
    }

    public function store(Request $request, PageLine $line, string $set): View
    {
        $place = Place::open($this->sets, $set, 'store');
        $devices = array_filter($place->set->rig->devices, fn ($device) => $device->keeps() !== null);
        $asked = $request->string('device')->toString();
        $device = $devices[$asked] ?? (array_values($devices)[0] ?? null);
        $place->notHere->ask(
            'device',
            $asked,
            isset($devices[$asked]) || isset($place->set->rig->devices[$asked]),
            $device->name ?? '',
        );
        if (isset($place->set->rig->devices[$asked]) && ! isset($devices[$asked])) {
            $place->notHere->said[] = $place->set->rig->devices[$asked]->name
                .' has no memory of its own: Nailrod does all of it while it runs.'
                .(
                    $device === null ? '' : ' '.$device->name.' is shown instead.'
                );
        }

        $place->picked->device = isset($place->set->rig->devices[$asked]) ? $asked : $device->id ?? '';
        $serial = $request->string('unit')->toString();
        $isThere = in_array($serial, $device->onboard->serials ?? [], true);
        $place->notHere->ask('unit', $serial, $isThere, 'The one in use');

        return view(
            'keep.store',
            [
                'place' => $place,
                'view' => $device === null ? null : new StoreView(
                    $place,
                    Memories::asked($device, $isThere ? $serial : ''),
                    $line->away(),
                    $request->string('do')->toString() === 'read',
                    $request->string('firmware')->toString(),
                ),
                'found' => array_diff_key(Memories::onDesk(), $place->set->rig->devices),
            ],
        );
    }
}
