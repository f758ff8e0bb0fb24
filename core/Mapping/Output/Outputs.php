<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\KindList;

/**
 * The kinds of output, one line each, in the order in which they are offered.
 *
 * @extends KindList<Output>
 */
final class Outputs extends KindList
{
    protected static function own(): array
    {
        return [
            KeyStroke::class,
            ControllerButton::class,
            HatDirection::class,
            MouseButton::class,
            MouseWheel::class,
            MouseStep::class,
            ConsumerControl::class,
            StepVariable::class,
            SwapVariable::class,
            LightLamp::class,
            RaiseFlag::class,
            GoToLayer::class,
            StepLayer::class,
            LetGo::class,
            StartMacro::class,
            StopMacro::class,
            RecordMacro::class,
            PlayRecorded::class,
            OnOffVariable::class,
            SetVariable::class,
            HoldLayer::class,
            OpenStop::class,
            ControllerAxis::class,
            AxisVariable::class,
            MouseMovement::class,
            ActionOutput::class,
        ];
    }

    /** @return array<string, class-string<Output>> those that a contact can drive, actions left out, by kind */
    public static function ofContacts(): array
    {
        return array_filter(self::all(), fn (string $class) => is_subclass_of($class, ContactOutput::class));
    }

    /** @return list<string> kinds that can be the way by which an action is reached */
    public static function ways(): array
    {
        return array_keys(array_filter(self::all(), fn (string $class) => is_subclass_of($class, IsWay::class)));
    }

    /** @return array<string, class-string<Output>> those that an axis can drive, actions left out, by kind */
    public static function ofAxes(): array
    {
        return array_filter(self::all(), fn (string $class) => is_subclass_of($class, AxisOutput::class));
    }
}
