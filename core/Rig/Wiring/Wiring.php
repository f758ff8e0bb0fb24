<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Wiring;

use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\InputPage;
use Nailrod\Core\Rig\Hid\DescriptorError;
use Nailrod\Core\Rig\Hid\HidReport;
use Nailrod\Core\Rig\Hid\ReportDescriptor;
use Nailrod\Core\Rig\Hid\ReportField;
use Nailrod\Core\Rig\Hid\Wire;

/**
 * Which control of a device is which value in its reports. Axis n, encoder n and hat n are the n-th of the descriptor;
 * a contact has the number of its usage on the button, keyboard or consumer page. Takes reports apart and makes them.
 */
final class Wiring
{
    private const MOST_TICKS = 100;

    /** @var array<string, Wire> axes, buttons, hats, encoders by port */
    private array $wires = [];

    /** @var array<string, list<Wire>> contacts that an array names, by the place of its first slot */
    private array $named = [];

    /** @var array<string, list<ReportField>> the slots of each array */
    private array $slots = [];

    /** @var array<int, list<string>> the arrays of a report */
    private array $arrays = [];

    private function __construct(private readonly ReportDescriptor $descriptor) {}

    /**
     * @throws DescriptorError if the descriptor cannot be read
     * @throws WiringError     if the device names what is not in its reports
     */
    public static function of(Device $device): self
    {
        $bytes = $device->descriptor === null
            ? throw WiringError::noDescriptor($device->name)
            : (string) hex2bin($device->descriptor);
        $wiring = new self(ReportDescriptor::parse($bytes));
        foreach ($device->controls as $control) {
            array_map($wiring->axis(...), $control->axes);
            array_map($wiring->contact(...), $control->contacts);
            if ($control->hat !== null) {
                $wiring->add(
                    $control->ref,
                    $wiring->descriptor->hats()[$control->hat - 1] ?? null,
                    'hat',
                    $control->hat,
                    -1,
                    true,
                );
            }
            if ($control->encoder !== null) {
                $wiring->add(
                    $control->ref,
                    $wiring->descriptor->encoders()[$control->encoder - 1] ?? null,
                    'encoder',
                    $control->encoder,
                    0,
                );
            }
        }

        return $wiring;
    }

    /**
     * The reports that a device sends when one of its ports takes a value. Ticks that are more than one report can
     * hold go into several.
     *
     * @param array<string, int> $values of all other ports; what is missing is at rest
     *
     * @return list<string>
     */
    public function reports(array $values, string $port, int $value): array
    {
        $wire = $this->wireOf($port);
        $values = array_diff_key($values, array_filter($this->wires, fn (Wire $wire) => $wire->field->relative));
        if (! $wire->field->relative) {
            return [$this->report($wire->report, [$port => $value] + $values)];
        }
        $reports = [];
        while ($value !== 0 && count($reports) < self::MOST_TICKS) {
            $part = max($wire->field->logicalMin, min($wire->field->logicalMax, $value));
            $reports[] = $this->report($wire->report, [$port => $part] + $values);
            $value -= $part;
        }

        return $reports;
    }

    /**
     * One input report, the id first if the device uses ids.
     *
     * @param array<string, int> $values by port; what is missing is at rest
     */
    public function report(int $id, array $values): string
    {
        $data = str_repeat("\0", $this->descriptor->inputs[$id]->bytes());
        foreach ($this->wires as $port => $wire) {
            if ($wire->report === $id) {
                $data = $wire->field->write($data, $wire->fieldValue($values[$port] ?? $wire->rest));
            }
        }
        foreach ($this->arrays[$id] ?? [] as $array) {
            $slots = $this->slots[$array];
            foreach ($this->named[$array] as $wire) {
                if (($values[$wire->port] ?? 0) === 1 && $slots !== []) {
                    $slot = array_shift($slots);
                    $data = $slot->write($data, $slot->logicalMin + $wire->usage - $slot->usage);
                }
            }
        }

        return ($id === 0 ? '' : chr($id)).$data;
    }

