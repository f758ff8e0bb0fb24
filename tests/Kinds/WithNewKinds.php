<?php

declare(strict_types=1);

namespace Tests\Kinds;

use Nailrod\Core\Advice\Check\Checks;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Condition\Conditions;
use Nailrod\Core\Mapping\Lamp\LampRules;
use Nailrod\Core\Mapping\Made\MadeKinds;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Rig\Device\Kind\ControlKinds;
use Nailrod\Core\Set\Section\Sections;
use PHPUnit\Framework\Attributes\After;
use PHPUnit\Framework\Attributes\Before;

/** The kinds of this folder are there during a test: for each, its class and one line here. */
trait WithNewKinds
{
    #[Before]
    public function addKinds(): void
    {
        Outputs::add(Buzz::class);
        Outputs::add(Tilt::class);
        Behaviours::add(Twice::class);
        AxisParts::add(Soft::class);
        MadeKinds::add(Outside::class);
        LampRules::add(Glow::class);
        LampRules::add(Beacon::class);
        Checks::add(NoBuzz::class);
        Conditions::add(Odd::class);
        Sections::add(Seats::class);
        ControlKinds::add(Knob::class);
    }

    #[After]
    public function forgetKinds(): void
    {
        Outputs::forgetAdded();
        Behaviours::forgetAdded();
        AxisParts::forgetAdded();
        MadeKinds::forgetAdded();
        LampRules::forgetAdded();
        Checks::forgetAdded();
        Conditions::forgetAdded();
        Sections::forgetAdded();
        ControlKinds::forgetAdded();
    }
}
