<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Survey;

use Nailrod\Core\Engine\Survey\Survey;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FinderTest extends TestCase
{
    protected function setUp(): void
    {
        mt_srand(99);
    }

    public function test_with_the_rudder_trembling_and_a_contact_stuck_each_of_20_controls_is_found(): void
    {
        $hands = new Hands('sedge fennel gorse bracken', ['bracken/push-7' => 1]);
        $hands->tremble('sedge/rudder', 40, 44);
        $this->assertNull($hands->survey->finder->found, 'trembling is no movement');
        $touch = [
            'fennel/left-thumb', 'fennel/right-thumb', 'fennel/ring', 'fennel/mark', 'fennel/switch-1.up',
            'fennel/switch-2.up', 'fennel/switch-4.down', 'fennel/dial.3',
            'gorse/button-1', 'gorse/button-6', 'gorse/trigger.half', 'bracken/push-1', 'bracken/push-8',
            'bracken/push-12', 'bracken/sprung-2.up', 'bracken/sprung-4.down',
        ];
        foreach ($touch as $port) {
            $hands->put($port, 1);
            $hands->tremble('sedge/rudder', 5, 44, 1904);
            $this->assertSame($port, $hands->survey->finder->found);
            $hands->put($port, 0);
        }
        foreach (['fennel/left-lever' => 5000, 'gorse/stick.x' => 2600, 'gorse/twist' => 700] as $axis => $to) {
            $hands->put($axis, $to);
            $hands->tremble('sedge/rudder', 5, 44, 1904);
            $this->assertSame($axis, $hands->survey->finder->found);
        }
        $hands->put('bracken/encoder-3', -1);
        $this->assertSame('bracken/encoder-3', $hands->survey->finder->found);
        $left = implode("\n", $hands->survey->finder->leftOut($hands->rig, 1000 * $hands->ms));
        $this->assertMatchesRegularExpression(
            '/Rudder trembles by itself \(0\.\d % of its range\); only a movement past \d\.\d % counts\./',
            $left,
        );
        $this->assertStringContainsString('Push 7 (7) has been closed from the start and never opened.', $left);
    }

    public function test_a_hand_on_a_trembling_axis_is_told_from_its_trembling(): void
    {
        $hands = new Hands('sedge');
        $hands->tremble('sedge/rudder', 60, 120);
        for ($i = 0; $i < 30; $i++) {
            $hands->put('sedge/rudder', 1904 + 25 * $i + mt_rand(-120, 120), 8);
        }
        $this->assertSame('sedge/rudder', $hands->survey->finder->found);
        $count = $hands->survey->finder->count;
        $hands->tremble('sedge/rudder', 200, 120, 1904 + 25 * 29);
        $this->assertLessThanOrEqual(
            $count + 1,
            $hands->survey->finder->count,
            'where it was left it trembles on, unheard',
        );
    }

    public function test_a_lever_that_a_hand_moves_to_and_fro_does_not_count_as_trembling(): void
    {
        $hands = new Hands('fennel');
        foreach ([[0, 60000], [60000, 20000], [20000, 45000]] as [$from, $to]) {
            for ($i = 0; $i <= 12; $i++) {
                $hands->put('fennel/left-lever', (int) ($from + ($to - $from) * $i / 12), 16);
            }
        }
        $this->assertSame([], $hands->survey->finder->leftOut($hands->rig, 1000 * $hands->ms));
        $this->assertFalse($hands->survey->finder->isNoise('fennel/left-lever', 45000));
    }

    public function test_a_movement_of_three_percent_of_a_quiet_axis_is_one_and_less_is_not(): void
    {
        $hands = new Hands('fennel');
        $hands->put('fennel/left-lever', 1900);
        $this->assertNull($hands->survey->finder->found);
        $hands->put('fennel/left-lever', 2000);
        $this->assertSame('fennel/left-lever', $hands->survey->finder->found);
    }

    /**
     * @return iterable<string, array{list<int>, int}> the readings of one movement there and back, and the ms between
     *    them
     */
    public static function jumps(): iterable
    {
        yield 'a switch of a transmitter, from end to end' => [[2047, 0], 250];
        yield 'one of three positions' => [[1024, 0], 400];
        yield 'one of six, to its neighbour' => [[410, 0], 300];
        yield 'a paddle that is pulled to its end, fast' => [[700, 1400, 2047, 1400, 700, 0], 16];
        yield 'a paddle, slower' => [[400, 800, 1200, 1600, 2047, 1600, 1200, 800, 400, 0], 16];
        yield 'flipped as fast as a hand can' => [[2047, 0], 90];
    }

    /** @param list<int> $readings */
    #[DataProvider('jumps')]
    public function test_however_often_a_control_jumps_it_is_found_and_no_trembling(array $readings, int $ms): void
    {
        $hands = new Hands('burdock', ['burdock/switch-a' => 0]);
        for ($i = 0; $i < 20; $i++) {
            $count = $hands->survey->finder->count;
            foreach ($readings as $reading) {
                $hands->put('burdock/switch-a', $reading, $ms);
            }
            $this->assertGreaterThan($count, $hands->survey->finder->count, 'time '.$i);
            $this->assertSame([], $hands->survey->finder->leftOut($hands->rig, 1000 * $hands->ms), 'time '.$i);
        }
    }

    public function test_trembling_has_a_bound_fades_and_can_be_forgotten(): void
    {
        $wild = function (): Hands {
            $hands = new Hands('burdock', ['burdock/switch-a' => 1000]);
            for ($i = 0; $i < 60; $i++) {
                $hands->put('burdock/switch-a', 1000 + ($i % 2 === 0 ? 240 : -240), 16);
            }

            return $hands;
        };
        $hands = $wild();
        $words = $hands->survey->finder->leftOut($hands->rig, 1000 * $hands->ms)['burdock/switch-a'];
        $this->assertStringEndsWith('only a movement past 25.0 % counts.', $words);
        $this->assertTrue($hands->survey->finder->isNoise('burdock/switch-a', 1200));
        $hands->survey->finder->forget('burdock/switch-a');
        $this->assertSame([], $hands->survey->finder->leftOut($hands->rig, 1000 * $hands->ms));
        $this->assertFalse($hands->survey->finder->isNoise('burdock/switch-a', 1200));
        $hands = $wild();
        $hands->put('burdock/switch-a', 1000, 60_000);
        $hands->put('burdock/switch-a', 1100, 20);
        $this->assertFalse(
            $hands->survey->finder->isNoise('burdock/switch-a', 1200),
            'after a quiet minute it is as good as forgotten',
        );
        $hands = $wild();
        $this->assertTrue($hands->survey->order('forget', 'burdock/switch-a', [], $hands->rig, 0));
        $this->assertSame([], $hands->survey->finder->leftOut($hands->rig, 1000 * $hands->ms));
    }

    public function test_a_contact_that_chatters_is_left_out_and_said(): void
    {
        $hands = new Hands('gorse');
        for ($i = 0; $i < 30; $i++) {
            $hands->put('gorse/button-2', $i % 2 === 0 ? 1 : 0, 10);
        }
        $hands->press('gorse/button-3');
        $hands->put('gorse/button-2', 1, 10);
        $this->assertSame('gorse/button-3', $hands->survey->finder->found);
        $this->assertStringContainsString(
            'Button 2 (4) opens and closes by itself',
            $hands->survey->finder->leftOut($hands->rig, 1000 * $hands->ms)['gorse/button-2'],
        );
        $this->assertSame(
            [],
            $hands->survey->finder->leftOut($hands->rig, 1000 * $hands->ms + 2_000_000),
            'it has become quiet',
        );
    }

    public function test_opposites_and_directions_of_a_hat_are_found(): void
    {
        $hands = new Hands('fennel gorse', ['fennel/switch-1.up' => 1]);
        $hands->put('fennel/switch-1.up', 0);
        $this->assertSame('fennel/switch-1.down', $hands->survey->finder->found);
        $hands->put('gorse/hat', 1);
        $this->assertSame('gorse/hat.east', $hands->survey->finder->found);
        $hands->put('gorse/hat', 0);
        $this->assertSame('gorse/hat.east', $hands->survey->finder->found, 'north was closed already');
    }

    public function test_what_is_known_goes_through_the_state(): void
    {
        $hands = new Hands('sedge', []);
        $hands->tremble('sedge/rudder', 40, 44);
        $again = Survey::restore($hands->survey->write());
        $this->assertSame($hands->survey->finder->leftOut($hands->rig, 0), $again->finder->leftOut($hands->rig, 0));
        $this->assertNotSame([], $again->finder->leftOut($hands->rig, 0));
        $this->expectException(\UnexpectedValueException::class);
        Survey::restore('i:3;');
    }
}
