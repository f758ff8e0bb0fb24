<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\Revision;
use App\Models\SetRecord;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Set\Following;
use Nailrod\Core\Set\SetDocument;

/**
 * Which revision of a set holds: one is added, the one before or after it holds again. What calls it sees to it that it
 * fits.
 */
final class Heads
{
    public static function append(
        SetRecord $record,
        SetDocument $set,
        string $author,
        string $sentence,
        ?int $from = null,
    ): Revision {
        return Revision::query()->create([
            'set_id' => $record->id, 'made_from' => $from, 'document' => $set->toCompactJson(), 'author' => $author,
            'sentence' => $sentence,
        ]);
    }

    /**
     * @return array{name: string, parent: ?string} what is kept beside the document, so that it need not be read to
     *    list the sets
     */
    public static function heading(SetDocument $set): array
    {
        return ['name' => $set->name, 'parent' => $set->parent];
    }

    /** The revision that the present one was made from holds again; null if there is none. */
    public static function back(SetRecord $record): ?Revision
    {
        $to = $record->before();
        $to === null || $record->goBackTo($to, self::beside($to->set()));

        return $to;
    }

    /** The revision that was undone last holds again; null if there is none. */
    public static function forward(SetRecord $record): ?Revision
    {
        $to = $record->undone();
        $to === null || $record->goForwardTo($to, self::beside($to->set()));

        return $to;
    }

    /**
     * Sets go on to what is left of them under another list of their simulator; all of its sets are compiled anew.
     *
     * @param string $why what the sentence of each begins with
     *
     * @return array<string, array{int, int}> the revision that held, and the one that holds, of each set that changed
     */
    public static function follow(Following $following, string $why): array
    {
        $moved = [];
        foreach (Keys::each($following->changed) as $id => $document) {
            $record = SetRecord::query()->findOrFail($id);
            $revision = self::append(
                $record,
                $document,
                'you',
                mb_strimwidth($why.implode('; ', $following->lines[$id]), 0, 480, '...'),
                $record->head_id,
            );
            $moved[$id] = [(int) $record->head_id, $revision->id];
            $record->goOnTo($revision, self::heading($document));
        }
        SetRecord::query()->whereIn('id', $following->of)->update(['program' => null]);

        return $moved;
    }

    /** @return array<string, ?string> what changes with the revision: what was compiled is of another one */
    private static function beside(SetDocument $set): array
    {
        return ['program' => null] + self::heading($set);
    }
}
