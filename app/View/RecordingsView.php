<?php

declare(strict_types=1);

namespace App\View;

use App\Models\RecordingRecord;

/** The recordings that were kept, the newest first; those that were removed can be brought back. */
final readonly class RecordingsView
{
    private const MOST = 50;

    /**
     * @param list<RecordingRecord> $kept
     * @param list<RecordingRecord> $removed
     */
    private function __construct(public array $kept, public array $removed) {}

    public static function all(): self
    {
        $kept = $removed = [];
        foreach (RecordingRecord::query()->where('kept', true)->get()->sortByDesc('created_at')->take(self::MOST) as $recording) {
            if ($recording->removed) {
                $removed[] = $recording;
            } else {
                $kept[] = $recording;
            }
        }

        return new self($kept, $removed);
    }
}
