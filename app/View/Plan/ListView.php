<?php

declare(strict_types=1);

namespace App\View\Plan;

use App\Models\CatalogueRecord;
use App\Models\SetRecord;
use App\Sets\CatalogueStore;
use App\Sets\ListImport;
use App\Sets\OwnNames;
use App\Sets\SetTree;
use Nailrod\Core\Exchange\ActionRow;
use Nailrod\Core\Exchange\CatalogueEdits;
use Nailrod\Core\Exchange\ImportedFile;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\ActionKind;
use Nailrod\Core\Mapping\Action\CatalogueChange;
use Nailrod\Core\Rig\Device\KeyCodes;
use Nailrod\Core\Set\Following;

/**
 * The page of a list of actions before it is taken: each action in fields, what is new in it, and what it does to the
 * sets.
 */
final readonly class ListView
{
    /** What the columns are called, in the order of the page. */
    private const COLUMNS = [
        'action' => 'Action',
        'group' => 'Group',
        'kind' => 'Kind',
        'key' => 'Key',
        'role' => 'Role',
        'variable' => 'Changes',
        'amount' => 'By or to',
        'essential' => 'Needed',
        'written' => 'Written',
    ];

    /** Rows for actions that are new. */
    /** Rows for new actions: beside those that there are, and in a list that is begun. */
    private const BLANK = 3;
    private const BLANK_AT_FIRST = 8;

    public ?CatalogueChange $change;

    private ?Following $following;

    /** @var array<string, string> */
    private array $marks;

    public function __construct(public string $id, public ListImport $list, CatalogueStore $store)
    {
        $this->change = $list->change();
        $this->marks = self::marks($this->change);
        $this->following = $list->following($store);
    }

    /** @return array<string, string> what each column says, by what it is called */
    public function columns(): array
    {
        return array_combine(
            self::COLUMNS,
            array_map(fn (string $column) => ActionRow::SAID[$column], Keys::of(self::COLUMNS)),
        );
    }

    /** @return array<string, ActionRow> what stands in the fields of each action, by id */
    public function rows(): array
    {
        $edits = CatalogueEdits::of($this->list->catalogue);

        return array_map($edits->row(...), $this->list->catalogue->actions);
    }

    /** @return list<ActionRow> */
    public function blank(): array
    {
        return array_fill(
            0,
            $this->list->catalogue->actions === [] ? self::BLANK_AT_FIRST : self::BLANK,
            new ActionRow([]),
        );
    }

    /** "new" or "changed" against the list that is at hand; empty if it is as it is there. */
    public function mark(string $action): string
    {
        return $this->marks[$action] ?? '';
    }

    /** @return array<string, string> by action */
    private static function marks(?CatalogueChange $change): array
    {
        $ids = fn (array $actions): array => array_map(fn (Action $action) => $action->id, $actions);

        return array_fill_keys($ids($change->added ?? []), 'new') + array_fill_keys(
            $ids(array_column($change->changed ?? [], 1)),
            'changed',
        );
    }

    /** @return list<string> */
    public function kinds(): array
    {
        return array_column(ActionKind::cases(), 'value');
    }

    /** @return list<string> what the simulators that are at hand say actions are for */
    public function roles(): array
    {
        $roles = [];
        foreach (
            [
                $this->list->catalogue,
                ...CatalogueRecord::query()->with('head')->get()->map(
                    fn (CatalogueRecord $record) => $record->catalogue(),
                )->all(),
            ] as $catalogue
        ) {
            $roles += array_fill_keys(Keys::of($catalogue->byRole()), true);
        }
        ksort($roles);

        return Keys::of($roles);
    }

    /** @return list<string> */
    public function variables(): array
    {
        return array_values(
            array_unique(array_map(fn ($variable) => $variable->name, $this->list->catalogue->variables)),
        );
    }

    /** @return array<string, string> labels by code */
    public function keys(): array
    {
        return KeyCodes::all();
    }

    /** @return array<string, list<string>> what goes from each set, by its name */
    public function effects(): array
    {
        $effects = [];
        foreach (Keys::each($this->following->lines ?? []) as $set => $lines) {
            $effects[SetRecord::nameOf($set) ?? ''] = $lines;
        }

        return $effects;
    }

    /** How many sets are for this simulator. */
    public function sets(): int
    {
        return count($this->following->of ?? []);
    }

    public function seen(): string
    {
        return ListImport::seen($this->following);
    }

    /** What a set that is begun for it is called. */
    public function nameOfSet(): string
    {
        return OwnNames::ofSet($this->isTable() ? $this->list->nameOfTable() : $this->list->catalogue->name);
    }

    /** What stands in the list; of one that comes beside another, with the next number that is free. */
    public function nameOfSimulator(): string
    {
        return $this->list->of === null ? OwnNames::ofSimulator($this->list->catalogue->name)
            : $this->list->catalogue->name;
    }

    /**
     * @return array<string, string> names of the sets here, by id; the one below which it was asked for is the first
     */
    public function parents(): array
    {
        $names = array_column(SetTree::headings(), 'name', 'id');

        return array_intersect_key($names, [$this->list->below => true]) + $names;
    }

    public function isTable(): bool
    {
        return $this->list->incoming->kind === ImportedFile::TABLE;
    }
}
