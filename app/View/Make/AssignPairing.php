<?php

declare(strict_types=1);

namespace App\View\Make;

use App\View\Place;
use Nailrod\Core\Advice\Plan\KeyPairing;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Rig\Device\Device;

/**
 * Pairing on Assign: which controls of the device do something in the layer, which are left, and which is asked for.
 */
final readonly class AssignPairing
{
    /** Nothing is asked for: what comes is paired. */
    public const ON = 'on';

    /** @var list<string> references */
    public array $done;

    /** @var list<string> references */
    public array $left;

    /** The control that is asked for by its name; empty if none is. */
    public string $asked;

    /** The one that was paired last; empty if none was. */
    public string $last;

    private KeyPairing $pairing;

    /** @param string $mode ON, or the control that is asked for, or that was before */
    public function __construct(
        private Place $place,
        private Device $device,
        private string $layer,
        string $mode,
        string $last,
    ) {
        $this->pairing = new KeyPairing($place->set);
        $this->done = $this->pairing->done($device->id, $layer);
        $this->left = $this->pairing->left($device->id, $layer);
        $this->asked = $mode === self::ON ? '' : $this->pairing->next($device->id, $layer, $mode) ?? '';
        $this->last = in_array($last, $this->done, true) ? $last : '';
    }

    /** Address of the same with another control asked for, or with none. */
    public function asking(string $mode): string
    {
        return route(
            'assign',
            [
                'set' => $this->place->record->id,
                'device' => $this->device->id,
                'layer' => $this->layer,
                'pair' => $mode,
            ],
        );
    }

    /** Address of the same where the one that is asked for is left out; empty if no other is left. */
    public function leavingOut(): string
    {
        $after = $this->pairing->after($this->device->id, $this->layer, $this->asked);

        return $after === null ? '' : $this->asking($after);
    }

    /** Address of Assign without it. */
    public function ending(): string
    {
        return route(
            'assign',
            array_filter([
                'set' => $this->place->record->id,
                'device' => $this->device->id,
                'layer' => $this->layer,
                'ref' => $this->last,
            ]),
        );
    }

    /** What a control does in the layer, briefly. */
    public function does(string $ref): string
    {
        $cell = $this->place->set->cell($this->layer, $ref) ?? $this->place->set->cell(Layer::BASE, $ref);

        return $cell === null ? '' : $this->place->words->brief($cell);
    }
}
