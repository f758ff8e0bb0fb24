<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Rig\Hid\DescriptorError;
use Nailrod\Core\Rig\Hid\DescriptorText;
use Nailrod\Core\Rig\Hid\HidReport;
use Nailrod\Core\Rig\Hid\ReportDescriptor;
use Nailrod\Core\Rig\Hid\ReportField;
use Nailrod\Core\Rig\Hid\Usages;
use Nailrod\Core\Rig\Wiring\DeviceBuilder;
use Symfony\Component\Console\Output\OutputInterface;

final class DescribeCommand extends Command
{
    use RefusesInWords;

    protected $signature = 'nailrod:describe {file : a HID report descriptor: binary, hex text or a list of bytes} '
        .'{--json : for machines} {--device= : print a device file of this id instead}';

    protected $description = 'Says what a device reports, by its HID report descriptor';

    public function handle(): int
    {
        $file = $this->argument('file');
        $content = is_file($file) ? file_get_contents($file) : false;
        if ($content === false) {
            return $this->refused($file.': found no such file, expected a report descriptor.');
        }
        try {
            $descriptor = ReportDescriptor::parse(DescriptorText::bytes($content));
        } catch (DescriptorError $error) {
            return $this->refused(basename($file).': '.$error->getMessage());
        }
        $id = $this->option('device');
        match (true) {
            is_string($id) && $id !== '' => $this->device($descriptor, $id),
            (bool) $this->option('json') => $this->json($descriptor),
            default => $this->forPeople($descriptor),
        };

        return self::SUCCESS;
    }

    private function device(ReportDescriptor $descriptor, string $id): void
    {
        [
            'document' => $document,
            'left_out' => $leftOut,
        ] = DeviceBuilder::build($descriptor, $id, ucfirst($id), 'gamepad');
        $this->output->write(Json::encode($document), false, OutputInterface::OUTPUT_RAW);
        foreach ($leftOut as $line) {
            $this->tell('left out: '.$line);
        }
    }

    private function json(ReportDescriptor $descriptor): void
    {
        $this->line((string) json_encode([
            'reports' => array_map(fn (HidReport $report) => [
                'id' => $report->id,
                'bits' => $report->bits,
                'fields' => array_map(fn (ReportField $field) => [
                    'usage_page' => $field->page, 'usage' => $field->usage, 'last_usage' => $field->lastUsage,
                    'bit_offset' => $field->bitOffset, 'size' => $field->size,
                    'logical_min' => $field->logicalMin, 'logical_max' => $field->logicalMax,
                    'relative' => $field->relative, 'array' => $field->array, 'null_state' => $field->nullState,
                ], $report->fields),
            ], array_values($descriptor->inputs)),
            'axes' => count($descriptor->axes()),
            'encoders' => count($descriptor->encoders()),
            'hats' => count($descriptor->hats()),
            'buttons' => count($descriptor->buttons()),
            'keys' => count($descriptor->keys()),
        ], JSON_PRETTY_PRINT));
    }

    private function forPeople(ReportDescriptor $descriptor): void
    {
        foreach ($descriptor->inputs as $report) {
            $this->line(sprintf('report %d, %d bits', $report->id, $report->bits));
            foreach ($report->fields as $field) {
                $this->line(sprintf(
                    '  bit %4d  %2d bits  %-24s %d to %d%s%s',
                    $field->bitOffset,
                    $field->size,
                    Usages::axis($field->page, $field->usage) ?? sprintf(
                        '%04X:%04X%s',
                        $field->page,
                        $field->usage,
                        $field->array ? sprintf('-%04X', $field->lastUsage) : '',
                    ),
                    $field->logicalMin,
                    $field->logicalMax,
                    $field->relative ? ', relative' : '',
                    $field->array ? ', one of a list' : '',
                ));
            }
        }
        $this->line(sprintf(
            '%d axes, %d encoders, %d hats, %d buttons, %d keys',
            count($descriptor->axes()),
            count($descriptor->encoders()),
            count($descriptor->hats()),
            count($descriptor->buttons()),
            count($descriptor->keys()),
        ));
    }
}
