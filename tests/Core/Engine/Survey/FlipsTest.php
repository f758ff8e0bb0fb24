<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Survey;

use Nailrod\Core\Engine\Survey\Flips;
use Nailrod\Core\Engine\Survey\Survey;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Set\ShapeEdits;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** A switch that arrives as an axis gets a zone for each place where it was left standing. */
final class FlipsTest extends TestCase
{
    private static function axis(): AxisInput
    {
        return new AxisInput('burdock/switch-e', 'Switch E', 6, 0, 2047, false);
    }

    /** @param list<array{int, int}> $stands readings, and for how many ms it stands there */
    private static function flipped(array $stands, int $noise = 0, bool $ramps = false): array
    {
        mt_srand(3);
        $axis = self::axis();
        $flips = new Flips($axis->ref, $stands[0][0], 0);
        $us = 0;
        foreach ($stands as $i => [$reading, $ms]) {
            // A slow switch passes what lies between.
            foreach ($ramps && $i > 0 ? range(1, 9) : [] as $part) {
                $flips->take(
                    $axis,
                    (int) ($stands[$i - 1][0] + ($reading - $stands[$i - 1][0]) * $part / 10),
                    $us += 4000,
                );
            }
            for ($left = $ms; $left > 0; $left -= 20) {
                $flips->take($axis, $reading + ($noise === 0 ? 0 : mt_rand(-$noise, $noise)), $us);
                $us += 20_000;
            }
        }

        return [$flips, $us];
    }

    public function test_it_has_as_many_positions_as_it_was_left_standing_at_however_it_was_flipped(): void
    {
        foreach ([[0, false], [15, false], [15, true]] as [$noise, $ramps]) {
            [$flips, $now] = self::flipped(
                [[1024, 400], [40, 500], [1024, 300], [2000, 900], [1024, 400]],
                $noise,
                $ramps,
            );
            $this->assertEqualsWithDelta([40, 1024, 2000], $flips->positions(self::axis(), $now), 12);
            $zones = $flips->zones(Shaping::read(self::axis(), []), $now);
            $this->assertEqualsWithDelta([0.26, 0.74], $zones['bounds'] ?? [], 0.01);
            $this->assertSame(['low', 'middle', 'high'], $zones['names'] ?? []);
        }
        [$two, $now] = self::flipped([[0, 400], [2047, 400]]);
        $this->assertSame(['low', 'high'], $two->zones(Shaping::read(self::axis(), []), $now)['names'] ?? []);
        [$six, $now] = self::flipped(array_map(fn (int $n) => [400 * $n, 300], range(0, 5)));
        $this->assertSame('position 6', $six->zones(Shaping::read(self::axis(), []), $now)['names'][5] ?? '');
    }

    public function test_what_it_only_passed_is_no_position_and_one_alone_makes_no_zones(): void
    {
        [$flips, $now] = self::flipped([[0, 400], [700, 100], [1400, 200]]);
        $this->assertSame([0], $flips->positions(self::axis(), $now));
        $this->assertNull($flips->zones(Shaping::read(self::axis(), []), $now));
        $this->assertSame(
            [0, 1400],
            $flips->positions(self::axis(), $now + 300_000),
            'where it stands now counts once it has stood',
        );
    }

    public function test_a_switch_that_nobody_flips_any_more_is_let_be(): void
    {
        $rig = DemoSets::skerrywing()->rig;
        $survey = new Survey;
        $this->assertTrue($survey->order('flip', 'burdock/switch-b', ['burdock/switch-b' => 0], $rig, 0));
        $this->assertFalse($survey->order('flip', 'burdock/nowhere', [], $rig, 0));
        $this->assertSame([true, true], [$survey->isMeasuring(), $survey->goOn($rig, 60_000_000)]);
        $survey->take(new Input(100_000_000, 'burdock/switch-b', 2047), 0, $rig);
        $survey = Survey::restore($survey->write());
        $this->assertSame([true, true], [$survey->goOn($rig, 200_000_000), $survey->isMeasuring()]);
        $this->assertSame([true, false], [$survey->goOn($rig, 221_000_000), $survey->isMeasuring()]);
        $this->assertFalse($survey->goOn($rig, 222_000_000));
    }

    public function test_zones_follow_the_calibration_and_are_made_anew_under_their_names(): void
    {
        [$flips, $now] = self::flipped([[2000, 400], [40, 400]]);
        $turned = Shaping::read(
            self::axis(),
            ['calibrate' => Node::of(['low' => 0, 'high' => 2000, 'reverse' => true])],
        );
        $this->assertEqualsWithDelta([0.49], $flips->zones($turned, $now)['bounds'] ?? [], 0.001);
        $set = DemoSets::skerrywing();
        $axis = array_key_first(
            array_filter($set->rig->axes, fn (AxisInput $one) => $one->jumps === 3),
        ) ?? throw new \LogicException;
        $once = DemoSets::skerrywing((new ShapeEdits($set))->zonesOf(
            $axis,
            ['bounds' => [0.25, 0.75], 'hysteresis' => 0.01, 'names' => ['low', 'middle', 'high']],
        ));
        $made = array_filter($once->made, fn ($one) => $one->sources() === [$axis]);
        $this->assertCount(1, $made);
        $id = (string) array_key_first($made);
        $named = DemoSets::skerrywing((new ShapeEdits($once))->made(
            $id,
            ['name' => 'Flaps lever', 'names' => ['up', 'half', 'full']] + $made[$id]->toArray(),
        ));
        $again = DemoSets::skerrywing((new ShapeEdits($named))->zonesOf(
            $axis,
            ['bounds' => [0.3, 0.7], 'hysteresis' => 0.01, 'names' => ['low', 'middle', 'high']],
        ));
        $this->assertSame(
            [['up', 'half', 'full'], [0.3, 0.7], 'Flaps lever'],
            [$again->made[$id]->toArray()['names'], $again->made[$id]->toArray()['bounds'], $again->made[$id]->name()],
        );
        $fewer = DemoSets::skerrywing((new ShapeEdits($named))->zonesOf(
            $axis,
            ['bounds' => [0.5], 'hysteresis' => 0.01, 'names' => ['low', 'high']],
        ));
        $this->assertSame(['low', 'high'], $fewer->made[$id]->toArray()['names']);
    }
}
