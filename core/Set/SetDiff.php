<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Json;

/** What differs between two documents of one set, part by part. */
final class SetDiff
{
    /** @return list<PartChange> in file order of the newer document, what was taken away last */
    public static function between(SetDocument $before, SetDocument $after): array
    {
        $old = $before->parts();
        $new = $after->parts();
        $changes = [];
        if ($before->devices !== $after->devices) {
            $path = new PartPath('devices', 'list');
            $changes[] = new PartChange($path, new PartValue($path, $before->devices), new PartValue($path, $after->devices));
        }
        foreach ($new as $path => $part) {
            if (! isset($old[$path]) || ($old[$path]->value !== $part->value && self::text($old[$path]) !== self::text($part))) {
                $changes[] = new PartChange($part->path, $old[$path] ?? null, $part);
            }
        }
        foreach ($old as $path => $part) {
            if (! isset($new[$path])) {
                $changes[] = new PartChange($part->path, $part, null);
            }
        }

        return $changes;
    }

    private static function text(PartValue $part): string
    {
        return Json::compact([$part->value]);
    }
}
