<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Rig\PageLine;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final readonly class SecurityHeaders
{
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src "
        ."'self' data:; connect-src 'self' %s; worker-src 'self'; manifest-src 'self'; form-action 'self'; "
        ."base-uri 'none'; frame-ancestors 'none'";

    public function __construct(private PageLine $line) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        header_remove('X-Powered-By');
        $response->headers->set('Content-Security-Policy', sprintf(self::POLICY, $this->line->address()));
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');

        return $response;
    }
}
