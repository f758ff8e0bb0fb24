<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\SetRecord;

/** Which sets there are, which inherits from which, and which were taken out, without reading the sets themselves. */
final class SetTree
{
    /**
     * What every set is called and what it inherits from, without reading the sets themselves.
     *
     * @return list<array{id: string, name: string, parent: ?string, hasSteps: bool}> in their order; and are its first
     * steps listed?
     */
    public static function headings(): array
    {
        $headings = [];
        foreach (SetRecord::shown()->orderBy('position')->get(['id', 'name', 'parent', 'steps']) as $record) {
            $headings[] = [
                'id' => $record->id,
                'name' => $record->name,
                'parent' => $record->parent,
                'hasSteps' => $record->steps !== null,
            ];
        }

        return $headings;
    }

    /**
     * @return list<array{id: string, name: string, depth: int, hasSteps: bool}> every set, parents before their
     *    children
     */
    public static function tree(): array
    {
        $byParent = [];
        foreach (self::headings() as $heading) {
            $byParent[$heading['parent'] ?? ''][] = $heading;
        }
        $list = [];
        $walk = function (string $parent, int $depth) use (&$walk, &$list, $byParent): void {
            foreach ($byParent[$parent] ?? [] as ['id' => $id, 'name' => $name, 'hasSteps' => $hasSteps]) {
                $list[] = ['id' => $id, 'name' => $name, 'depth' => $depth, 'hasSteps' => $hasSteps];
                $walk($id, $depth + 1);
            }
        };
        $walk('', 0);

        return $list;
    }

    /** @return list<string> ids of the sets that inherit from this one, however far */
    public static function heirs(string $id): array
    {
        $heirs = [$id];
        $headings = self::headings();
        for ($before = 0; $before < count($heirs);) {
            $before = count($heirs);
            foreach ($headings as $heading) {
                if (in_array($heading['parent'], $heirs, true) && ! in_array($heading['id'], $heirs, true)) {
                    $heirs[] = $heading['id'];
                }
            }
        }

        return array_slice($heirs, 1);
    }

    /** @return array<string, string> names of those that were taken out of the list, by id, the latest first */
    public static function removed(): array
    {
        return SetRecord::all()->where('removed', true)->sortByDesc('updated_at')->take(12)->mapWithKeys(
            fn (SetRecord $record) => [$record->id => $record->name],
        )->all();
    }
}
