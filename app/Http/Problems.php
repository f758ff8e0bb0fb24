<?php

declare(strict_types=1);

namespace App\Http;

use App\Sets\Busy;
use App\Sets\SetStore;
use App\Sets\StaleEdit;
use App\View\Difference;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Set\RefusalWords;

/** What a page says when an edit cannot be made. */
final class Problems
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([Refusal::class]);
        $exceptions->render(fn (FormatError $error, Request $request): Response|RedirectResponse|JsonResponse => self::notAsWanted($error, $request));
        $exceptions->render(fn (Busy $busy, Request $request): Response|RedirectResponse|JsonResponse => self::busy($busy, $request));
        $exceptions->render(fn (QueryException $failure, Request $request) => Busy::isIt($failure) ? self::busy(Busy::afterTrying($failure), $request) : null);
        $exceptions->render(fn (StaleEdit $stale): Response => response()->view('places.conflict', ['difference' => Difference::of($stale)], 409));
        // What is refused by a class of its own, and needs no page of its own either.
        $exceptions->render(fn (Refusal $refusal, Request $request): Response|RedirectResponse|JsonResponse => self::told($refusal->getMessage(), $request));
    }

    private static function busy(Busy $busy, Request $request): Response|RedirectResponse|JsonResponse
    {
        return match (true) {
            self::isData($request) => new JsonResponse(['problem' => $busy->getMessage().'. Nothing was changed.'], 503, ['Retry-After' => '1']),
            $request->isMethod('POST') => back(303)->with('problem', $busy->getMessage().'.'),
            default => response()->view('places.problem', ['message' => $busy->getMessage().'.'], 503, ['Retry-After' => '1']),
        };
    }

    private static function isData(Request $request): bool
    {
        return $request->routeIs('line.*');
    }

    private static function notAsWanted(FormatError $error, Request $request): Response|RedirectResponse|JsonResponse
    {
        return self::told(self::inWords($error, $request), $request);
    }

    private static function told(string $message, Request $request): Response|RedirectResponse|JsonResponse
    {
        if (self::isData($request)) {
            return new JsonResponse(['problem' => $message], 422);
        }

        return $request->isMethod('POST')
            ? back(303)->with('problem', $message)
            : response()->view('places.problem', ['message' => $message], 422);
    }

    /** A file is refused in the words of the file, which its owner has open; an edit in those of the page. */
    private static function inWords(FormatError $error, Request $request): string
    {
        $id = $request->route('set') ?? $request->input('set');
        if ($request->allFiles() !== [] || ! is_string($id)) {
            return $error->getMessage();
        }

        return self::wordsOf($error, $id);
    }

    /** A refusal in the words of a set. */
    public static function wordsOf(FormatError $error, string $set): string
    {
        try {
            $store = app(SetStore::class);

            return (new RefusalWords($store->current($store->open($set))))->of($error);
        } catch (FormatError|ModelNotFoundException) {
            return $error->getMessage();
        }
    }
}
