<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\SetRecord;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\RigEdits;

/** The root of a set, in which its devices are: what goes in there holds for every simulator. */
final readonly class RigRoot
{
    public function __construct(private SetStore $sets) {}

    /**
     * Devices that the rig does not have yet go into the root set.
     *
     * @param list<string> $devices
     */
    public function takeIn(SetRecord $record, array $devices): bool
    {
        $merged = $this->sets->current($record)->merged;
        $missing = array_values(array_diff($devices, $merged->devices));
        if ($missing === []) {
            return false;
        }
        $root = $this->sets->open($merged->chain[0]->id);
        foreach ($missing as $device) {
            $this->sets->edit(
                $root->id,
                (int) $root->head_id,
                'you',
                fn (BindingSet $base) => (new RigEdits($base))->addDevice($device),
            );
            $root = $this->sets->open($root->id);
        }

        return true;
    }
}
