<?php

declare(strict_types=1);

namespace App\Rig;

use App\Sets\Devices;
use App\Sets\RigRoot;
use App\Sets\SetStore;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Rig\Wiring\DeviceReader;

/**
 * Devices that a program brings with it: described once, they are devices of the rig like all others, and stay when it
 * goes.
 */
final readonly class Brought
{
    public function __construct(private Devices $devices, private RigRoot $root, private SetStore $sets) {}

    /**
     * @param array<array-key, mixed> $document in the open format `nailrod-device`
     *
     * @return string its id
     *
     * @throws NotAllowed
     * @throws Refusal    if it cannot be read, or is another than the one that has its id
     */
    public function bring(array $document, RigService $rig, Scope $scope): string
    {
        $device = DeviceReader::read(Node::of($document, 'devices'));
        if (! $scope->mayFeed($device->id.'/', '')) {
            throw NotAllowed::to('move '.$device->id);
        }
        $record = $this->devices->brought($device, $document);
        if ($this->root->takeIn($this->sets->open($rig->set()), [$record->id])) {
            $rig->reread();
        }

        return $record->id;
    }
}
