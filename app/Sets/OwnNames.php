<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\CatalogueRecord;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\FreeName;

/** A set and a simulator each have a name of their own: where two have the same one, nobody can say which is meant. */
final class OwnNames
{
    /** What a set can be called: the wish itself, or with the next number that is free. */
    public static function ofSet(string $wish): string
    {
        return FreeName::of($wish, self::sets());
    }

    /** What a simulator can be called: the wish itself, or with the next number that is free. */
    public static function ofSimulator(string $wish): string
    {
        return FreeName::of($wish, CatalogueRecord::names());
    }

    /**
     * @param ?string $except id of the set that has the name already, for one that is renamed
     *
     * @return string the name
     *
     * @throws FormatError if another set has it, whatever its capitals
     */
    public static function set(string $name, ?string $except = null): string
    {
        return self::own($name, array_diff_key(self::sets(), [$except => '']), 'set');
    }

    /**
     * @param ?string $except id of the simulator that has the name already
     *
     * @return string the name
     *
     * @throws FormatError if another simulator has it, whatever its capitals
     */
    public static function simulator(string $name, ?string $except = null): string
    {
        return self::own($name, array_diff_key(CatalogueRecord::names(), [$except => '']), 'simulator');
    }

    /** @return array<string, string> names of the sets that are not deleted, by id */
    private static function sets(): array
    {
        return array_column(SetTree::headings(), 'name', 'id');
    }

    /** @param array<string, string> $taken */
    private static function own(string $name, array $taken, string $what): string
    {
        return FreeName::isFree($name, $taken) ? $name : throw FormatError::told(
            ucfirst($what === 'set' ? 'name' : $what),
            sprintf('“%s”, which another %s has', $name, $what),
            sprintf('one of its own, such as “%s”', FreeName::of($name, $taken)),
        );
    }
}
