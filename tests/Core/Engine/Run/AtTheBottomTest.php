<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Run\Swap;
use Nailrod\Core\Format\Cause\Input;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/**
 * A lever that stands at its lowest reading has reported: 0 is a place like any other, also for a run that is taken up
 * again.
 */
final class AtTheBottomTest extends TestCase
{
    /** @return array<string, mixed> */
    private static function button(int $number): array
    {
        return ['kind' => 'button', 'number' => $number];
    }

    private static function lever(): Desk
    {
        return Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1]);
    }

    /**
     * Plays lines one at a time, each by a machine of its own that is taken up from the state of the one before.
     *
     * @return list<string>
     */
    private static function resumed(Desk $desk, string ...$lines): array
    {
        $program = $desk->program();
        $machine = Machine::start($program);
        $events = $machine->feed(Desk::inputs($lines[0]));
        foreach (array_slice($lines, 1) as $line) {
            $machine = Machine::resume($program, $machine->state);
            array_push($events, ...$machine->feed(Desk::inputs($line)));
        }

        return Desk::rows([...$events, ...$machine->finish()]);
    }

    public function test_a_stop_whose_opener_is_let_go_of_there_shuts(): void
    {
        $desk = self::lever()->cell('base', 'b1', 'follow', ['kind' => 'open stop', 'stop' => 'cruise'])
            ->saying([
                'stops' => [
                    'cruise' => ['name' => 'Cruise', 'axes' => ['d/a'], 'at' => 0.92, 'opens' => 'until drawn back'],
                ],
            ]);
        $this->assertSame(
            ['10 axis 1 60292', '20 stop cruise 1', '20 axis 1 65535', '30 axis 1 0', '40 stop cruise 0'],
            $desk->play('10 a 1000', '20 b1 1', '30 a 0', '40 b1 0'),
        );
    }

    public function test_a_stop_from_below_that_a_held_button_keeps_shut_lifts_it_in_a_new_set(): void
    {
        $desk = self::lever()->cell('base', 'b1', 'follow', self::button(1));
        $new = self::lever()->cell('base', 'b1', 'follow', ['kind' => 'open stop', 'stop' => 'idle'])
            ->saying([
                'stops' => [
                    'idle' => [
                        'name' => 'Idle', 'axes' => ['d/a'], 'at' => 0.3, 'side' => 'below', 'opens' => 'held shut',
                    ],
                ],
            ]);
        $machine = Machine::start($desk->program());
        $machine->feed(Desk::inputs('10 a 0', '10 b1 1'));
        [$swapped, $events] = Swap::to($new->program(), $desk->program(), $machine->state);
        $this->assertSame(
            ['10 button 1 0', '10 stop idle 1', '10 stop idle 0', '10 axis 1 19661'],
            Desk::rows($events),
        );
        $this->assertSame(
            ['30 axis 1 26214'],
            Desk::rows($swapped->feed(Desk::inputs('20 a 1', '30 a 400'))),
            'and what it holds back is not sent again',
        );
    }

    public function test_what_a_new_set_makes_from_it_is_found(): void
    {
        $desk = Desk::plain()->saying(
            ['made' => ['high' => ['kind' => 'above', 'name' => 'High', 'of' => ['d/a'], 'at' => 0.5]]],
        );
        $new = Desk::plain()->saying([
            'made' => ['low' => ['kind' => 'below', 'name' => 'Low', 'of' => ['d/a'], 'at' => 0.2]],
            'cells' => [
                'base' => [
                    'made/low' => ['behaviour' => ['kind' => 'pulse', 'width_ms' => 5], 'outputs' => [self::button(9)]],
                ],
            ],
        ]);
        $machine = Machine::start($desk->program());
        $machine->feed(Desk::inputs('10 a 0'));
        [$swapped, $events] = Swap::to($new->program(), $desk->program(), $machine->state);
        $this->assertSame(
            [[], []],
            [Desk::rows($events), Desk::rows([...$swapped->feed(Desk::inputs('200 a 1')), ...$swapped->finish()])],
            'an edit is no press, nor is what only goes on',
        );
    }

    public function test_directions_of_a_built_axis_go_on_from_its_place_when_a_run_is_taken_up_again(): void
    {
        $desk = Desk::plain()->saying([
            'made' => [
                'x' => ['kind' => 'difference', 'name' => 'X', 'of' => ['d/a', 'd/b']],
                'way' => ['kind' => 'four directions', 'name' => 'Way', 'of' => ['made/x', 'd/c']],
            ],
            'cells' => [
                'base' => [
                    'made/way.east' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(1)]],
                    'made/way.south' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(2)]],
                ],
            ],
        ]);
        $lines = ['5 c 500', '10 a 0', '20 b 0', '30 a 1000', '40 c 510', '50 c 520'];
        $this->assertNotSame([], $desk->play(...$lines));
        $this->assertSame($desk->play(...$lines), self::resumed($desk, ...$lines));
    }

    public function test_a_spike_is_waited_for_though_another_timer_runs_when_the_run_is_taken_up_again(): void
    {
        $desk = self::lever()->saying(['axes' => ['d/a' => ['steady' => ['spikes' => true]]]])->cell(
            'base',
            'b1',
            ['kind' => 'pulse', 'width_ms' => 500],
            self::button(1),
        );
        $lines = ['0 a 0', '10 b1 1', '20 a 1000', '30 b1 0'];
        $this->assertContains('40 axis 1 65535', $desk->play(...$lines));
        $this->assertSame($desk->play(...$lines), self::resumed($desk, ...$lines));
    }

    public function test_a_device_that_came_or_went_beside_what_hands_did_is_played_as_it_was(): void
    {
        $desk = Desk::plain()->cell('base', 'b1', 'follow', self::button(1));
        $machine = Machine::start($desk->program());
        $events = $machine->feed([
            ...Desk::inputs('10 b1 1'),
            Input::plug(20_000, 'd', false), Input::plug(30_000, 'd', true),
            ...Desk::inputs('40 b1 1'),
        ]);
        $this->assertSame(['10 button 1 1', '20 button 1 0', '40 button 1 1'], Desk::rows([...$events]));
    }
}
