<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Pairing\Grant;
use App\Pairing\RemotePeer;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Plain;
use Symfony\Component\HttpFoundation\Response;

/**
 * Who is let in. This machine: everywhere. All others: nowhere, unless Nailrod was opened to the network; and then to
 * the page where a code is typed, and with a token of a panel to that panel; a tablet that was given more, to all or to
 * look.
 */
final class HostGuard
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (RemotePeer::isHere($request)) {
            return $next($request);
        }
        if (! in_array(RemotePeer::host($request), config('app.hosts', []), true)) {
            return new Plain(
                'This address is not served here. Open http://127.0.0.1 with the port that bin/start printed.',
                421,
            );
        }
        if (config('nailrod.open') !== true) {
            return new Plain(
                'Nailrod is open to this machine only. bin/start --open lets phones of the house in, by a code.',
                403,
            );
        }
        $token = RemotePeer::token($request);
        $path = trim($request->path(), '/');
        $own = $token === null ? null : 'panel/'.$token->panelOf();
        $gets = $token === null ? null : Grant::of($token);

        return match (true) {
            $path === 'pair' => $next($request),
            $own !== null && in_array($path, [$own, $own.'/token', $own.'/manifest'], true) => $next($request),
            $gets === Grant::All, $gets === Grant::Look && (
                in_array($request->method(), ['GET', 'HEAD'], true) || $path === 'token'
            ) => $next($request),
            $gets === Grant::Look => new Plain(
                'This tablet has the whole rig to look at. Changes are made at the desk, or by a tablet that was '
                    .'given everything.',
                403,
            ),
            $own !== null => new Plain('This phone is paired with its panel, and gets nothing else.', 403),
            $path === '' || preg_match('#^panel/[a-z0-9_-]+$#D', $path) === 1 =>
                new Plain('', 302, ['Location' => '/pair']),
            default => new Plain('There is nothing here.', 404),
        };
    }
}
