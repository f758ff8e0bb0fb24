<?php

declare(strict_types=1);

namespace Nailrod\Core\Check;

use Nailrod\Core\Format\CanGrow;
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
        EssentialMissing::class,
    ];

    /** So many findings of one sort are told; when they are mended, the next ones come. */
    public const MOST = 40;

    /** @return list<Finding> none for a set without a game */
    public static function over(BindingSet $set): array
    {
        if ($set->catalogue === null) {
            return [];
        }
        $desk = new Desk($set, $set->catalogue);
        $findings = [];
        foreach ([...self::OWN, ...self::$added] as $check) {
            $told = 0;
            foreach ((new $check)->findings($desk) as $finding) {
                $findings[] = $finding;
                if (++$told === self::MOST) {
                    break;
                }
            }
        }

        return $findings;
    }

    /** The finding of this id, if it is still there. */
    public static function find(BindingSet $set, string $id): ?Finding
    {
        foreach (self::over($set) as $finding) {
            if ($finding->id() === $id) {
                return $finding;
            }
        }

        return null;
    }
}
