<?php

declare(strict_types=1);

namespace App\Http;

use App\Sets\SetStore;
use App\Sets\StaleEdit;
use App\Storage\StoreRefuses;
use App\View\EditConflict;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\ViewException;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Set\RefusalWords;

/** What a page says when an edit cannot be made. */
final class Problems
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([Refusal::class]);
        $exceptions->render(
            fn (FormatError $error, Request $request): Response|RedirectResponse|JsonResponse =>
                self::notAsWanted($error, $request),
        );
        $exceptions->render(
            fn (StoreRefuses $refused, Request $request): Response|RedirectResponse|JsonResponse =>
                self::refused($refused, $request),
        );
        $exceptions->dontReportWhen(fn (\Throwable $failure): bool => StoreRefuses::of($failure) !== null);
        $exceptions->render(function (\Throwable $failure, Request $request) {
            $refused = StoreRefuses::of(
                $failure instanceof ViewException ? $failure->getPrevious() ?? $failure : $failure,
            );

            return $refused === null ? null : self::refused($refused, $request);
        });
        $exceptions->render(fn (StaleEdit $stale): Response => response()->view(
            'places.conflict',
            ['difference' => EditConflict::of($stale)],
            409,
        ));
        // What is refused by a class of its own, and needs no page of its own either.
        $exceptions->render(
            fn (Refusal $refusal, Request $request): Response|RedirectResponse|JsonResponse =>
                self::told($refusal->getMessage(), $request),
        );
    }

    private static function refused(StoreRefuses $refused, Request $request): Response|RedirectResponse|JsonResponse
    {
        $why = $refused->getMessage().'.';

        return match (true) {
            self::isData($request) => new JsonResponse(['problem' => $why], 503, ['Retry-After' => '1']),
            // Where nothing can be written, a notice for the next page could not be kept either.
            $request->isMethod('POST') && $refused->isLocked() => back(303)->with('problem', $why),
            $refused->isLocked() => response()->view(
                'places.problem',
                ['message' => $why],
                503,
                ['Retry-After' => '1'],
            ),
            default => self::full($why),
        };
    }

    /** A page that says it, though nothing can be written, not even what a page is compiled to. */
    private static function full(string $why): Response
    {
        try {
            return response()->view('places.problem', ['message' => $why], 507);
        } catch (\Throwable) {
            return new Response(
                '<!doctype html><html lang="en"><title>Not done</title><main><h1>That could not be done</h1><p>'
                    .e($why)
                    .'</p></main></html>',
                507,
            );
        }
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
