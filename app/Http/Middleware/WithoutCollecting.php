<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Pages and edits of a set read some ten thousand objects at once, none of which is in a cycle, and end some
 * milliseconds later: looking for cycles among them would take as long as reading them.
 */
final class WithoutCollecting
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->is('sets/*')) {
            return $next($request);
        }
        gc_disable();
        try {
            return $next($request);
        } finally {
            gc_enable();
        }
    }
}
