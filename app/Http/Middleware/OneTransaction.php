<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\AsksTheRig;
use App\Rig\PageLine;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * All that one request writes is one transaction: what was refused leaves nothing behind. Runs are files and take their
 * time.
 */
final readonly class OneTransaction
{
    public function __construct(private PageLine $line) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe() || $request->routeIs('recording.*')) {
            return $next($request);
        }
        if (self::asksTheRig($request->route())) {
            $this->line->ask();
        }
        $this->line->beginsToWrite();
        DB::beginTransaction();
        try {
            $response = $next($request);
        } catch (\Throwable $failure) {
            DB::rollBack();
            throw $failure;
        }
        // What was thrown further in has become a response already.
        isset($response->exception) ? DB::rollBack() : DB::commit();

        return $response;
    }

    private static function asksTheRig(mixed $route): bool
    {
        [$controller, $method] = $route instanceof Route ? [...explode('@', $route->getActionName(), 2), ''] : ['', ''];

        return method_exists($controller, $method) && (
            new \ReflectionMethod($controller, $method)
        )->getAttributes(AsksTheRig::class) !== [];
    }
}
