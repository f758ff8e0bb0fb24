<?php

declare(strict_types=1);

use App\Console\Kernel;
use App\Http\Middleware\HostGuard;
use App\Http\Middleware\OneTransaction;
use App\Http\Middleware\PlainInput;
use App\Http\Middleware\SameOrigin;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\WithoutCollecting;
use App\Http\Problems;
use App\Pairing\RemotePeer;
use Illuminate\Contracts\Console\Kernel as ConsoleKernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
        then: fn () => Route::middleware(
            [SameOrigin::class, PlainInput::class, SubstituteBindings::class],
        )->group(__DIR__.'/../routes/line.php'),
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->prepend(HostGuard::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->append(WithoutCollecting::class);
        // A text that is typed may end with a new line, which is Enter.
        $middleware->trimStrings(except: ['text']);
        $middleware->web(append: [PlainInput::class, OneTransaction::class]);
        $middleware->encryptCookies(except: ['theme', RemotePeer::COOKIE]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Problems::register($exceptions);
    })
    ->create();

$app->singleton(ConsoleKernel::class, Kernel::class);

return $app;