    /**
     * Takes a report apart.
     *
     * @return array<string, int> what it says, by port; ticks only where there are some
     *
     * @throws DescriptorError if no report of the device looks like this
     */
    public function read(string $report): array
    {
        $held = [];
        foreach ($this->descriptor->decode($report) as [$field, $value]) {
            $held[$field->bitOffset] = $value;
        }
        $id = $this->descriptor->usesIds() ? ord($report[0]) : 0;
        $values = [];
        foreach ($this->wires as $port => $wire) {
            if ($wire->report === $id) {
                $value = $wire->portValue($held[$wire->field->bitOffset]);
                if (! $wire->field->relative || $value !== 0) {
                    $values[$port] = $value;
                }
            }
        }
        foreach ($this->arrays[$id] ?? [] as $array) {
            $on = [];
            foreach ($this->slots[$array] as $slot) {
                $on[$held[$slot->bitOffset] - $slot->logicalMin + $slot->usage] = true;
            }
            foreach ($this->named[$array] as $wire) {
                $values[$wire->port] = (int) isset($on[$wire->usage]);
            }
        }

        return $values;
    }

    private function axis(AxisInput $axis): void
    {
        $wire = $this->add(
            $axis->ref,
            $this->descriptor->axes()[$axis->number - 1] ?? null,
            'axis',
            $axis->number,
            $axis->standInRest(),
        );
        if ($wire->field->logicalMin !== $axis->min || $wire->field->logicalMax !== $axis->max) {
            throw WiringError::range($axis->ref, $axis->min, $axis->max, $wire->field);
        }
    }

    private function contact(ContactInput $contact): void
    {
        if ($contact->number === null || $contact->hat !== null) {
            return;
        }
        $page = $contact->page->usagePage();
        foreach ($this->descriptor->inputs as $id => $report) {
            foreach ($report->fields as $field) {
                if (
                    $field->page !== $page || $contact->number < $field->usage || $contact->number > $field->lastUsage
                ) {
                    continue;
                }
                if ($field->array) {
                    $this->name($contact->ref, $contact->number, $id, $field, $report);

                    return;
                }
                if ($field->size === 1) {
                    $this->wires[$contact->ref] = new Wire($contact->ref, $id, $field, $contact->number, 0, false);

                    return;
                }
            }
        }

        throw WiringError::missing(
            $contact->ref,
            'number',
            $contact->page === InputPage::Button ? (string) $contact->number : $contact->page->show($contact->number),
        );
    }

    private function name(string $port, int $usage, int $id, ReportField $first, HidReport $report): void
    {
        $array = $id.':'.$first->bitOffset;
        if (! isset($this->slots[$array])) {
            $this->slots[$array] = array_values(array_filter(
                $report->fields,
                fn (ReportField $field) => $field->array
                    && $field->page === $first->page
                    && $field->usage === $first->usage
                    && $field->lastUsage === $first->lastUsage,
            ));
            $this->arrays[$id][] = $array;
        }
        $this->named[$array][] = new Wire($port, $id, $first, $usage, 0, false);
    }

    private function add(
        string $port,
        ?ReportField $field,
        string $sort,
        int $number,
        int $rest,
        bool $isHat = false,
    ): Wire {
        foreach ($field === null ? [] : $this->descriptor->inputs as $id => $report) {
            if (in_array($field, $report->fields, true)) {
                return $this->wires[$port] = new Wire($port, $id, $field, $field->usage, $rest, $isHat);
            }
        }

        throw WiringError::missing($port, $sort, (string) $number);
    }

    private function wireOf(string $port): Wire
    {
        foreach ([array_values($this->wires), ...array_values($this->named)] as $wires) {
            foreach ($wires as $wire) {
                if ($wire->port === $port) {
                    return $wire;
                }
            }
        }

        throw WiringError::missing($port, 'a port', $port);
    }
}
