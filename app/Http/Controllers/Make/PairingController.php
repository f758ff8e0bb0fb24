<?php

declare(strict_types=1);

namespace App\Http\Controllers\Make;

use App\Pairing\Grant;
use App\Pairing\PhonePairing;
use App\Sets\SetStore;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\PanelDevice;

/** Phones at the desk: a code for the next one, and those that are paired. */
final class PairingController
{
    public function __construct(private readonly SetStore $sets, private readonly PhonePairing $pairing) {}

    public function begin(Request $request, string $set): RedirectResponse
    {
        $this->pairing->begin($this->panel($request, $set)->id, time(), $request->string('phone')->toString());

        return back(303);
    }

    /** A phone is given more, or less: more is asked twice. */
    public function give(Request $request): RedirectResponse
    {
        $gets = Grant::tryFrom($request->string('gets')->toString()) ?? throw FormatError::told(
            'What it gets',
            $request->string('gets')->toString(),
            'one of the list',
        );
        $phone = $request->string('phone')->toString();
        if ($gets !== Grant::Panel && ! $request->boolean('sure')) {
            return back(303)->with('asked', ['phone' => $phone, 'gets' => $gets->value]);
        }
        $given = $this->pairing->give($phone, $gets);

        return back(303)->with(
            'said',
            $given === null ? 'That phone is gone already.' : sprintf('%s gets %s.', $given->name, $gets->inWords()),
        );
    }

    public function takeAway(Request $request): RedirectResponse
    {
        $name = $this->pairing->takeAway($request->string('phone')->toString());

        return back(303)->with(
            'said',
            $name === null ? 'That phone is gone already.' : sprintf('%s is not paired any more.', $name),
        );
    }

    public function takeAllAway(Request $request, string $set): RedirectResponse
    {
        $panel = $this->panel($request, $set);
        $count = $this->pairing->takeAllAway($panel->id);

        return back(303)->with('said', sprintf('No phone is paired with %s any more; %d were.', $panel->name, $count));
    }

    private function panel(Request $request, string $set): Device
    {
        $device = $this->sets->current($this->sets->open($set))->rig->devices[$request->string('device')->toString()]
            ?? null;

        return $device?->kind === PanelDevice::KIND ? $device : abort(404);
    }
}
