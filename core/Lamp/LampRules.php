<?php

declare(strict_types=1);

namespace Nailrod\Core\Lamp;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** The rules for lamps, one line each; the last one is what a file means that has the field of no other. */
final class LampRules
{
    /** @var list<class-string<LampRule>> */
    private const OWN = [
        LampBar::class,
        LampWhen::class,
    ];

    /** @var list<class-string<LampRule>> rules that somebody added */
    private static array $added = [];

    /**
     * One more rule, for as long as this process lives: what a test or an extension brings.
     *
     * @param class-string<LampRule> $class
     */
    public static function add(string $class): void
    {
        self::$added[] = $class;
    }

    public static function forgetAdded(): void
    {
        self::$added = [];
    }

    /** @return non-empty-list<class-string<LampRule>> */
    public static function all(): array
    {
        return [...self::$added, ...self::OWN];
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): LampRule
    {
        foreach (self::all() as $class) {
            if ($node->has($class::key())) {
                break;
            }
        }

        return $class::from($class::fields()->read($node));
    }
}
