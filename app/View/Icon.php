<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\HtmlString;

/** The small drawings on buttons. A page has several, and each is but a path. */
final class Icon
{
    private const DRAWINGS = [
        'undo' => '<path d="M6 3 2.5 6.5 6 10M3 6.5h6.5a3.5 3.5 0 0 1 0 7H7" />',
        'redo' => '<path d="m10 3 3.5 3.5L10 10M13 6.5H6.500a3.500 3.500 0 0 0 0 7H9" />',
        'theme' =>
            '<circle cx="8" cy="8" r="5.500" /><path d="M8 2.500v11a5.500 5.500 0 0 0 0-11Z" class="icon__solid" />',
        'help' => '<path d="M5.500 6a2.500 2.500 0 1 1 3.600 2.200c-.8.4-1.100.8-1.100 1.600M8 12.500v.6" />',
        'find' => '<circle cx="7" cy="7" r="4.200" /><path d="m10.200 10.200 3.600 3.600" />',
        'down' => '<path d="m4 6 4 4 4-4" />',
        'keys' =>
            '<rect x="1.500" y="4" width="13" height="8" rx="1.500" /><path d="M4 7h.6M7.700 7h.6M11.400 7h.6M5 '
                .'9.500h6" />',
        'plug' => '<path d="M5 2v4M11 2v4M3.500 6h9v2a4.500 4.500 0 0 1-9 0ZM8 12.500V15" />',
    ];

    public static function of(string $name): HtmlString
    {
        return new HtmlString(
            '<svg class="icon" viewBox="0 0 16 16" aria-hidden="true">'.self::DRAWINGS[$name].'</svg>',
        );
    }
}
