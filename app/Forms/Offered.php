<?php

declare(strict_types=1);

namespace App\Forms;

use Nailrod\Core\Format\Kind;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Set\BindingSet;

/** What a form offers for a cell: outputs, and behaviours that have outputs of their own. */
final class Offered
{
    /** @return array<string, class-string<Kind>> by kind */
    public static function all(): array
    {
        return Outputs::all() + self::macros();
    }

    /**
     * Without what would need a macro where there is none.
     *
     * @return array<string, class-string<Kind>> by kind
     */
    public static function toContacts(BindingSet $set): array
    {
        return self::thatSetHas($set, Outputs::ofContacts() + self::macros());
    }

    /**
     * @return array<string, class-string<Kind>> by kind
     */
    public static function toChords(BindingSet $set): array
    {
        return self::thatSetHas($set, Outputs::ofContacts());
    }

    /**
     * @param array<string, class-string<Kind>> $all
     *
     * @return array<string, class-string<Kind>>
     */
    private static function thatSetHas(BindingSet $set, array $all): array
    {
        return $set->macros === [] ? array_filter(
            $all,
            fn (string $class) => ! isset($class::fields()->all[NamesPart::MACRO]),
        ) : $all;
    }

    /** @return array<string, class-string<Kind>> by kind */
    public static function toAxes(): array
    {
        return Outputs::ofAxes();
    }

    /** @return array<string, class-string<Kind>> by kind */
    private static function macros(): array
    {
        return array_filter(Behaviours::all(), fn (string $class) => is_subclass_of($class, PlaysItsMacro::class));
    }
}
