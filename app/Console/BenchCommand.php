<?php

declare(strict_types=1);

namespace App\Console;

use App\Bench\ContactBench;
use App\Bench\EngineBench;
use App\Bench\LargeSet;
use App\Bench\LongRunBench;
use App\Bench\Measurement;
use App\Bench\PageBench;
use App\Bench\PlanBench;
use App\Bench\RecordingBench;
use App\Bench\RigBench;
use App\Models\CatalogueRecord;
use App\Recordings\Recordings;
use App\Sets\Programs;
use App\Sets\SetStore;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\ShapeEdits;
use Symfony\Component\Console\Output\OutputInterface;

final class BenchCommand extends Command
{
    private const SET = 'skerrywing';
    private const LONG = 10_000_000;

    /** Ten minutes. */
    private const RECORDED = 600;

    protected $signature = 'nailrod:bench {--json : for machines} {--quick : a long run of a tenth of the length} '
        .'{--samples=0 : only print a run of that many samples} {--record=0 : only record that many seconds}';

    protected $description = 'Measures speed and memory; ratios are of one run on one machine';

    public function handle(SetStore $store, Programs $programs, Recordings $recordings, Kernel $kernel): int
    {
        $samples = (int) $this->option('samples');
        if ($samples > 0) {
            foreach (LongRunBench::run($samples) as $piece) {
                $this->output->write($piece, false, OutputInterface::OUTPUT_RAW);
            }

            return self::SUCCESS;
        }
        if ((int) $this->option('record') > 0) {
            $made = (
                new RecordingBench($recordings, '', (int) $this->option('record'))
            )->make($store->current($store->open(self::SET)));
            $this->line((string) json_encode($made));

            return self::SUCCESS;
        }
        $this->withStop($store);
        $figures = $this->figures($store, $programs, $recordings, $kernel);
        $this->option('json')
            ? $this->line((string) json_encode(
                array_map(fn (Measurement $figure) => $figure->toArray(), $figures),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE,
            ))
            : $this->line(implode("\n", array_map(fn (Measurement $figure) => $figure->line(), $figures)));

        return self::SUCCESS;
    }

    /** @return list<Measurement> */
    private function figures(SetStore $store, Programs $programs, Recordings $recordings, Kernel $kernel): array
    {
        $set = $store->current($store->open(self::SET));
        $file = sys_get_temp_dir().'/nailrod-bench-'.getmypid().'.set.json';
        file_put_contents($file, $set->merged->flattened()->toJson());
        foreach (['devices', 'catalogues'] as $folder) {
            foreach (glob(base_path('demo/'.$folder.'/*.json')) ?: [] as $beside) {
                copy($beside, dirname($file).'/'.basename($beside));
            }
        }
        LargeSet::create($store, CatalogueRecord::query()->findOrFail('skerrywing')->catalogue());
        $large = $store->open(LargeSet::ID);
        $pages = (new PageBench($kernel, self::SET))->figures();
        $figures = [
            ...(new EngineBench($set->rig))->figures(),
            ...(new ContactBench($store->assemble($large->head->set())))->figures(),
            ...$pages,
            ...(new RigBench($store, $programs, $recordings, $pages[0]))->figures(
                self::SET,
                LargeSet::ID,
                $this->option('quick') ? 2 : 20,
            ),
            ...(new PlanBench($pages[0]))->figures(),
            ...(new LongRunBench($file, $this->option('quick') ? self::LONG / 10 : self::LONG))->figures(),
            ...(
                new RecordingBench($recordings, $file, $this->option('quick') ? self::RECORDED / 10 : self::RECORDED)
            )->figures(),
        ];
        unlink($file);

        return $figures;
    }

    /** The lever is measured with dead zones, expo and a shut stop, as in the first flight. */
    private function withStop(SetStore $store): void
    {
        $steps = [
            fn (Edits $edits, BindingSet $base) => (new ShapeEdits($base))->shape(
                'fennel/left-lever',
                'curve',
                ['kind' => 'expo', 'k' => Percent::part(28)],
            ),
            fn (Edits $edits) => $edits->stop(
                'cruise',
                [
                    'name' => 'Cruise',
                    'axes' => ['fennel/left-lever'],
                    'at' => Percent::part(92),
                    'opens' => 'until drawn back',
                ],
                'fennel/left-thumb',
            ),
        ];
        foreach ($steps as $step) {
            $from = (int) $store->open(self::SET)->head_id;
            $store->edit(self::SET, $from, 'bench', fn (BindingSet $base) => $step(new Edits($base), $base));
        }
    }
}
