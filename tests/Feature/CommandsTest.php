<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\LongRunBench;
use App\Bench\Measurement;
use App\Models\Revision;
use App\Models\SetRecord;
use App\Sets\Programs;
use App\Sets\SetStore;
use Nailrod\Core\Engine\Recording\RecordingReader;
use Tests\TestCase;

final class CommandsTest extends TestCase
{
    public function test_the_demo_is_loaded_once_and_what_was_made_since_stays(): void
    {
        $this->from('/sets/house/shape')->post(
            '/sets/house/shape/curve',
            ['from' => SetRecord::query()->findOrFail('house')->head_id, 'axis' => 'fennel/left-lever', 'k' => '11'],
        );
        $revisions = Revision::query()->count();
        $this->artisan('nailrod:demo')->expectsOutputToContain('The database is in use already')->assertSuccessful();
        $this->assertSame($revisions, Revision::query()->count());
        $this->assertSame(
            ['house', 'quay-cable', 'hairpin-ladder', 'marl', 'dunlin', 'knot', 'skerrywing'],
            SetRecord::query()->orderBy('position')->pluck('id')->all(),
        );
    }

    public function test_warming_lists_the_classes_of_pages_and_edits(): void
    {
        $list = tempnam(sys_get_temp_dir(), 'nailrod');
        $this->artisan('nailrod:warm', ['list' => $list])->assertSuccessful();
        $files = json_decode((string) file_get_contents((string) $list), true);
        unlink((string) $list);
        $names = array_map(basename(...), $files);
        foreach (['Machine.php', 'ShapeView.php', 'CellController.php', 'Assembly.php', 'Kernel.php'] as $name) {
            $this->assertContains($name, $names);
        }
    }

    /** A clone in which bin/start was never run, and a database that an older version left. */
    public function test_without_a_database_each_command_says_what_to_do(): void
    {
        $empty = (string) tempnam(sys_get_temp_dir(), 'nailrod');
        foreach (
            [
                [$empty.'-none', 'nailrod:store', 'fennel'], [$empty, 'nailrod:store', 'fennel'],
                [$empty, 'nailrod:token', 'Box', '--see'], [$empty, 'nailrod:game', 'skerrywing'],
                [$empty, 'nailrod:tidy'],
            ] as $command
        ) {
            $process = proc_open(
                [PHP_BINARY, base_path('artisan'), ...array_slice($command, 1)],
                [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
                $pipes,
                null,
                ['DB_DATABASE' => $command[0], 'NAILROD_RUNS' => sys_get_temp_dir().'/nailrod-none'] + getenv(),
            );
            assert(is_resource($process));
            [$out, $problem] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];
            $this->assertSame(
                [1, '', "There is no database yet, or it is of an older version. Start Nailrod once: bin/start\n"],
                [proc_close($process), $out, $problem],
                implode(' ', $command),
            );
        }
        unlink($empty);
    }

    public function test_compiled_programs_are_made_anew_where_they_are_gone(): void
    {
        $store = app(SetStore::class);
        $key = $store->programOf($store->open('skerrywing'));
        array_map(unlink(...), glob(config('nailrod.programs').'/*') ?: []);
        $this->assertFalse(app(Programs::class)->has($key));
        $this->get('/sets/skerrywing/shape')->assertOk();
        $this->assertSame($key, $store->programOf($store->open('skerrywing')));
        $this->assertTrue(app(Programs::class)->has($key));
    }

    public function test_the_long_run_of_the_bench_is_a_run(): void
    {
        $lines = explode("\n", trim(implode('', iterator_to_array(LongRunBench::run(12_000), false))));
        $inputs = array_merge(...iterator_to_array(RecordingReader::batches($lines), false));
        $this->assertCount(12_000, $inputs);
        $this->assertSame([1000, 'fennel/left-lever'], [$inputs[0]->t, $inputs[0]->port]);
    }

    public function test_a_figure_says_what_it_is_a_ratio_of(): void
    {
        $figure = (new Measurement('engine', 12.0, 'ns'))->against(new Measurement('loop', 4.0, 'ns'));
        $this->assertSame(
            ['name' => 'engine', 'value' => 12.0, 'unit' => 'ns', 'ratio_of' => 'loop', 'ratio' => 3.0],
            $figure->toArray(),
        );
        $this->assertStringContainsString('3.00 times loop', $figure->line());
    }
}
