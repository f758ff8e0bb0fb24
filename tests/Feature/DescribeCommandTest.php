<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** php artisan nailrod:describe FILE */
final class DescribeCommandTest extends TestCase
{
    private const HEX = '05 01 09 04 A1 01 85 02 15 00 26 FF 03 75 10 95 01 09 30 81 02 05 09 19 01 29 03 25 01 75 '
        .'01 95 03 81 02 75 05 95 01 81 03 C0';

    /** @return array{int, string, string} exit code, output, errors */
    private function describe(string $content, string ...$options): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'nailrod');
        file_put_contents($file, $content);
        $process = new Process([PHP_BINARY, 'artisan', 'nailrod:describe', $file, ...$options], __DIR__.'/../../');
        $process->run();
        unlink($file);

        return [
            (int) $process->getExitCode(), $process->getOutput(),
            str_replace(basename($file), 'FILE', $process->getErrorOutput()),
        ];
    }

    public function test_reports_and_fields_are_printed_for_machines(): void
    {
        [$code, $output] = $this->describe(self::HEX, '--json');
        $described = json_decode($output, true, 16, JSON_THROW_ON_ERROR);
        $this->assertSame(0, $code);
        $this->assertSame(
            [1, 0, 0, 3],
            [$described['axes'], $described['encoders'], $described['hats'], $described['buttons']],
        );
        $this->assertSame([2, 24], [$described['reports'][0]['id'], $described['reports'][0]['bits']]);
        $this->assertSame([
            'usage_page' => 1, 'usage' => 48, 'last_usage' => 48, 'bit_offset' => 0, 'size' => 16, 'logical_min' => 0,
            'logical_max' => 1023,
            'relative' => false, 'array' => false, 'null_state' => false,
        ], $described['reports'][0]['fields'][0]);
        $this->assertSame([16, 17, 18], array_column(array_slice($described['reports'][0]['fields'], 1), 'bit_offset'));
        $this->assertSame(
            $output,
            $this->describe((string) hex2bin(str_replace(' ', '', self::HEX)), '--json')[1],
            'binary says the same',
        );
    }

    public function test_and_for_people(): void
    {
        $output = $this->describe(self::HEX)[1];
        $this->assertStringContainsString('report 2, 24 bits', $output);
        $this->assertStringContainsString('1 axes, 0 encoders, 0 hats, 3 buttons', $output);
    }

    public function test_a_device_file_is_made(): void
    {
        $device = json_decode($this->describe(self::HEX, '--device=willow')[1], true, 16, JSON_THROW_ON_ERROR);
        $this->assertSame(
            ['nailrod-device', 'willow', ['x', 'button-1', 'button-2', 'button-3']],
            [$device['format'], $device['id'], array_column($device['controls'], 'id')],
        );
    }

    public function test_what_cannot_be_is_told_with_its_byte(): void
    {
        $this->assertSame(
            [1, '', "FILE: byte 2: found 0 bytes of data, expected 1, as the item says.\n"],
            $this->describe('05 01 09', '--json'),
        );
        $process = new Process([PHP_BINARY, 'artisan', 'nailrod:describe', 'none.bin'], __DIR__.'/../../');
        $process->run();
        $this->assertSame("none.bin: found no such file, expected a report descriptor.\n", $process->getErrorOutput());
    }
}
