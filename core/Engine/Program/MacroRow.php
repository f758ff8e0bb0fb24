<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Program;

/** A macro, its texts typed out. */
final readonly class MacroRow
{
    /**
     * @param array<string, mixed>        $macro   in the open format
     * @param list<?array<string, mixed>> $outputs what each step drives, an
     *                                         action replaced by its way; null if it drives nothing
     * @param list<?string>               $actions which each step stands for
     */
    public function __construct(
        public string $id,
        public array $macro,
        public array $outputs,
        public array $actions,
    ) {}
}
