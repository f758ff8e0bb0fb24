<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\RecordingRecord;
use App\Recordings\Recordings;
use App\Sets\Programs;
use App\Sets\SetStore;
use App\Storage\DatabaseCopies;
use App\Structure\CompiledForm;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;
use Nailrod\Core\Advice\Check\Checks;
use Tests\TestCase;

/** What is kept has a bound, what is damaged is found out and made anew, and there is a way back. */
final class StorageTest extends TestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/nailrod-storage-'.bin2hex(random_bytes(4));
        mkdir($this->folder.'/sessions', 0o755, true);
        mkdir($this->folder.'/cache/ab', 0o755, true);
        config([
            'nailrod.programs' => $this->folder.'/programs', 'nailrod.runs' => $this->folder.'/runs',
            'session.files' => $this->folder.'/sessions', 'cache.stores.file.path' => $this->folder.'/cache',
        ]);
    }

    public function test_the_form_of_what_is_compiled_goes_by_objects_and_by_the_code_of_the_compiler(): void
    {
        $form = function (string $code): string {
            @mkdir($this->folder.'/core/Engine/Program', 0o755, true);
            @mkdir($this->folder.'/core/Set');
            file_put_contents($this->folder.'/core/Engine/Program/Made.php', "<?php\n".$code);

            return CompiledForm::of($this->folder);
        };
        $asIs = $form('return [1 + 1];');
        $this->assertSame($asIs, $form("// Laid otherwise.\nreturn [\n    1 + 1,\n];"));
        $this->assertNotSame($asIs, $form('return [1 + 2];'));
        $ours = CompiledForm::of(base_path());
        $this->assertSame(require app_path('Sets/form.php'), $ours, 'php artisan nailrod:schema works it out anew.');
        $this->assertSame(array_unique(Checks::all()), Checks::all(), 'looking at the core registers nothing twice');
        // An object of a set looks different as soon as its class does; it is found wherever in the core it lives.
        file_put_contents($this->folder.'/core/Engine/Program/Made.php', "<?php\nreturn [1 + 1];");
        copy(base_path('core/Set/Cell.php'), $this->folder.'/core/Set/Cell.php');
        $this->assertNotSame($asIs, CompiledForm::of($this->folder));
    }

    public function test_what_was_compiled_in_another_form_is_made_anew(): void
    {
        $this->get('/sets/skerrywing/assign')->assertOk();
        $files = glob($this->folder.'/programs/*') ?: [];
        $this->assertNotSame([], $files);
        foreach ($files as $file) {
            $this->assertStringContainsString('-'.require app_path('Sets/form.php'), basename($file));
            rename($file, str_replace('-'.require app_path('Sets/form.php'), '-0123456789ab', $file));
        }
        $this->get('/sets/skerrywing/assign')->assertOk()->assertSee('Mark button');
        $this->assertCount(2 * count($files), glob($this->folder.'/programs/*') ?: []);
    }

    public function test_compiled_files_that_are_damaged_are_made_anew(): void
    {
        $this->get('/sets/skerrywing/assign')->assertOk();
        $rig = $this->rig();
        $rig->rig->save();
        foreach (['set', 'base', 'php', 'roles', 'glance'] as $kind) {
            foreach (['cut', 'flipped', 'empty', 'gone'] as $how) {
                foreach (glob($this->folder.'/programs/*.'.$kind) ?: [] as $file) {
                    $content = (string) file_get_contents($file);
                    if ($content === '') {
                        continue;
                    }
                    $content[intdiv(strlen($content), 2)] = $how === 'flipped' ? chr(
                        ord($content[intdiv(strlen($content), 2)]) ^ 1,
                    ) : $content[intdiv(strlen($content), 2)];
                    $how === 'gone' ? unlink($file) : file_put_contents($file, match ($how) {
                        'cut' => substr($content, 0, intdiv(strlen($content), 3)),
                        'empty' => '',
                        default => $content,
                    });
                }
                $this->get('/sets/skerrywing/assign')->assertOk()->assertSee('Mark button');
                $this->get('/sets/skerrywing/roles')->assertOk()->assertSee('look left');
                $this->get('/sets/skerrywing/sets')->assertOk()->assertSee('12 parts of shapings');
                // A rig that begins now is as good as one that had it all.
                $this->assertContains('fennel/switch-1.down', (new TestRig($rig->snapshot))->seen()['closed']);
            }
        }
    }

    public function test_what_an_edit_replaced_does_not_pile_up(): void
    {
        $store = app(SetStore::class);
        for ($i = 0; $i < 12; $i++) {
            $this->from('/sets/skerrywing/shape')->post(
                '/sets/skerrywing/shape/curve',
                [
                    'from' => $store->open('skerrywing')->head_id, 'axis' => 'fennel/left-lever',
                    'k' => (string) (3 * $i + 1),
                ],
            )->assertSessionHas('said');
            $store->current($store->open('skerrywing'));
        }
        $this->assertLessThanOrEqual(2, count(glob($this->folder.'/programs/*.set') ?: []));
        $this->assertCount(
            1,
            glob($this->folder.'/programs/*.base') ?: [],
            'devices and simulator are the same all the time',
        );
    }

    public function test_what_was_being_recorded_in_a_tab_is_kept_when_the_rig_gets_a_process_of_its_own(): void
    {
        Schema::create('live_sessions', fn (Blueprint $table) => $table->string('id')->primary());
        foreach (
            ['open' => [false, false], 'kept' => [true, false], 'gone' => [false, true]] as $id => [$kept, $removed]
        ) {
            RecordingRecord::query()->create([
                'id' => $id, 'name' => $kept ? 'Take-off' : '', 'rows' => 1, 'length' => 1, 'kept' => $kept,
                'removed' => $removed, 'bytes' => 1,
            ]);
        }
        (require database_path('migrations/2026_11_28_110000_drop_live_sessions.php'))->up();
        $this->assertFalse(Schema::hasTable('live_sessions'));
        $this->assertSame(
            ['Take-off', 'Unfinished, '.now()->format('Y-m-d H:i')],
            RecordingRecord::query()->where('kept', true)->orderBy('name')->pluck('name')->all(),
        );
    }

    public function test_tidying_removes_what_is_over_and_says_what_is_kept(): void
    {
        $store = app(SetStore::class);
        $kept = $store->programOf($store->open('skerrywing'));
        $long = time() - 40 * 86_400;
        foreach ([str_repeat('a', 32).'-1.set', str_repeat('b', 32).'-99.php', $kept.'-13.set.1a2b3c4d'] as $name) {
            file_put_contents($this->folder.'/programs/'.$name, 'x');
            touch($this->folder.'/programs/'.$name, $long);
        }
        array_map(fn (string $file) => touch($file, $long), glob($this->folder.'/programs/*') ?: []);
        file_put_contents($this->folder.'/cache/ab/over', (time() - 5).'x');
        file_put_contents($this->folder.'/cache/ab/waits', (time() + 500).'x');
        file_put_contents($this->folder.'/sessions/old', 'x');
        touch($this->folder.'/sessions/old', $long);
        foreach (
            [
                'kept' => [true, false], 'removed' => [true, true], 'never' => [false, false],
            ] as $name => [$isKept, $isRemoved]
        ) {
            $run = RecordingRecord::query()->create([
                'id' => bin2hex(random_bytes(8)), 'name' => $name, 'rows' => 1, 'length' => 1, 'kept' => $isKept,
                'removed' => $isRemoved, 'bytes' => 1,
            ]);
            file_put_contents(app(Recordings::class)->file($run->id), 'x');
            RecordingRecord::query()->where('id', $run->id)->update(['updated_at' => now()->subDays(40)]);
        }
        $this->artisan('nailrod:tidy')
            ->expectsOutputToContain('Recordings: 2 removed')
            ->expectsOutputToContain('kept')
            ->assertSuccessful();
        $this->assertSame(
            [2, ['kept']],
            [count(glob($this->folder.'/programs/*') ?: []), RecordingRecord::query()->pluck('name')->all()],
        );
        $this->assertTrue(app(Programs::class)->has($kept));
        $this->assertSame(['waits'], array_map(basename(...), glob($this->folder.'/cache/ab/*') ?: []));
        $this->assertSame([], glob($this->folder.'/sessions/*'));
        $this->assertCount(1, glob($this->folder.'/runs/*') ?: []);
    }

    public function test_from_a_damaged_database_there_is_a_way_back(): void
    {
        $file = $this->folder.'/nailrod.sqlite';
        $pdo = new \PDO('sqlite:'.$file);
        $pdo->exec('CREATE TABLE things (name TEXT); CREATE INDEX i ON things (name)');
        $pdo->exec(
            'WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 3000) INSERT INTO things '
                .'SELECT "thing " || i FROM n',
        );
        $copies = new DatabaseCopies($file);
        $this->assertNull($copies->fault());
        for ($i = 0; $i < DatabaseCopies::KEPT + 2; $i++) {
            $copies->make();
        }
        $this->assertCount(DatabaseCopies::KEPT, $copies->all());
        unset($pdo);
        $content = (string) file_get_contents($file);
        file_put_contents($file, substr($content, 0, 4096).random_bytes(8192).substr($content, 12_288));
        $this->assertNotNull($copies->fault());
        config(['database.connections.sqlite.database' => $file]);
        $this->artisan('nailrod:database')
            ->expectsOutputToContain('The database is damaged')
            ->expectsOutputToContain('bin/start --restore')
            ->assertFailed();
        $this->artisan(
            'nailrod:database',
            ['--restore' => 'newest'],
        )->expectsOutputToContain('as in the copy')->assertSuccessful();
        $this->assertNull($copies->fault());
        $this->assertSame(3000, (int) (new \PDO('sqlite:'.$file))->query('SELECT COUNT(*) FROM things')->fetchColumn());
        $this->assertCount(1, glob($file.'.damaged-*') ?: []);
    }
}
