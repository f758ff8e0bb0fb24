<?php

declare(strict_types=1);

namespace App\View;

/** Light, dark, or as the system says: what this browser keeps of it. */
final class Theme
{
    public static function kept(): string
    {
        $theme = request()->cookie('theme');

        return in_array($theme, ['light', 'dark'], true) ? $theme : 'system';
    }
}
