<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Hid;

/** What the input reports of a device look like: read from its report descriptor (HID 1.11, 6.2.2). */
final readonly class ReportDescriptor
{
    /** @param array<int, HidReport> $inputs by report id */
    private function __construct(public array $inputs) {}

    /** @throws DescriptorError with the byte offset of what cannot be */
    public static function parse(string $bytes): self
    {
        return new self((new DescriptorParser)->parse($bytes));
    }

    /**
     * Takes a report apart.
     *
     * @param string $report as it comes over the cable: the id first, if the device uses ids
     *
     * @return list<array{ReportField, int}> each field with its value
     *
     * @throws DescriptorError if no input report looks like this
     */
    public function decode(string $report): array
    {
        $usesIds = $this->usesIds();
        $id = $usesIds ? ord($report[0] ?? "\0") : 0;
        $layout = $this->inputs[$id] ?? throw DescriptorError::at(
            0,
            'report id '.$id,
            'one of '.implode(', ', array_keys($this->inputs)),
        );
        $data = $usesIds ? substr($report, 1) : $report;
        if (strlen($data) < $layout->bytes()) {
            throw DescriptorError::at(
                strlen($report),
                strlen($data).' bytes of data',
                $layout->bytes().' in report '.$id,
            );
        }

        return array_map(fn (ReportField $field) => [$field, $field->read($data)], $layout->fields);
    }

    /** Does every report begin with its id? */
    public function usesIds(): bool
    {
        return ! isset($this->inputs[0]);
    }

    /** @return list<ReportField> axes: absolute values of the axis usages */
    public function axes(): array
    {
        return $this->fields(
            fn (ReportField $field) => ! $field->array
                && ! $field->relative
                && $field->size > 1
                && Usages::axis($field->page, $field->usage) !== null,
        );
    }

    /** @return list<ReportField> wheels and encoders: relative values of the axis usages */
    public function encoders(): array
    {
        return $this->fields(
            fn (ReportField $field) => ! $field->array
                && $field->relative
                && Usages::axis($field->page, $field->usage) !== null,
        );
    }

    /** @return list<ReportField> */
    public function hats(): array
    {
        return $this->fields(
            fn (ReportField $field) => ! $field->array
                && $field->page === Usages::DESKTOP
                && $field->usage === Usages::HAT,
        );
    }

    /**
     * Buttons by their usage, once each, also those that an array can name.
     *
     * @return list<int>
     */
    public function buttons(): array
    {
        $ranges = [];
        foreach (
            $this->fields(
                fn (ReportField $field) => $field->page === Usages::BUTTON && ($field->array || $field->size === 1),
            ) as $field
        ) {
            $ranges[max(1, $field->usage).' '.$field->lastUsage] = [max(1, $field->usage), max(1, $field->lastUsage)];
        }
        $buttons = [];
        foreach ($ranges as [$first, $last]) {
            $buttons += array_combine(range($first, $last), range($first, $last));
        }
        sort($buttons);

        return $buttons;
    }

    /**
     * Keys by their usage, once each, also those that an array can name; the first three mean no key.
     *
     * @return list<int>
     */
    public function keys(): array
    {
        $keys = [];
        foreach (
            $this->fields(
                fn (ReportField $field) => $field->page === Usages::KEYBOARD && ($field->array || $field->size === 1),
            ) as $field
        ) {
            foreach (range(max(4, $field->usage), max(4, $field->lastUsage)) as $usage) {
                $keys[$usage] = $usage;
            }
        }
        sort($keys);

        return $keys;
    }

    /**
     * @param callable(ReportField): bool $wanted
     *
     * @return list<ReportField>
     */
    private function fields(callable $wanted): array
    {
        $fields = [];
        foreach ($this->inputs as $report) {
            foreach ($report->fields as $field) {
                if ($wanted($field)) {
                    $fields[] = $field;
                }
            }
        }

        return $fields;
    }
}
