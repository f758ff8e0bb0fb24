<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** All that one request writes is one transaction: what was refused leaves nothing behind. Runs are files and take their time. */
final class OneTransaction
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe() || $request->routeIs('recording.*')) {
            return $next($request);
        }
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
}
