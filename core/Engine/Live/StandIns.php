<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Live;

use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Wiring\Wiring;

/**
 * Drawn devices at the end of their cable: what a hand does becomes the binary report that the device would send, and
 * that is read by its report descriptor like a report of any device.
 */
final class StandIns
{
    /** @var array<string, string> last report by device, as hex digits */
    public array $sent = [];

    /** @var array<string, ?Wiring> by device and mode */
    private array $wirings = [];

    public function __construct(private readonly Rig $rig, private readonly LiveState $state) {}

    /**
     * What arrives of one movement of a hand. Where the report has no room for it, nothing does.
     *
     * @param array<string, int> $hands how every control was left, by port
     *
     * @return list<Input>
     */
    public function through(Input $input, array $hands): array
    {
        $device = $this->rig->deviceOf($input->port);
        $wiring = $device === null ? null : $this->wiringOf($device->id);
        if ($wiring === null || ! is_int($input->value)) {
            return [$input];
        }
        $inputs = [];
        foreach ($wiring->reports($hands, $input->port, $input->value) as $report) {
            $this->sent[$device->id] = bin2hex($report);
            foreach ($wiring->read($report) as $port => $value) {
                if ($port === $input->port || (isset($hands[$port]) && $hands[$port] !== $value)) {
                    $inputs[] = new Input($input->t, $port, $value);
                }
            }
        }

        return $inputs;
    }

    private function wiringOf(string $device): ?Wiring
    {
        $mode = $this->state->modes[$device] ?? '';
        $found = $this->rig->devices[$device]->inMode($this->rig->devices[$device]->mode($mode));

        return $this->wirings[$device.' '.$mode] ??= $found->standIn
            && $found->descriptor !== null
            ? Wiring::of($found)
            : null;
    }
}
