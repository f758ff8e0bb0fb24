<?php

declare(strict_types=1);

namespace App\Http\Requests\Make;

use App\Forms\Answers;
use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Rig\Panel\PanelPage;
use Nailrod\Core\Rig\Panel\Tile;
use Nailrod\Core\Rig\Panel\TileKind;

/** What is done to a panel, a page of it or a tile. Pages are counted from 1, cells from 0. */
final class PanelRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'device' => ['required', 'string'],
            'panel' => ['nullable', 'string'],
            'page' => ['sometimes', 'integer', 'between:0,99'],
            'onto' => ['sometimes', 'integer', 'between:1,99'],
            'tile' => ['sometimes', 'string'],
            'end' => ['nullable', 'string', 'max:20'],
            'kind' => ['sometimes', 'string'],
            'column' => ['sometimes', 'integer', 'between:0,99'],
            'row' => ['sometimes', 'integer', 'between:0,99'],
            'across' => ['sometimes', 'integer', 'between:1,99'],
            'down' => ['sometimes', 'integer', 'between:1,99'],
            'name' => ['sometimes', 'required', 'string', 'max:60'],
            'group' => ['sometimes', 'string'],
            'action' => ['sometimes', 'string'],
        ];
    }

    public function word(string $field): string
    {
        return $this->string($field)->toString();
    }

    /** The page that is looked at, from 0 on. */
    public function onto(): int
    {
        return $this->integer('onto', 1) - 1;
    }

    /** @throws FormatError if there is none of that name */
    public function kind(): TileKind
    {
        return TileKind::tryFrom($this->word('kind')) ?? throw FormatError::told(
            'Tile',
            $this->word('kind'),
            'one of the strip',
        );
    }

    /** @return ?array{int, int} column and row where it is to lie; null if that was not said */
    public function at(): ?array
    {
        return $this->has('column') && $this->has('row') ? [$this->integer('column'), $this->integer('row')] : null;
    }

    /** @return array<string, mixed> fields of a tile in the open format; null for what is usual */
    public function tileFields(): array
    {
        $kind = TileKind::tryFrom($this->word('kind')) ?? TileKind::Press;
        $asked = Fields::of(...Tile::fieldsOf($kind));

        return (new Answers($this->all()))->unusual($asked);
    }

    /** @return array<string, mixed> fields of a page in the open format; null for what is usual */
    public function pageFields(): array
    {
        return array_diff_key((new Answers($this->all()))->unusual(PanelPage::fields()), ['tiles' => 0]);
    }

    public function attributes(): array
    {
        return ['name' => 'Name', 'columns' => 'Columns', 'rows' => 'Rows'] + parent::attributes();
    }
}
