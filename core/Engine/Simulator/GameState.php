<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Simulator;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Cause\Step;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Mapping\Output\OutputEvent;

/** What a stand-in of a simulator remembers. */
final class GameState
{
    public int $now = 0;

    /** Time of the next look at the controller, in µs. */
    public int $nextFrame = 0;

    /** @var array<string, float> */
    public array $variables = [];

    /** @var array<int, OutputEvent> controller buttons that are on */
    public array $buttons = [];

    /** @var array<int, OutputEvent> those that were on at the last look */
    public array $seenButtons = [];

    /** @var array<int, OutputEvent> what let go of those that have gone since the last look */
    public array $released = [];

    /** @var array<int, OutputEvent> controller axes that were sent since the last look */
    public array $movedAxes = [];

    /** @var array<string, true> keys that are down */
    public array $keys = [];

    /** @var array<string, string> actions that a key holds, by its code */
    public array $keyActions = [];

    /** What the window of the game that is open is for; empty if none is. */
    public string $window = '';

    /** @throws \UnexpectedValueException if it is not a game's state */
    public static function restore(string $written): self
    {
        $state = @unserialize(
            $written,
            [
                'allowed_classes' => [
                    self::class,
                    OutputEvent::class,
                    Cause::class,
                    Step::class,
                    StepKind::class,
                    Input::class,
                ],
            ],
        );
        if (! $state instanceof self) {
            throw new \UnexpectedValueException('The state of the game could not be read back.');
        }

        return $state;
    }
}
