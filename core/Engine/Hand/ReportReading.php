<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Hand;

use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Wiring\Wiring;

/** Reports of devices become inputs: of each what is another than it was, and every tick. */
final class ReportReading
{
    /** @var array<string, ?Wiring> by device and mode; null where it has no report descriptor */
    private array $wirings = [];

    public function __construct(private readonly Rig $rig) {}

    /**
     * @param list<RawReport>    $reports
     * @param array<string, int> $values   last value by port
     * @param list<string>       $problems
     * @param array<string, string> $modes the mode that a device is in, where that is not its first
     *
     * @return list<Input> in the order of the reports, at their times
     */
    public function inputs(array $reports, array $values, array &$problems, array $modes = []): array
    {
        $inputs = [];
        foreach ($reports as $report) {
            try {
                $wiring = $this->wiring($report->device, $modes[$report->device] ?? '');
                $read = $wiring?->read($report->bytes);
            } catch (Refusal $error) {
                $problems[] = $error->getMessage();

                continue;
            }
            if ($read === null) {
                $problems[] = SourceError::shape(
                    'reports',
                    $report->device,
                    'a device of the rig that has a report descriptor',
                )->getMessage();
            }
            foreach ($read ?? [] as $port => $value) {
                $isTick = ($this->rig->controlOf($port)->encoder ?? null) !== null;
                if ($isTick || ($values[$port] ?? null) !== $value) {
                    $inputs[] = new Input($report->t, $port, $value);
                    $values[$port] = $value;
                }
            }
        }

        return $inputs;
    }

    private function wiring(string $device, string $mode): ?Wiring
    {
        $key = $device.' '.$mode;
        if (! array_key_exists($key, $this->wirings)) {
            $found = $this->rig->devices[$device] ?? null;
            $found = $found?->inMode($found->mode($mode));
            $this->wirings[$key] = $found === null || $found->descriptor === null ? null : Wiring::of($found);
        }

        return $this->wirings[$key];
    }
}
