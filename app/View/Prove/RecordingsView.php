<?php

declare(strict_types=1);

namespace App\View\Prove;

use App\Models\RecordingRecord;
use App\View\Pages;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;

/** The recordings that were kept, the newest first, page by page; those that were removed can be brought back. */
final readonly class RecordingsView
{
    private const EACH = 50;

    /**
     * @param list<RecordingRecord> $kept    of the page that is shown
     * @param list<RecordingRecord> $removed of its own page
     */
    private function __construct(
        public array $kept,
        public array $removed,
        public Pages $pages,
        public Pages $removedPages,
    ) {}

    public static function of(Request $request): self
    {
        $picked = RecordingRecord::query()->where('kept', true)->find($request->string('recording')->toString());
        [$kept, $removed] = [self::those(false), self::those(true)];
        $at = fn (bool $isRemoved, string $page): int => $picked?->removed === $isRemoved
            ? self::pageOf($picked)
            : $request->integer($page, 1);
        $pages = new Pages($kept->count(), self::EACH, $at(false, 'page'));
        $removedPages = new Pages($removed->count(), self::EACH, $at(true, 'removed'));

        return new self(self::on($kept, $pages), self::on($removed, $removedPages), $pages, $removedPages);
    }

    /** @return Builder<RecordingRecord> */
    private static function those(bool $removed): Builder
    {
        return RecordingRecord::query()
            ->where('kept', true)
            ->where('removed', $removed)
            ->orderByDesc('created_at')
            ->orderByDesc('id');
    }

    private static function pageOf(RecordingRecord $picked): int
    {
        $newer = self::those($picked->removed)->where(
            fn (Builder $query) => $query->where('created_at', '>', $picked->created_at)->orWhere(
                fn (Builder $same) => $same->where('created_at', $picked->created_at)->where('id', '>', $picked->id),
            ),
        )->count();

        return intdiv($newer, self::EACH) + 1;
    }

    /**
     * @param Builder<RecordingRecord> $those
     *
     * @return list<RecordingRecord>
     */
    private static function on(Builder $those, Pages $pages): array
    {
        return array_values($those->skip($pages->before())->take($pages->each)->get()->all());
    }
}
