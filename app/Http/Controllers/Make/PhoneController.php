<?php

declare(strict_types=1);

namespace App\Http\Controllers\Make;

use App\Http\Requests\Make\CodeRequest;
use App\Pairing\Guess;
use App\Pairing\PhonePairing;
use App\Pairing\RemotePeer;
use App\Rig\Tokens;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Nailrod\Core\Rig\Panel\Screen;

/** What a phone asks: to be paired by the code that the desk shows, and for a token that lasts on. */
final class PhoneController
{
    /** How long a phone stays paired without coming by, in minutes: a browser keeps a cookie no longer. */
    private const COOKIE_MINUTES = 400 * 24 * 60;

    public function show(): Response
    {
        return new Response(view('pair', ['problem' => '']));
    }

    public function pair(CodeRequest $request, PhonePairing $pairing): RedirectResponse|Response
    {
        [$guess, $token, $device] = $pairing->guess(
            $request->code(),
            $request->name(),
            time(),
            RemotePeer::host($request),
        );
        if ($guess === Guess::Right) {
            return redirect()->route('hand', $device, 303)->withCookie(
                cookie(RemotePeer::COOKIE, $token, self::COOKIE_MINUTES, '/', null, false, true, false, 'strict'),
            );
        }

        return new Response(view('pair', ['problem' => $guess->inWords()]), $guess === Guess::Over ? 429 : 422);
    }

    /** Another token for the line to the rig, where that of the page has ended. */
    public function token(Request $request, Tokens $tokens, string $device): JsonResponse
    {
        if (RemotePeer::isHere($request)) {
            return new JsonResponse(['token' => $tokens->forPage(time())]);
        }
        $phone = RemotePeer::token($request);
        $screen = array_map(
            fn (mixed $side): int => is_numeric($side) ? (int) $side : 0,
            array_values($request->array('screen')),
        );
        if ($phone !== null && count($screen) === 2 && Screen::of(implode('x', $screen)) !== null) {
            $phone->update(['screen' => implode('x', $screen), 'seen' => time()]);
        }

        return $phone?->panelOf() === $device ? new JsonResponse(
            ['token' => $tokens->forHand($phone, time())],
        ) : new JsonResponse(
            ['problem' => 'This phone is not paired any more.'],
            403,
        );
    }
}
