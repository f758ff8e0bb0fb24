<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Format\Node;

/** The kinds of output, one line each. */
final class Outputs
{
    /** @var list<class-string<Output>> */
    private const KINDS = [
        ActionOutput::class,
        ControllerAxis::class,
        AxisVariable::class,
        MouseMovement::class,
        ControllerButton::class,
        KeyStroke::class,
        SetVariable::class,
        OnOffVariable::class,
        HoldLayer::class,
        OpenStop::class,
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
        StartMacro::class,
        StopMacro::class,
        LetGo::class,
    ];

    public static function read(Node $node): Output
    {
        $kinds = [];
        foreach (self::KINDS as $class) {
            $kinds[$class::kind()] = $class;
        }

        return $kinds[$node->get('kind')->oneOf(array_keys($kinds))]::read($node);
    }
}
