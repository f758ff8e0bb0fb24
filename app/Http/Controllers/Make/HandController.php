<?php

declare(strict_types=1);

namespace App\Http\Controllers\Make;

use App\Models\SetRecord;
use App\Pairing\Grant;
use App\Pairing\RemotePeer;
use App\Rig\PageLine;
use App\Sets\SetStore;
use App\View\Make\HandPanel;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Rig\Device\FactoryLayout;
use Nailrod\Core\Rig\Device\PanelDevice;

/** A panel in the hand: on a phone or a tablet, of the set that is in play. */
final class HandController
{
    public function __construct(private readonly SetStore $sets, private readonly PageLine $line) {}

    /**
     * By which a browser puts the panel beside other applications, where its address is a secure one (W3C Web
     * Application Manifest).
     */
    public function manifest(string $device): JsonResponse
    {
        return new JsonResponse(
            [
                'name' => 'Nailrod panel',
                'short_name' => 'Panel',
                'start_url' => route('hand', $device, false),
                'scope' => route('hand', $device, false),
                'display' => 'fullscreen',
                'icons' => [['src' => '/icon.svg', 'sizes' => 'any', 'type' => 'image/svg+xml']],
            ],
            200,
            ['Content-Type' => 'application/manifest+json'],
        );
    }

    public function show(Request $request, string $device): View
    {
        $phone = RemotePeer::isHere($request) ? null : RemotePeer::token($request);
        $phone?->update(['seen' => time()]);
        $record = SetRecord::shown()
            ->find($this->line->setInPlay()) ?? SetRecord::shown()
            ->orderByDesc('position')
            ->first() ?? abort(404);
        $set = $this->sets->current($record);
        $found = $set->rig->devices[$device] ?? null;
        if ($found?->kind !== PanelDevice::KIND) {
            abort(404);
        }

        return view(
            'hand',
            [
                'record' => $record,
                'device' => $device,
                'rig' => $this->line->address(),
                'token' => $this->line->browserToken(),
                'gets' => $phone === null ? Grant::Panel : Grant::of($phone),
                'name' => $found->title(),
                'hand' => (
                    $panel = $found->panel ?? FactoryLayout::of($found)
                ) === null ? null : new HandPanel($set, $found, $panel),
            ],
        );
    }
}
