<?php

declare(strict_types=1);

namespace Tests;

use App\Sets\SetStore;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Http;
use Nailrod\Core\Engine\Survey\Survey;
use Tests\Feature\TestRig;

/** The application with the demo data in a database of its own. */
abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    private static ?string $folder = null;

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        return $app;
    }

    /** The rig, without its process. */
    protected function rig(string $set = 'skerrywing', bool $withHand = true): TestRig
    {
        return new TestRig(self::$folder.'/snapshot-'.bin2hex(random_bytes(4)), $set, $withHand);
    }

    /** The touch panel is as new in these sets: what its tiles do rests, for tests of the rest of the rig. */
    protected function asNew(string ...$sets): void
    {
        foreach ($sets as $set) {
            $this->post(
                '/sets/'.$set.'/panel/pick',
                ['from' => app(SetStore::class)->open($set)->head_id, 'device' => 'clover', 'panel' => ''],
            )->assertSessionMissing('problem');
        }
    }

    protected function setUp(): void
    {
        parent::setUp();
        self::$folder ??= sys_get_temp_dir().'/nailrod-tests-'.getmypid();
        is_dir(self::$folder) || mkdir(self::$folder);
        config([
            'nailrod.runs' => self::$folder.'/runs', 'nailrod.programs' => self::$folder.'/programs',
            'nailrod.memory' => self::$folder.'/devices-'.bin2hex(random_bytes(4)),
        ]);
        $this->withoutVite();
        $this->artisan('nailrod:demo')->assertSuccessful();
        // A rig that says that everything is plugged in; rig() puts another in its place.
        Http::fake([
            '127.0.0.1*' => fn () => Http::response([
                'set' => 'skerrywing', 'survey' => base64_encode((new Survey)->write()), 'now' => 0, 'unplugged' => [],
            ]),
        ]);
    }
}
