<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Signs;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whatever is sent becomes what a rule can refuse: texts in UTF-8 without signs that cannot be seen, numbers that can
 * be counted with, lists only where a form has a list. All else ends here, before anything is looked at.
 */
final class PlainInput
{
    /** Fields that are lists; every other field is one value. */
    private const LISTS = [
        'output',
        'behave',
        'say',
        'of',
        'names',
        'bounds',
        'axes',
        'parts',
        'to',
        'x',
        'y',
        'at',
        'with',
        'layers',
        'band',
        'band_colour',
        'not',
        'match',
        'inputs',
        'plugs',
        'pads',
        'gone',
        'feeds',
        'devices',
        'otherwise',
        'games',
        'collections',
        'rows',
        'new',
        'stays',
        'when',
        'when_to',
        'bar',
        'screen',
        'counts',
        'on',
    ];

    /** Fields in which any sign may stand, since they are read by a reader of their own. */
    private const TEXTS = ['text', 'events', 'way'];

    /** Fields of words that may look like a number. */
    private const WORDS = ['name', 'label', 'text', 'events', 'way', 'names', 'rows', 'new', 'simulator'];

    /** Whole numbers up to here are the same in PHP, in JSON and in a browser. */
    private const LARGEST = 9_007_199_254_740_991;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! Signs::areText(rawurldecode($request->getPathInfo()))) {
            abort(404);
        }
        foreach ($request->query->all() + $request->input() as $field => $value) {
            $this->check((string) $field, $value, (string) $field, 0);
        }

        return $next($request);
    }

    private function check(string $field, mixed $value, string $path, int $depth): void
    {
        if (! Signs::areText($path)) {
            throw FormatError::told('a field', 'a name that is no text', 'the fields of the page');
        }
        if (is_array($value)) {
            if ($depth === 0 && ! in_array($field, self::LISTS, true)) {
                throw FormatError::told($field, 'a list', 'one value');
            }
            foreach ($value as $key => $inner) {
                $this->check($field, $inner, $path.'.'.$key, $depth + 1);
            }

            return;
        }
        if (is_string($value) && ! (
            in_array($field, self::TEXTS, true) ? mb_check_encoding($value, 'UTF-8') : Signs::areText($value)
        )) {
            throw FormatError::told(
                $path,
                'signs that are no text',
                'letters, digits and other signs that can be seen',
            );
        }
        if (is_numeric($value) && ! in_array($field, self::WORDS, true) && ! (abs((float) $value) <= self::LARGEST)) {
            throw FormatError::told($path, 'a number that is too large to count with', 'a smaller one');
        }
    }
}
