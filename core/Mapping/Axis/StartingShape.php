<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

/** A shape to begin with, by what an axis is for. */
final readonly class StartingShape
{
    /**
     * @param string                     $why     one sentence: what it does for the hand
     * @param ?bool                      $centred for which axes it is; null: for all
     * @param array<string, array<string, mixed>> $parts in the open format, by AxisParts; what is not here is cleared
     * @param array<string, array<string, mixed>> $stops in the open format without their axes, by id
     * @param array<string, array<string, mixed>> $made  in the open format without their source, by id
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $why,
        public ?bool $centred,
        public array $parts,
        public array $stops = [],
        public array $made = [],
    ) {}

    /** @return array<string, self> by id */
    public static function all(): array
    {
        $shapes = [];
        foreach ([
            new self(
                'straight',
                'Straight',
                'What the hand does is what is sent: nothing bends, nothing holds.',
                null,
                [],
            ),
            new self('steering', 'Steering', 'Calm about straight on, so that small corrections stay small; full '
                .'lock is still full lock.', true, [
                'dead_zones' => ['rest' => 0.005], 'curve' => ['kind' => 'expo', 'k' => 0.15],
            ]),
            new self('stick', 'Stick for fine aim', 'A small movement does little and a large one does all: for '
                .'pitch, roll and yaw.', true, [
                'dead_zones' => ['rest' => 0.02], 'curve' => ['kind' => 'expo', 'k' => 0.3],
            ]),
            new self('brake', 'Brake by load', 'Answers to force as a real pedal does: little while it takes up, '
                .'most of it in the last third.', false, [
                'dead_zones' => ['low' => 0.03, 'high' => 0.02], 'curve' => [
                    'kind' => 'points',
                    'points' => [[0.0, 0.0], [0.35, 0.1], [0.65, 0.34], [0.85, 0.66], [1.0, 1.0]],
                ],
            ]),
            new self('clutch', 'Clutch with a bite point', 'Slow where it bites, about the middle, and quick before '
                .'and after: the way there is short, the way through is long.', false, [
                'dead_zones' => ['low' => 0.02, 'high' => 0.02], 'curve' => [
                    'kind' => 'points',
                    'points' => [[0.0, 0.0], [0.3, 0.36], [0.7, 0.54], [1.0, 1.0]],
                ],
            ]),
            new self('cruise', 'Throttle with a cruise stop', 'Cannot be pushed past 90 % until something opens the '
                .'stop, so cruise power is found by feel.', false, [
                'dead_zones' => ['low' => 0.02, 'high' => 0.015],
            ], ['cruise' => ['name' => 'Cruise', 'at' => 0.9, 'opens' => 'until drawn back']]),
            new self('idle', 'Throttle with idle and cruise stops', 'Stays above idle until the idle stop is opened; '
                .'drawn to the end then, it cuts the fuel. Stops at cruise power above.', false, [
                'dead_zones' => ['high' => 0.015],
            ], [
                'idle' => ['name' => 'Idle', 'at' => 0.12, 'side' => 'below', 'opens' => 'held'],
                'cruise' => ['name' => 'Cruise', 'at' => 0.9, 'opens' => 'until drawn back'],
            ], ['fuel-cut' => ['name' => 'Fuel cut', 'kind' => 'below', 'at' => 0.04, 'hysteresis' => 0.02]]),
            new self('trim', 'Trim lever with notches', 'Settles at the quarters and can be set anywhere between, so '
                .'that neutral is found without looking.', null, [
                'dead_zones' => ['low' => 0.02, 'high' => 0.02], 'notches' => [
                    'kind' => 'flat',
                    'at' => [0.25, 0.5, 0.75],
                    'width' => 0.025,
                ],
            ]),
            new self('flaps', 'Flap lever with five positions', 'Sends exactly five values; trembling cannot move it '
                .'out of a position.', false, [
                'dead_zones' => ['low' => 0.02, 'high' => 0.02], 'notches' => [
                    'kind' => 'stepped',
                    'at' => [0.0, 0.25, 0.5, 0.75, 1.0],
                    'hysteresis' => 0.03,
                ],
            ]),
        ] as $shape) {
            $shapes[$shape->id] = $shape;
        }

        return $shapes;
    }

    /** @return array<string, self> those for an axis that is centred, or is not, by id */
    public static function fitting(bool $centred): array
    {
        return array_filter(self::all(), fn (self $shape) => $shape->centred === null || $shape->centred === $centred);
    }
}
