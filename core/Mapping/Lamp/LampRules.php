<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Lamp;

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

    /**
     * A rule with other names in it, as it stands in the file: see Type::renamed().
     *
     * @param array<array-key, mixed>          $said
     * @param callable(string, string): string $as
     *
     * @return array<string, mixed>
     */
    public static function renamed(array $said, callable $as): array
    {
        foreach (self::all() as $class) {
            if (isset($said[$class::key()])) {
                break;
            }
        }

        return $class::fields()->renamed($said, $as);
    }
}
