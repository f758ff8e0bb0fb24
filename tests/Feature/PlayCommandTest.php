<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The command line as a person uses it: php artisan nailrod:play SET RECORDING. */
final class PlayCommandTest extends TestCase
{
    private const ROOT = __DIR__.'/../../';

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/nailrod-play-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob($this->folder.'/*') ?: []);
        rmdir($this->folder);
    }

    /** @return array{int, string, string} exit code, output, errors */
    private function play(string $set, string $run, string $input = ''): array
    {
        $process = new Process([PHP_BINARY, 'artisan', 'nailrod:play', $set, $run], self::ROOT, null, $input);
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
    }

    private function file(string $name, string $content): string
    {
        file_put_contents($this->folder.'/'.$name, $content);

        return $this->folder.'/'.$name;
    }

    public function test_the_demo_run_through_the_demo_set(): void
    {
        [$code, $output, $errors] = $this->play('demo/sets/skerrywing.set.json', 'demo/runs/first-flight.csv');
        $this->assertSame([0, ''], [$code, $errors]);
        $lines = explode("\n", trim($output));
        $this->assertSame('t_us,kind,target,value,cause', $lines[0]);
        $this->assertContains(
            '1444000,axis,1,65535,fennel/left-lever=64903@1444000 > layer base > action power',
            $lines,
        );
        $this->assertContains(
            '1700000,button,5,1,fennel/switch-1.up=1@1700000 > closed fennel/switch-1.up > layer base > behaviour '
                .'pulse 60 ms > action pitot-heat-on',
            $lines,
        );
        // The mark button is pressed in the water layer, which is let go first: it ends as it began.
        $this->assertContains(
            '2300000,key,KeyM,1,fennel/mark=1@2300000 > closed fennel/mark > layer water > behaviour pulse 60 ms > '
                .'action cast-off',
            $lines,
        );
        $this->assertNotContains(
            'button,4',
            array_map(fn (string $line) => implode(',', array_slice(explode(',', $line), 1, 2)), $lines),
        );
    }

    public function test_a_set_that_stands_alone_and_a_run_from_standard_input(): void
    {
        $device = json_decode((string) file_get_contents(self::ROOT.'demo/devices/gorse.device.json'), true);
        $set = $this->file('alone.set.json', (string) json_encode([
            'format' => 'nailrod-set', 'version' => 1, 'id' => 'alone', 'name' => 'Alone', 'parent' => 'above',
            'devices' => ['gorse'],
            'cells' => [
                'base' => [
                    'gorse/button-1' => [
                        'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 2]],
                    ],
                ],
            ],
            'with' => [
                'devices' => [$device],
                'sets' => [['format' => 'nailrod-set', 'version' => 1, 'id' => 'above', 'name' => 'Above']],
            ],
        ]));
        $this->assertSame(
            [
                0,
                "t_us,kind,target,value,cause\n"
                    ."10,button,2,1,gorse/button-1=1@10 > closed gorse/button-1 > layer base > behaviour follow\n",
                '',
            ],
            $this->play($set, '-', "t_us,device,control,value\n10,gorse,button-1,1\n"),
        );
    }

    public function test_what_is_wrong_is_told_with_file_place_found_and_expected(): void
    {
        $run = $this->file('run.csv', "t_us,device,control,value\n");
        $broken = $this->file(
            'broken.set.json',
            (string) json_encode([
                'format' => 'nailrod-set', 'version' => 1, 'id' => 'x', 'name' => 'X', 'devices' => [],
                'colour' => 'red',
            ]),
        );
        $this->assertSame(
            [
                1, '',
                'broken.set.json: colour: found a field that this format does not have, expected one of format, '
                    .'version, id, name, parent, simulator, devices, controls, settings, sizes, panels, layers, '
                    ."flags, axes, made, stops, macros, lamps, chords, cells, ways, aside, meant.\n",
            ],
            $this->play($broken, $run),
        );
        $this->assertStringContainsString(
            'none.set.json: found no such file, expected a set.',
            $this->play('none.set.json', $run)[2],
        );
        $this->assertStringContainsString(
            'none.csv: found no such file, expected a recording.',
            $this->play('demo/sets/skerrywing.set.json', 'none.csv')[2],
        );
        $back = $this->file('back.csv', "t_us,device,control,value\n9,fennel,mark,1\n5,fennel,mark,0\n");
        [$code, , $errors] = $this->play('demo/sets/skerrywing.set.json', $back);
        $this->assertSame(
            [1, "back.csv: line 3: found time 5 µs, expected 9 µs or later, since time only goes forward.\n"],
            [$code, $errors],
        );
        $far = $this->file('far.csv', "t_us,device,control,value\n9,fennel,left-lever,70000\n");
        $this->assertStringContainsString(
            'far.csv: line 2: found the value 70000 for fennel/left-lever, expected a whole number from 0 to 65535.',
            $this->play('demo/sets/skerrywing.set.json', $far)[2],
        );
    }
}
