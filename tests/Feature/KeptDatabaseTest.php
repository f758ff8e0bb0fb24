<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Revision;
use App\Models\SetRecord;
use App\Sets\SetStore;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/**
 * A database of an earlier version (`tests/Kept/databases`) is taken over: its pages open, its history can be gone
 * through.
 */
final class KeptDatabaseTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $file = sys_get_temp_dir().'/nailrod-kept-'.getmypid().'.sqlite';
        file_put_contents(
            $file,
            (string) gzdecode((string) file_get_contents(__DIR__.'/../Kept/databases/demo.sqlite.gz')),
        );
        config([
            'database.connections.kept' => ['database' => $file] + config('database.connections.sqlite'),
            'database.default' => 'kept',
        ]);
        Artisan::call('migrate', ['--force' => true]);
    }

    protected function tearDown(): void
    {
        config(['database.default' => 'sqlite']);
        DB::purge('kept');
        @unlink(sys_get_temp_dir().'/nailrod-kept-'.getmypid().'.sqlite');
        parent::tearDown();
    }

    public function test_every_revision_is_read_and_every_page_opens(): void
    {
        $store = app(SetStore::class);
        $this->assertSame(12, Revision::query()->count());
        foreach (Revision::all() as $revision) {
            $this->assertSame($revision->set_id, $store->assemble($revision->set())->merged->own->id);
        }
        foreach (SetRecord::all() as $record) {
            foreach (
                [
                    'assign', 'layers', 'shape', 'plan', 'macros', 'lamps', 'bench', 'recordings', 'rig', 'store',
                ] as $place
            ) {
                $this->get(route($place, ['set' => $record->id]))->assertOk();
            }
        }
        $this->get(route('recordings', ['set' => 'skerrywing']))->assertSee('First flight');
    }

    public function test_what_was_undone_can_be_done_again(): void
    {
        $store = app(SetStore::class);
        $this->assertNull($store->current($store->open('skerrywing'))->cell('base', 'gorse/button-4'));

        $store->redo('skerrywing', $store->open('skerrywing')->head_id);

        $this->assertSame(
            'toggle',
            $store->current($store->open('skerrywing'))->cell('base', 'gorse/button-4')?->behaviour?->toArray()['kind'],
        );
    }
}
