<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Format\CanGrow;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Set\BindingSet;

/** All checks over a set, in the order in which they are told. */
final class Checks
{
    /** @use CanGrow<Check> */
    use CanGrow;

    /** @var list<class-string<Check>> */
    private const OWN = [
        KeptKey::class,
        UnseenOutput::class,
        OutputTwice::class,
        TwoWriters::class,
        FlipOnSwitch::class,
        ShortPulse::class,
        TwiceInLayer::class,
        HalfPair::class,
        AsAndAs::class,
        EssentialMissing::class,
        LackingColour::class,
        ContradictingLamps::class,
        NotWired::class,
        LayerWithoutExit::class,
        TextNotTyped::class,
    ];

    /** @var array<class-string<Check>, class-string<Check>> of rooms that come after this one */
    private static array $registered = [];

    /** So many findings of one sort are told; when they are mended, the next ones come. */
    public const MOST = 40;

    /**
     * What each check finds, also what its owner means to be so, one after the other as it is asked for; nothing in a
     * set without a game.
     *
     * @return \Generator<int, iterable<Finding>>
     */
    public static function each(BindingSet $set): \Generator
    {
        if ($set->catalogue === null) {
            return;
        }
        $desk = new Desk($set, $set->catalogue);
        foreach (self::all() as $check) {
            yield (new $check)->findings($desk);
        }
    }

    /**
     * What those checks find that look at parts of one section; also in a set without a game.
     *
     * @param string $section see PartPath
     *
     * @return \Generator<int, iterable<Finding>>
     */
    public static function ofSection(BindingSet $set, string $section): \Generator
    {
        $desk = new Desk($set, $set->catalogue ?? Catalogue::none());
        foreach (self::all() as $check) {
            if (is_subclass_of($check, LooksAtPart::class) && $check::section() === $section) {
                yield (new $check)->findings($desk);
            }
        }
    }

    /** @param class-string<Check> $check of a room that comes after this one; see core/registered.php */
    public static function register(string $check): void
    {
        self::$registered[$check] = $check;
    }

    /** @return list<class-string<Check>> in the order in which they are told */
    public static function all(): array
    {
        return [...self::OWN, ...array_values(self::$registered), ...self::$added];
    }

    /** @return list<Finding> what is to be looked at */
    public static function over(BindingSet $set): array
    {
        return FindingsReport::of($set)->told;
    }

    /** The finding of this id, if it is still there. */
    public static function find(BindingSet $set, string $id): ?Finding
    {
        $report = FindingsReport::of($set);
        foreach ([...$report->told, ...$report->meant] as $finding) {
            if ($finding->id() === $id) {
                return $finding;
            }
        }

        return null;
    }
}
