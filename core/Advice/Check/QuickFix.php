<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Closure;
use Nailrod\Core\Set\SetDocument;

/** An edit that is offered: what it would do, in words, and the set as it would be. */
final readonly class QuickFix
{
    /** @param Closure(): SetDocument $edit */
    public function __construct(public string $words, private Closure $edit) {}

    public function edit(): SetDocument
    {
        return ($this->edit)();
    }
}
