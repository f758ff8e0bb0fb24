<?php

declare(strict_types=1);

namespace App\Http;

use App\Runs\BadRun;
use App\Sets\MovedOn;
use App\Sets\StaleEdit;
use App\View\Difference;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Nailrod\Core\Format\FormatError;

/** What a page says when an edit cannot be made. */
final class Problems
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([BadRun::class, FormatError::class, MovedOn::class, StaleEdit::class]);
        $exceptions->render(fn (FormatError $error, Request $request): Response|RedirectResponse => self::notAsWanted($error, $request));
        $exceptions->render(fn (BadRun|MovedOn $error): RedirectResponse => back(303)->with('problem', $error->getMessage()));
        $exceptions->render(fn (StaleEdit $stale): Response => response()->view('places.conflict', ['difference' => Difference::of($stale)], 409));
    }

    private static function notAsWanted(FormatError $error, Request $request): Response|RedirectResponse
    {
        return $request->isMethod('POST')
            ? back(303)->with('problem', $error->getMessage())
            : response()->view('places.problem', ['message' => $error->getMessage()], 422);
    }
}
