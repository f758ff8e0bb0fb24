<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\CatalogueRecord;
use Nailrod\Core\Exchange\CatalogueTable;
use Nailrod\Core\Exchange\CatalogueUpdate;
use Nailrod\Core\Exchange\ImportedFile;
use Nailrod\Core\Exchange\KeyList;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\CatalogueChange;
use Nailrod\Core\Set\Following;

/**
 * A list of actions that is looked at before it is taken: what it is taken for, what it then is, and what that does to
 * the sets.
 */
final readonly class ListImport
{
    /** A simulator that was not at hand yet. */
    public const FRESH = 'new:';

    /** Only the keys of it, for a simulator that is at hand: this, and its id. */
    public const KEYS = 'keys:';

    /**
     * So much of a list at hand must be in a newer one, so that it is offered as one, and so that it is taken for one
     * unasked.
     */
    private const ALIKE = 0.2;
    private const SURELY = 0.6;

    /** FRESH, KEYS with an id, or the id of the simulator whose newer list it is. */
    public string $for;

    /** What it was said to be taken for, if it cannot be; empty else. */
    public string $notHere;

    /** @var array<string, string> what it can be taken for, in words */
    public array $choices;

    /** The simulator whose newer list it is; null if it is none. */
    public ?CatalogueRecord $of;

    public Catalogue $catalogue;

    /**
     * @param string                   $name   of the file
     * @param string                   $for    what it was said to be taken for; empty if nobody has said
     * @param array<string, Catalogue> $edited as it was changed since, by what it is taken for
     * @param ?string                  $from   the set from whose page it was
     *                                         taken up to be changed; null if it came as a file
     * @param string                   $below  the set below which one for it was asked for; empty if none was
     */
    public function __construct(
        public ImportedFile $incoming,
        public string $name,
        string $for,
        array $edited,
        public ?string $from,
        public string $below = '',
    ) {
        $newer = $incoming->catalogue ?? throw new \LogicException('It is no list.');
        $records = CatalogueRecord::query()->with('head')->orderBy('id')->get()->keyBy('id')->all();
        $games = array_map(fn (CatalogueRecord $record) => $record->catalogue(), $records);
        $alike = array_map(fn (Catalogue $game) => $this->update($game)->share(), $games);
        $this->choices = $this->choices($games, $alike);
        arsort($alike);
        $likest = (string) array_key_first($alike);
        $usual = match (true) {
            $incoming->kind === ImportedFile::CATALOGUE && isset($games[$newer->id]) => $newer->id,
            $incoming->kind === ImportedFile::CATALOGUE => self::FRESH,
            ($alike[$likest] ?? 0.0) >= self::SURELY && ! $this->isKeyList() => $likest,
            isset($this->choices[self::KEYS.$likest]) && $this->isKeyList() => self::KEYS.$likest,
            default => self::FRESH,
        };
        $this->for = isset($this->choices[$for]) ? $for : $usual;
        $this->notHere = isset($this->choices[$for]) ? '' : $for;
        $this->of = $records[$this->for] ?? null;
        $this->catalogue = $edited[$this->for] ?? match (true) {
            $this->for === self::FRESH && $incoming->kind === ImportedFile::TABLE =>
                $newer->called($newer->id, $this->nameOfTable()),
            $this->of === null => $newer,
            $incoming->kind === ImportedFile::TABLE => $this->update($games[$this->for])
                ->said(CatalogueTable::of($incoming->text)),
            default => $this->update($games[$this->for])->whole(),
        };
    }

    public function isForKeys(): bool
    {
        return str_starts_with($this->for, self::KEYS);
    }

    /** The simulator of which it brings keys alone. */
    public function keysOf(): string
    {
        return substr($this->for, strlen(self::KEYS));
    }

    /** A table is called as its file is. */
    public function nameOfTable(): string
    {
        $name = mb_substr(pathinfo($this->name, PATHINFO_FILENAME), 0, 60);

        return $name === '' ? $this->name : $name;
    }

    /** What is another than now; null for a simulator that was not at hand. */
    public function change(): ?CatalogueChange
    {
        return $this->of === null ? null : CatalogueChange::between($this->of->catalogue(), $this->catalogue);
    }

    /** What it does to the sets; null for a simulator that was not at hand, and where nothing is another. */
    public function following(CatalogueStore $store): ?Following
    {
        return $this->of === null || $this->change()?->isNothing() !== false ? null : $store->following(
            $this->of->catalogue(),
            $this->catalogue,
        );
    }

    /** The same list after an edit. */
    public function edited(Catalogue $catalogue): self
    {
        return new self(
            $this->incoming,
            $this->name,
            $this->for,
            [$this->for => $catalogue],
            $this->from,
            $this->below,
        );
    }

    /** What somebody has seen who has seen what goes from the sets: another word when that is something else. */
    public static function seen(?Following $following): string
    {
        return hash('xxh128', serialize(array_map(fn (array $lines) => $lines, $following->lines ?? [])));
    }

    /** Is it a list of what reaches actions, as it goes out of a set? */
    private function isKeyList(): bool
    {
        return $this->incoming->kind === ImportedFile::TABLE && preg_match(
            '/^"?action.*\bby\b/i',
            $this->incoming->text,
        ) === 1;
    }

    private function update(Catalogue $game): CatalogueUpdate
    {
        return CatalogueUpdate::of(
            $game,
            $this->incoming->catalogue ?? $game,
            $this->incoming->kind === ImportedFile::CATALOGUE,
        );
    }

    /**
     * @param array<string, Catalogue> $games
     * @param array<string, float>     $alike
     *
     * @return array<string, string>
     */
    private function choices(array $games, array $alike): array
    {
        $choices = [self::FRESH => 'a new simulator of these actions'];
        foreach ($games as $id => $game) {
            if ($alike[$id] >= self::ALIKE || $id === $this->incoming->catalogue?->id) {
                $choices[$id] = sprintf(
                    '%s: a newer list, with %d of its %d actions',
                    $game->name,
                    (int) round($alike[$id] * count($game->actions)),
                    count($game->actions),
                );
            }
            $keys = $this->keys($game);
            if ($keys > 0) {
                $choices[self::KEYS.$id] = sprintf('%s: keys of %d of its actions, in a set', $game->name, $keys);
            }
        }

        return $choices;
    }

    /** Of how many actions of a simulator it says the keys; 0 if it does not fit that simulator. */
    private function keys(Catalogue $game): int
    {
        try {
            return $this->incoming->kind === ImportedFile::TABLE ? count(
                KeyList::read($this->incoming->text, $game),
            ) : 0;
        } catch (FormatError) {
            return 0;
        }
    }
}
