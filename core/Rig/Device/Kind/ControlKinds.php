<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

use Nailrod\Core\Format\CanGrow;

/** The kinds of controls, one line each, in the order in which a form offers them. */
final class ControlKinds
{
    /** @use CanGrow<ControlKind> */
    use CanGrow;

    /** @var list<class-string<ControlKind>> */
    private const OWN = [
        Lever::class,
        Slider::class,
        Stick::class,
        Twist::class,
        Pedal::class,
        Wheel::class,
        Paddle::class,
        AxisSwitch::class,
        PushButton::class,
        Trigger::class,
        TwoWay::class,
        ThreeWay::class,
        Sprung::class,
        Dial::class,
        Encoder::class,
        Hat::class,
        TouchTile::class,
        Phrase::class,
        KeyCap::class,
        MadeControl::class,
    ];

    /** @var ?array<string, ControlKind> */
    private static ?array $all = null;

    /** @return array<string, ControlKind> by the word of it in files */
    public static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            foreach ([...self::OWN, ...self::$added] as $class) {
                self::$all[$class::kind()] = new $class;
            }
        }

        return self::$all;
    }

    /** @return list<string> their words in files */
    public static function words(): array
    {
        return array_keys(self::all());
    }

    /** @throws \LogicException if there is no such kind: the word is to be looked at before */
    public static function of(string $word): ControlKind
    {
        return self::all()[$word] ?? throw new \LogicException('No kind of control: '.$word);
    }

    /** @return list<ControlKind> those that fulfil a wish, the best first */
    public static function for(Wish $wish): array
    {
        return self::ranked(fn (ControlKind $kind): ?int => $kind->rankFor($wish));
    }

    /** @return list<ControlKind> those that move an axis by degrees, the best for its role first */
    public static function forAxis(string $role): array
    {
        return self::ranked(fn (ControlKind $kind): ?int => $kind->rankForAxis($role));
    }

    /**
     * @param callable(ControlKind): ?int $rank
     *
     * @return list<ControlKind>
     */
    private static function ranked(callable $rank): array
    {
        $kinds = array_values(array_filter(self::all(), fn (ControlKind $kind): bool => $rank($kind) !== null));
        usort($kinds, fn (ControlKind $one, ControlKind $other): int => $rank($one) <=> $rank($other));

        return $kinds;
    }

    private static function changed(): void
    {
        self::$all = null;
    }
}
