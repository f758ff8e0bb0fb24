<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/**
 * The kinds of a family, one line each, in the order in which a form offers them.
 *
 * @template T of Kind
 */
abstract class KindList
{
    /** @var array<class-string<self<Kind>>, list<class-string<Kind>>> kinds that somebody added, by family */
    private static array $added = [];

    /** @var array<class-string<self<Kind>>, array<string, class-string<Kind>>> by family, then by kind */
    private static array $known = [];

    /** @return list<class-string<T>> */
    abstract protected static function own(): array;

    /**
     * One more kind, for as long as this process lives: what a test or an extension brings.
     *
     * @param class-string<T> $class
     */
    final public static function add(string $class): void
    {
        self::$added[static::class][] = $class;
        unset(self::$known[static::class]);
    }

    /** Only the kinds of its own again. */
    final public static function forgetAdded(): void
    {
        unset(self::$added[static::class], self::$known[static::class]);
    }

    /** @return array<string, class-string<T>> classes by the word in the file */
    final public static function all(): array
    {
        if (! isset(self::$known[static::class])) {
            $all = [];
            foreach ([...static::own(), ...self::$added[static::class] ?? []] as $class) {
                $all[$class::kind()] = $class;
            }
            self::$known[static::class] = $all;
        }

        /** @var array<string, class-string<T>> */
        return self::$known[static::class];
    }

    /** @return list<array<string, mixed>> each kind in JSON Schema */
    final public static function schemas(): array
    {
        return array_values(array_map(
            fn (string $class) => $class::fields()->schema(
                ['kind' => ['const' => $class::kind()]],
                $class::about(),
            ),
            static::all(),
        ));
    }

    /**
     * @param string $id under which it stands; empty where it has none
     *
     * @return T
     *
     * @throws FormatError with the place of what is wrong
     */
    final public static function read(Node $node, string $id = ''): Kind
    {
        $all = static::all();
        $kind = $node->get('kind')->value;
        $class = is_string($kind) && isset($all[$kind]) ? $all[$kind] : $all[$node->get('kind')->oneOf(Keys::of($all))];

        return $class::read($node, $id);
    }

    /**
     * One of them with other names in it, as it stands in the file: see Type::renamed().
     *
     * @param callable(string, string): string $as
     */
    final public static function renamed(mixed $said, callable $as): mixed
    {
        $class = is_array($said) && is_string($said['kind'] ?? null) ? static::all()[$said['kind']] ?? null : null;

        return is_array($said) && $class !== null ? $class::fields()->renamed($said, $as) : $said;
    }
}
