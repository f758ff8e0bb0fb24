<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Rig\Door;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Refuses requests that name another host: a page elsewhere must not reach this one through a name of its own. */
final class KnownHost
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        /** @var list<string> $others */
        $others = config('app.hosts', []);
        $host = (string) preg_replace('/:\d+$/', '', (string) $request->headers->get('Host'));

        return in_array($host, [...Door::OWN, ...$others], true)
            ? $next($request)
            : new \Illuminate\Http\Response('This address is not served here. Open http://127.0.0.1 with the port that bin/start printed.', 421);
    }
}
