<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Set\Section\Sections;

/** What differs between two documents of one set, part by part. */
final class SetDiff
{
    /** @return list<PartChange> in file order of the newer document, what was taken away last */
    public static function between(SetDocument $before, SetDocument $after): array
    {
        $changes = $gone = [];
        foreach (self::heads($before) as $head => $was) {
            $is = self::heads($after)[$head];
            if ($was !== $is) {
                $path = new PartPath($head, 'set');
                $changes[] = new PartChange(
                    $path,
                    $was === null ? null : new PartValue($path, $was),
                    $is === null ? null : new PartValue($path, $is),
                );
            }
        }
        foreach (Sections::all() as $section => $class) {
            [$old, $new] = [$before->said($section), $after->said($section)];
            // What an edit leaves alone is the very same array: that is seen at once.
            if ($old === $new) {
                continue;
            }
            if ($class::depth() === 1) {
                self::compare($old, $new, fn (string $key) => new PartPath($section, $key), $changes, $gone);

                continue;
            }
            foreach (Keys::each($new + $old) as $key => $group) {
                [$was, $is] = [
                    is_array($old[$key] ?? null) ? $old[$key] : [],
                    is_array($new[$key] ?? null) ? $new[$key] : [],
                ];
                if ($was !== $is) {
                    self::compare(
                        $was,
                        $is,
                        fn (string $inner) => new PartPath($section, (string) $key, $inner),
                        $changes,
                        $gone,
                    );
                }
            }
        }

        return [...$changes, ...$gone];
    }

    /**
     * @return array{name: string, parent: ?string, simulator: ?string, devices: ?list<string>} what a document says
     *    beside its sections
     */
    private static function heads(SetDocument $set): array
    {
        return [
            'name' => $set->name,
            'parent' => $set->parent,
            'simulator' => $set->simulator,
            'devices' => $set->devices,
        ];
    }

    /**
     * @param array<array-key, mixed>    $old
     * @param array<array-key, mixed>    $new
     * @param callable(string): PartPath $path
     * @param list<PartChange>           $changes
     * @param list<PartChange>           $gone
     */
    private static function compare(array $old, array $new, callable $path, array &$changes, array &$gone): void
    {
        foreach (Keys::each($new) as $key => $value) {
            $isKnown = array_key_exists($key, $old);
            if (! $isKnown || ($old[$key] !== $value && Json::compact([$old[$key]]) !== Json::compact([$value]))) {
                $at = $path((string) $key);
                $changes[] = new PartChange(
                    $at,
                    $isKnown ? new PartValue($at, $old[$key]) : null,
                    new PartValue($at, $value),
                );
            }
        }
        foreach (Keys::each(array_diff_key($old, $new)) as $key => $value) {
            $at = $path((string) $key);
            $gone[] = new PartChange($at, new PartValue($at, $value), null);
        }
    }
}
