<?php

declare(strict_types=1);

namespace App\Providers;

use App\Console\BenchCommand;
use App\Console\DatabaseCommand;
use App\Console\DemoCommand;
use App\Console\DescribeCommand;
use App\Console\GameCommand;
use App\Console\LargeCommand;
use App\Console\PlayCommand;
use App\Console\RigCommand;
use App\Console\SchemaCommand;
use App\Console\StoreCommand;
use App\Console\StructureCommand;
use App\Console\TidyCommand;
use App\Console\TokenCommand;
use App\Console\WarmCommand;
use App\Rig\Tokens;
use App\Sets\WritingConnection;
use App\Storage\SessionFiles;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\ViewErrorBag;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor(
            'sqlite',
            fn (
                \PDO|\Closure $pdo,
                string $database,
                string $prefix,
                array $config,
            ) => new WritingConnection($pdo, $database, $prefix, $config),
        );
        $this->app->bind(Tokens::class, fn () => new Tokens((string) config('app.key')));
    }

    public function boot(): void
    {
        Model::preventLazyLoading();
        // A page for an address that there is not has no session.
        View::share('errors', new ViewErrorBag);
        Session::extend(
            'file',
            fn () => new SessionFiles(
                $this->app->make('files'),
                (string) config('session.files'),
                (int) config('session.lifetime'),
            ),
        );
        $this->commands([
            BenchCommand::class,
            DatabaseCommand::class,
            DemoCommand::class,
            DescribeCommand::class,
            GameCommand::class,
            LargeCommand::class,
            PlayCommand::class,
            RigCommand::class,
            SchemaCommand::class,
            StoreCommand::class,
            StructureCommand::class,
            TidyCommand::class,
            TokenCommand::class,
            WarmCommand::class,
        ]);
    }
}
