<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Catalogue;

/**
 * A catalogue as a table, for games that nobody has written one for: a row says what an ActionRow says. Actions that
 * name no variable have one of their own, or one together with the other half of a pair (NamePairs).
 */
final readonly class CatalogueTable
{
    public const EXAMPLE = "action,group,key,kind,role\nThrottle,Drive,,axis,power\nGear up,Drive,Page up,,\n"
        ."Gear down,Drive,Page down,,\nHorn,Signals,H,momentary,horn\nHeadlights,Signals,Left Shift+L,two-state,\n";

    /** @param array<int, ActionRow> $rows by line of the file */
    private function __construct(private Table $table, public array $rows) {}

    /** @throws FormatError if it is no table, or has other columns */
    public static function of(string $csv): self
    {
        $table = Table::read(
            $csv,
            array_values(array_unique([...Keys::of(ActionRow::SAID), ...KeyList::COLUMNS])),
            ['action'],
        );

        return new self(
            $table,
            array_map(fn (array $row) => new ActionRow(array_intersect_key($row, ActionRow::SAID)), $table->rows),
        );
    }

    /** @throws FormatError with all lines that cannot be read */
    public function catalogue(string $id, string $name, int $buttons = 128, int $axes = 8): Catalogue
    {
        $rows = ActionRow::paired($this->rows);
        $edits = CatalogueEdits::begin($id, $name, $buttons, $axes);
        $this->table->each(function (array $row, int $line) use ($rows, &$edits): void {
            try {
                $edits = $edits->add($rows[$line]);
            } catch (FormatError $error) {
                throw $error->under('line '.$line);
            }
        });

        return $edits->catalogue->actions === []
            ? throw FormatError::told('', 'no action', 'at least one row')
            : $edits->checked();
    }
}
