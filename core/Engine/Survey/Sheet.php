<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Survey;

use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Rig;

/** A sheet of all inputs of the rig that ticks off what has been seen since it was begun. */
final class Sheet
{
    /** @var array<string, InputRecord> by port */
    private array $records = [];

    /** @var array<string, int> most contacts closed at once, by device */
    private array $most = [];

    /** @var array<string, array<string, true>> contacts that are closed now, by device */
    private array $closed = [];

    /** @param array<string, int> $hands how the rig is found, by port */
    public function begin(array $hands, Rig $rig): void
    {
        $this->records = $this->most = $this->closed = [];
        foreach ($hands as $port => $value) {
            if (isset($rig->contacts[$port]) && $value === 1) {
                $this->record($port)->neverOpened = true;
                $this->closed[explode('/', $port, 2)[0]][$port] = true;
            }
        }
    }

    /** @param ?int $before the value of the port until now */
    public function take(Input $input, ?int $before, Rig $rig): void
    {
        $port = $input->port;
        $value = (int) $input->value;
        if (isset($rig->axes[$port])) {
            // The first word of an axis says where it stands; nobody has moved it.
            if ($before !== null) {
                $this->record($port)->reading($value);
            }
        } elseif (isset($rig->contacts[$port])) {
            if ($value !== ($before ?? 0)) {
                $this->record($port)->contact($value === 1, $input->t);
                $this->countClosed($port, $value === 1);
            }
        } elseif ($rig->controlOf($port)?->hat !== null) {
            $this->record($port)->hat($value);
        } else {
            $this->record($port)->ticks($value, $input->t);
        }
    }

    public function of(string $port): ?InputRecord
    {
        return $this->records[$port] ?? null;
    }

    /** Most contacts of a device that were closed at once. */
    public function mostClosed(Device $device): int
    {
        return $this->most[$device->id] ?? count($this->closed[$device->id] ?? []);
    }

    /** A device has gone: what it held is no longer closed. */
    public function gone(string $device): void
    {
        unset($this->closed[$device]);
    }

    private function countClosed(string $port, bool $closed): void
    {
        $device = explode('/', $port, 2)[0];
        if ($closed) {
            $this->closed[$device][$port] = true;
        } else {
            unset($this->closed[$device][$port]);
        }
        $this->most[$device] = max($this->most[$device] ?? 0, count($this->closed[$device] ?? []));
    }

    private function record(string $port): InputRecord
    {
        return $this->records[$port] ??= new InputRecord;
    }
}
