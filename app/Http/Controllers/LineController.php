<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PadsRequest;
use App\Rig\PageLine;
use App\Sets\Pads;
use App\Sets\SetStore;
use Illuminate\Http\JsonResponse;

/** What a page asks its own server about the line to the rig. */
final class LineController
{
    /** Another token, where that of the page has ended. */
    public function token(PageLine $line): JsonResponse
    {
        return new JsonResponse(['token' => $line->token()]);
    }

    /** Which devices the controllers are that the browser sees. */
    public function pads(PadsRequest $request, Pads $pads, SetStore $sets): JsonResponse
    {
        return new JsonResponse($pads->seen($sets->record($request->string('set')->toString()), $request->pads(), $request->gone()));
    }
}
