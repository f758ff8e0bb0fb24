<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rig;

use App\Http\Requests\Rig\PadsRequest;
use App\Rig\PageLine;
use App\Sets\Devices;
use App\Sets\Pads;
use App\Sets\RigRoot;
use App\Sets\SetStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Format\Node;

/** What a page asks its own server about the line to the rig. */
final class LineController
{
    /** Another token, where that of the page has ended. */
    public function token(PageLine $line): JsonResponse
    {
        return new JsonResponse(['token' => $line->browserToken()]);
    }

    /** Which device it is whose reports the browser reads; a new one is taken into the rig. */
    public function hid(Request $request, Devices $devices, RigRoot $root, SetStore $sets): JsonResponse
    {
        $request->validate([
            'set' => ['required', 'string'],
            'name' => ['required', 'string', 'max:60'],
            'collections' => ['required', 'array'],
        ]);
        $name = trim($request->string('name')->toString());
        [$device, $isNew] = $devices->ofReports(
            $name === '' ? 'Device' : $name,
            Node::of($request->json('collections'), 'collections'),
        );
        $isAdded = $root->takeIn($sets->record($request->string('set')->toString()), [$device->id]);

        return new JsonResponse(
            ['device' => $device->id, 'added' => $isAdded, 'said' => Devices::greeting($device, $isNew)],
        );
    }

    /** Which devices the controllers are that the browser sees. */
    public function pads(PadsRequest $request, Pads $pads, SetStore $sets): JsonResponse
    {
        return new JsonResponse(
            $pads->seen($sets->record($request->string('set')->toString()), $request->pads(), $request->gone()),
        );
    }
}
