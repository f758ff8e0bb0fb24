<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Set\Section\Sections;

/**
 * What a part of a set names, as it stands in a file: parts of the set and of its simulator by their ids, inputs and
 * lamps by their
 * references. The types of its fields say what is a name and of which sort, whatever the fields are called.
 */
final class PartNames
{
    /** Sorts of what the rig has: a part names them by device and control. */
    public const OF_RIG = [Reference::AXIS, Reference::CONTACT, Reference::LAMP];

    /**
     * @param string                  $section of the part
     * @param array<array-key, mixed> $said
     * @param string                  ...$sorts constants of Id or Reference; none: all
     *
     * @return list<string> what it names, each once, in the order of the file
     */
    public static function in(string $section, array $said, string ...$sorts): array
    {
        return array_values(
            array_unique(
                array_column(
                    array_filter(
                        self::all($section, $said),
                        fn (array $one): bool => $sorts === [] || in_array($one[0], $sorts, true),
                    ),
                    1,
                ),
            ),
        );
    }

    /**
     * @param array<array-key, mixed> $said
     *
     * @return list<array{string, string}> sort and name of all that it names, in the order of the file
     */
    public static function all(string $section, array $said): array
    {
        $names = [];
        self::renamed($section, $said, function (string $sort, string $name) use (&$names): string {
            $names[] = [$sort, $name];

            return $name;
        });

        return $names;
    }

    /**
     * @param array<array-key, mixed>          $said
     * @param callable(string, string): string $as   given the sort and the name
     *
     * @return array<array-key, mixed>
     */
    public static function renamed(string $section, array $said, callable $as): array
    {
        return Sections::all()[$section]::renamed($said, $as);
    }
}
