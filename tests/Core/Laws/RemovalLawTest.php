<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\LayerEdits;
use Nailrod\Core\Set\MacroEdits;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\Removal;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Transfers;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * Removing, renaming or moving anything leaves no name that leads nowhere, and the document from which it was made
 * stays as it was.
 */
#[Group('laws')]
final class RemovalLawTest extends TestCase
{
    use InWorlds;

    private const RUNS = 10;

    public function test_law_12_nothing_that_is_removed_renamed_or_moved_leaves_a_name_that_leads_nowhere(): void
    {
        $done = ['removed' => 0, 'renamed' => 0, 'moved' => 0];
        $this->inEveryWorld(function (World $world) use (&$done): void {
            $set = $world->set;
            $before = $set->merged->own->toJson();
            [$what, $after, $gone] = $this->change($world, $set);
            $this->assertSame($before, $set->merged->own->toJson(), 'its undo is the document as it was');
            if ($after === null) {
                return;
            }
            try {
                $left = BindingSet::of(
                    MergedDocument::of([SetDocument::fromJson($after->toJson())]),
                    $set->rig->with(null),
                    null,
                    [],
                    $set->layouts,
                );
            } catch (FormatError $error) {
                // The store refuses it, since it does not fit there; never since a name leads nowhere.
                $this->assertMatchesRegularExpression(
                    '/since a tick is over at once|a contact that does nothing as another one/',
                    $error->getMessage(),
                );

                return;
            }
            $this->assertSame([], $left->missing);
            if ($gone !== null) {
                $this->assertStringNotContainsString(sprintf('"%s":"%s"', ...$gone), $after->toCompactJson());
            }
            $done[$what]++;
        });
        $this->assertTried(intdiv(self::worlds(), 2), min($done), 'all three must have been tried');
    }

    /**
     * @return array{string, ?SetDocument, ?array{string, string}} what was done, the set after it (null if it was
     *    refused, in words), and the sort and id that no part may name any more
     */
    private function change(World $world, BindingSet $set): array
    {
        try {
            return match ($world->between(0, 2)) {
                0 => $this->remove($world, $set),
                1 => ['renamed', $this->rename($world, $set), null],
                default => ['moved', $this->move($world, $set), null],
            };
        } catch (FormatError $error) {
            $this->assertNotSame('', $error->getMessage());

            return ['', null, null];
        }
    }

    /** @return array{string, ?SetDocument, ?array{string, string}} */
    private function remove(World $world, BindingSet $set): array
    {
        $all = [];
        foreach (
            [
                'made' => $set->made, NamesPart::STOP => $set->stops,
                NamesPart::LAYER => array_diff_key($set->layers, ['base' => 0]), NamesPart::MACRO => $set->macros,
                NamesPart::FLAG => $set->flags,
            ] as $sort => $parts
        ) {
            foreach (array_keys($parts) as $id) {
                $all[] = [$sort, (string) $id];
            }
        }
        [$sort, $id] = $all[$world->between(0, count($all) - 1)];

        return ['removed', (new Removal($set))->of(Gone::part($sort, $id)), [$sort, $id]];
    }

    private function rename(World $world, BindingSet $set): ?SetDocument
    {
        $layers = array_keys($set->layers);
        $layer = (string) $layers[$world->between(0, count($layers) - 1)];

        return $set->macros !== [] && $world->chance(50)
            ? (new MacroEdits($set, $set->layouts))->say((string) array_key_first($set->macros), ['name' => 'Another'])
            : (new LayerEdits($set))->rename($layer, 'Another');
    }

    private function move(World $world, BindingSet $set): SetDocument
    {
        $refs = array_keys($set->rig->contacts);
        $layers = array_keys($set->layers);
        $any = fn (array $of): string => (string) $of[$world->between(0, count($of) - 1)];
        $transfers = new Transfers($set);
        $how = $any(Transfers::WAYS);

        return match ($world->between(0, 3)) {
            0 => $transfers->row($how, $any($refs), $any($refs)),
            1 => $transfers->layerAs($how, $any($layers), $any($layers)),
            2 => $transfers->clearRow($any($refs)),
            default => $transfers->cell($how, $any($layers), $any($refs), $any($layers), $any($refs)),
        };
    }
}
