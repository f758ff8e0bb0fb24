<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;

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

    protected function setUp(): void
    {
        parent::setUp();
        self::$folder ??= sys_get_temp_dir().'/nailrod-tests-'.getmypid();
        config(['nailrod.runs' => self::$folder.'/runs', 'nailrod.programs' => self::$folder.'/programs', 'nailrod.memory' => self::$folder.'/devices-'.bin2hex(random_bytes(4))]);
        $this->withoutVite();
        $this->artisan('nailrod:demo')->assertSuccessful();
    }
}
