<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A record of which every state is kept as a revision, one of which holds: an edit goes on to a new one, undo goes back
 * to the one that it was made from, redo forward to the one that was undone last.
 *
 * @template R of Revision|CatalogueRevision
 *
 * @mixin Model
 */
trait StepsAlongRevisions
{
    /** @return ?R the one that the present one was made from; null if there is none */
    public function before(): ?Model
    {
        return $this->head->made_from === null ? null : $this->head()
            ->getRelated()
            ->newQuery()
            ->find($this->head->made_from);
    }

    /** @return ?R the one that was undone last; null if there is none */
    public function undone(): ?Model
    {
        return $this->redo === [] ? null : $this->head()->getRelated()->newQuery()->find(
            $this->redo[array_key_last($this->redo)],
        );
    }

    /**
     * A new revision holds; what was undone before cannot come back any more.
     *
     * @param R                    $to
     * @param array<string, mixed> $beside other columns that change with it
     */
    public function goOnTo(Model $to, array $beside = []): void
    {
        $this->update(['head_id' => $to->id, 'redo' => []] + $beside);
        $this->setRelation('head', $to);
    }

    /**
     * Undo. There must be one before.
     *
     * @param R                    $to     the one before
     * @param array<string, mixed> $beside
     */
    public function goBackTo(Model $to, array $beside = []): void
    {
        $this->update(['head_id' => $to->id, 'redo' => [...$this->redo, $this->head_id]] + $beside);
        $this->setRelation('head', $to);
    }

    /**
     * Redo. One must have been undone.
     *
     * @param R                    $to     the one that was undone last
     * @param array<string, mixed> $beside
     */
    public function goForwardTo(Model $to, array $beside = []): void
    {
        $this->update(['head_id' => $to->id, 'redo' => array_slice($this->redo, 0, -1)] + $beside);
        $this->setRelation('head', $to);
    }
}
