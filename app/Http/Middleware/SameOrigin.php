<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Takes requests only from Nailrod's own pages: JSON from the same origin, which a browser states in headers that a
 * page cannot forge (W3C Fetch Metadata, RFC 6454). It stands in for the token where there is no session.
 */
final class SameOrigin
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $site = $request->headers->get('Sec-Fetch-Site', 'same-origin');
        $origin = $request->headers->get('Origin', $request->getSchemeAndHttpHost());
        if ($site !== 'same-origin' || $origin !== $request->getSchemeAndHttpHost() || ! self::isJson($request)) {
            return new \Illuminate\Http\JsonResponse(
                ['problem' => 'Only Nailrod\'s own pages may do this: found a request from '.$origin.'.'],
                403,
            );
        }

        return $next($request);
    }

    /**
     * The media type itself, whatever parameters follow it: a page elsewhere cannot send this one without being asked
     * first.
     */
    private static function isJson(Request $request): bool
    {
        return strtolower(
            trim(explode(';', (string) $request->headers->get('Content-Type'), 2)[0]),
        ) === 'application/json';
    }
}
