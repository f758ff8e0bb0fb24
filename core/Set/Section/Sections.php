<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\CanGrow;

/** The sections of a set, one line each, in the order of the file. */
final class Sections
{
    /** @use CanGrow<Section> */
    use CanGrow;

    /** @var list<class-string<Section>> */
    private const OWN = [
        Controls::class,
        Settings::class,
        Sizes::class,
        Panels::class,
        LayersSection::class,
        Flags::class,
        AxesSection::class,
        MadeThings::class,
        StopsSection::class,
        MacrosSection::class,
        LampRulesSection::class,
        ChordsSection::class,
        Cells::class,
        WaysSection::class,
        Aside::class,
        Meant::class,
    ];

    /** @var ?array<string, class-string<Section>> */
    private static ?array $all = null;

    private static function changed(): void
    {
        self::$all = null;
    }

    /** @return array<string, class-string<Section>> by the word in the file */
    public static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            foreach ([...self::OWN, ...self::$added] as $class) {
                self::$all[$class::name()] = $class;
            }
        }

        return self::$all;
    }

    /** @return list<string> words in the file */
    public static function names(): array
    {
        return array_keys(self::all());
    }
}
