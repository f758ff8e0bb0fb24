<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rig;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\Rig\DrawRequest;
use App\Sets\Devices;
use App\Sets\SetStore;
use App\View\Place;
use App\View\Rig\DrawView;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Rig\Wiring\CountedDevice;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\RigEdits;

/** A device is drawn by counting its controls, looked at, and taken into the rig. */
final class DrawController
{
    use EditsSets;

    public function __construct(private readonly SetStore $sets, private readonly Devices $devices) {}

    public function show(Request $request, string $set): View
    {
        return view(
            'rig.draw',
            [
                'view' => new DrawView(
                    Place::open($this->sets, $set, 'rig'),
                    $request->string('kind')->toString(),
                    $request->string('name')->trim()->substr(0, 60)->toString(),
                    $request->string('counted')->toString(),
                    $request->array('counts'),
                ),
            ],
        );
    }

    public function take(DrawRequest $request, string $set): RedirectResponse
    {
        $device = $this->devices->keep(CountedDevice::document(
            $this->devices->freeId($request->name()),
            $request->name(),
            $request->kind(),
            $request->counts(),
        ));
        $done = $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new RigEdits($base))->addDevice($device->id),
        );

        return $done->setTargetUrl(route('rig', ['set' => $request->open($set), 'device' => $device->id]));
    }
}
