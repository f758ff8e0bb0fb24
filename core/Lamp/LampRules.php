<?php

declare(strict_types=1);

namespace Nailrod\Core\Lamp;

use Nailrod\Core\Format\CanGrow;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** The rules for lamps, one line each; the last one is what a file means that has the field of no other. */
final class LampRules
{
    /** @use CanGrow<LampRule> */
    use CanGrow;

    /** @var list<class-string<LampRule>> */
    private const OWN = [
        LampBar::class,
        LampWhen::class,
    ];

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
