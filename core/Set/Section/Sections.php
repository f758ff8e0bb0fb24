<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

/** The sections of a set, one line each, in the order of the file. */
final class Sections
{
    /** @var list<class-string<Section>> */
    private const OWN = [
        Controls::class,
        Layers::class,
        Flags::class,
        Axes::class,
        MadeThings::class,
        Stops::class,
        Macros::class,
        LampRules::class,
        Chords::class,
        Cells::class,
        Ways::class,
    ];

    /** @var ?array<string, class-string<Section>> */
    private static ?array $all = null;

    /** @var list<class-string<Section>> sections that somebody added */
    private static array $added = [];

    /**
     * One more section, for as long as this process lives: what a test or an extension brings.
     *
     * @param class-string<Section> $class
     */
    public static function add(string $class): void
    {
        self::$added[] = $class;
        self::$all = null;
    }

    public static function forgetAdded(): void
    {
        self::$added = [];
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
