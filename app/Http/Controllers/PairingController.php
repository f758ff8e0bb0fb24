<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Pairing\Pairing;
use App\Sets\SetStore;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Device\PanelDevice;

/** Phones at the desk: a code for the next one, and those that are paired. */
final class PairingController
{
    public function __construct(private readonly SetStore $sets, private readonly Pairing $pairing) {}

    public function begin(Request $request, string $set): RedirectResponse
    {
        $this->pairing->begin($this->panel($request, $set)->id, time());

        return back(303);
    }

    public function takeAway(Request $request): RedirectResponse
    {
        $name = $this->pairing->takeAway($request->string('phone')->toString());

        return back(303)->with('said', $name === null ? 'That phone is gone already.' : sprintf('%s is not paired any more.', $name));
    }

    public function takeAllAway(Request $request, string $set): RedirectResponse
    {
        $panel = $this->panel($request, $set);
        $count = $this->pairing->takeAllAway($panel->id);

        return back(303)->with('said', sprintf('No phone is paired with %s any more; %d were.', $panel->name, $count));
    }

    private function panel(Request $request, string $set): Device
    {
        $device = $this->sets->current($this->sets->open($set))->rig->devices[$request->string('device')->toString()] ?? null;

        return $device?->kind === PanelDevice::KIND ? $device : abort(404);
    }
}
