<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rig;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\Rig\SettingRequest;
use App\Memory\Memories;
use App\Models\DeviceRecord;
use App\Sets\SetStore;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\RigEdits;

/**
 * What is done to the devices as they lie on the desk: which unit is used, what hands do at its back; and what they
 * shall be like.
 */
final class DeskController
{
    use EditsSets;

    public function __construct(private readonly SetStore $sets) {}

    /** A setting of a device, said by the set that is open. */
    public function setting(SettingRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, function (Edits $edits, BindingSet $base) use ($request) {
            $setting = ($base->rig->devices[$request->device()] ?? null)?->setting($request->setting());

            return (new RigEdits($base))->set($request->device(), $request->setting(), $request->value($setting));
        });
    }

    /** Which unit of a device is used. */
    public function unit(Request $request, string $set, string $device): RedirectResponse
    {
        $found = $this->device($set, $device);
        $unit = Memories::asked($found, $request->string('serial')->toString());
        DeviceRecord::query()->where('id', $device)->update(['unit' => $unit->key]);

        return back(303)->with('said', $unit->title().' is in use now. What is assigned stays.');
    }

    /** A hand moves the slide at the back of a stand-in. */
    public function slide(Request $request, string $set, string $device): RedirectResponse
    {
        $found = $this->device($set, $device);
        $mode = $found->mode($request->string('mode')->toString());
        if ($mode === null || ! $found->standIn) {
            throw FormatError::told('Mode', $request->string('mode')->toString(), 'a mode of a stand-in');
        }
        $unit = Memories::unit($found);
        $unit->slide($mode->id);
        // The rig looks again when something was written to the store.
        DeviceRecord::query()->where('id', $device)->update(['updated_at' => now()]);

        return back(303)->with(
            'said',
            $unit->title().' is in the mode "'.$mode->name.'" now.'.(
                $mode->descriptor === null ? '' : ' Its contacts have other numbers; what is assigned stays.'
            ),
        );
    }

    /** A hand does what lets a write in. */
    public function press(string $set, string $device): RedirectResponse
    {
        $found = $this->device($set, $device);
        $unlock = $found->onboard->unlock;
        if ($unlock === null || ! $found->standIn) {
            throw FormatError::told('Device', $found->name, 'a stand-in with a button at its back');
        }
        $unit = Memories::unit($found);
        $unit->press();

        return back(303)->with('said', sprintf('%s lets a write in for %d s.', $unit->title(), $unlock->seconds));
    }

    private function device(string $set, string $device): Device
    {
        return $this->sets->current($this->sets->open($set))->rig->devices[$device] ?? abort(404);
    }
}
