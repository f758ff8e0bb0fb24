<?php

declare(strict_types=1);

namespace App\View;

use App\Models\RunRecord;

/** The runs that were kept, the newest first; those that were removed can be brought back. */
final readonly class RunsView
{
    private const MOST = 50;

    /**
     * @param list<RunRecord> $kept
     * @param list<RunRecord> $removed
     */
    private function __construct(public array $kept, public array $removed) {}

    public static function all(): self
    {
        $kept = $removed = [];
        foreach (RunRecord::query()->where('kept', true)->get()->sortByDesc('created_at')->take(self::MOST) as $run) {
            if ($run->removed) {
                $removed[] = $run;
            } else {
                $kept[] = $run;
            }
        }

        return new self($kept, $removed);
    }
}
