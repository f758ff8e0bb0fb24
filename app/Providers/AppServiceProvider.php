<?php

declare(strict_types=1);

namespace App\Providers;

use App\Console\BenchCommand;
use App\Console\DemoCommand;
use App\Console\DescribeCommand;
use App\Console\PlayCommand;
use App\Console\WarmCommand;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::preventLazyLoading();
        $this->commands([BenchCommand::class, DemoCommand::class, DescribeCommand::class, PlayCommand::class, WarmCommand::class]);
    }
}
