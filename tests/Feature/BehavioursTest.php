<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Sets\SetStore;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Behaviour\HasPresets;
use Nailrod\Core\Mapping\Behaviour\PlacesOutputs;
use Nailrod\Core\Mapping\Behaviour\Repeat;
use Nailrod\Core\Mapping\Behaviour\ShortLongDouble;
use Nailrod\Core\Mapping\Behaviour\Ticks;
use Nailrod\Core\Set\Cell;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What the forms of the picked cell do with behaviours, several outputs, conditions and flags. */
final class BehavioursTest extends TestCase
{
    private const MARK = ['layer' => 'base', 'ref' => 'fennel/mark'];

    /** @param array<string, mixed> $fields */
    private function send(string $path, array $fields): TestResponse
    {
        return $this->from('/sets/skerrywing/assign')->post(
            '/sets/skerrywing/'.$path,
            $fields + ['from' => app(SetStore::class)->open('skerrywing')->head_id],
        );
    }

    private function cell(string $ref = 'fennel/mark'): ?Cell
    {
        return app(SetStore::class)->current(app(SetStore::class)->open('skerrywing'))->cell('base', $ref);
    }

    public function test_a_behaviour_changes_and_the_outputs_stay(): void
    {
        $this->send(
            'cells/behave',
            self::MARK + [
                'behaviour' => 'repeat',
                'behave' => [
                    'delay_ms' => '450', 'period_ms' => '125', 'width_ms' => '60', 'while' => 'until pressed again',
                ],
            ],
        )
            ->assertSessionHas(
                'said',
                'Mark button in Cruise: Drop a sack · pulse 60 ms → Drop a sack · repeat after 450 ms every 125 ms '
                    .'until pressed again',
            );
        $this->assertInstanceOf(Repeat::class, $this->cell()?->behaviour);
        $this->send(
            'cells/behave',
            self::MARK + [
                'behaviour' => 'repeat', 'behave' => ['delay_ms' => '450', 'period_ms' => '50', 'width_ms' => '60'],
            ],
        )
            ->assertSessionHas(
                'problem',
                'The behaviour, width: found 60 ms, expected a width of less than the delay and the period, 50 ms.',
            );
    }

    public function test_several_outputs_come_beside_each_other_and_go_again(): void
    {
        $this->send(
            'cells',
            self::MARK + ['does' => 'action', 'beside' => '1', 'output' => ['action' => 'anchor-light']],
        );
        $this->send('cells', self::MARK + ['does' => 'key', 'beside' => '1', 'output' => ['code' => 'F9']]);
        $this->assertCount(3, $this->cell()->outputs ?? []);
        $this->send(
            'cells/behave',
            self::MARK + [
                'behaviour' => 'short/long/double',
                'behave' => [
                    'preset' => 'tap, hold and double tap', 'long_ms' => '400', 'double_ms' => '250',
                    'width_ms' => '50',
                ],
            ],
        );
        $behaviour = $this->cell()?->behaviour;
        $this->assertInstanceOf(ShortLongDouble::class, $behaviour);
        $this->assertSame(
            [0, 1, 2, 400_000, 250_000, 50_000],
            [
                $behaviour->short, $behaviour->long, $behaviour->double, $behaviour->t1, $behaviour->t2,
                $behaviour->width,
            ],
        );
        $this->get('/sets/skerrywing/assign?layer=base&ref=fennel/mark')->assertSeeInOrder(
            ['tap:', 'Drop a sack', 'hold:', 'Anchor light', 'double tap:', 'key F9'],
        );
        $this->send('cells/outputs/remove', self::MARK + ['index' => '1']);
        $this->assertCount(2, $this->cell()->outputs ?? []);
        $this->send('cells/outputs/remove', self::MARK + ['index' => '0']);
        $this->send('cells/outputs/remove', self::MARK + ['index' => '0']);
        $this->assertNull($this->cell());
        $this->send('cells/outputs/remove', self::MARK + ['index' => '0'])->assertSessionHas('problem');
    }

    /**
     * By every choice that a behaviour with places offers: the next output goes where there is none, and is not
     * refused.
     */
    public function test_an_output_goes_to_the_place_that_has_none_yet(): void
    {
        $tried = 0;
        foreach (Behaviours::all() as $kind => $class) {
            foreach (is_subclass_of($class, HasPresets::class) ? $class::presets() : [] as $preset => $places) {
                DB::beginTransaction();
                $this->send('cells', self::MARK + ['does' => 'action', 'output' => ['action' => 'drop-sack']]);
                $this->send(
                    'cells/behave',
                    self::MARK + ['behaviour' => (string) $kind, 'behave' => ['preset' => $preset]],
                )->assertSessionHas('said');
                foreach (['anchor-light', 'bilge'] as $i => $action) {
                    if ($i + 1 < count($places)) {
                        $this->send(
                            'cells',
                            self::MARK + ['does' => 'action', 'beside' => '1', 'output' => ['action' => $action]],
                        )->assertSessionMissing('problem');
                    }
                }
                $cell = $this->cell();
                $this->assertCount(count($places), $cell->outputs ?? [], $preset);
                $this->assertSame(
                    [],
                    $cell?->behaviour instanceof PlacesOutputs
                        ? $cell->behaviour->openRoles(count($cell->outputs))
                        : null,
                    $preset,
                );
                $this->assertSame(
                    $preset,
                    $cell?->behaviour instanceof HasPresets ? $cell->behaviour->preset() : null,
                    $preset,
                );
                $tried++;
                DB::rollBack();
            }
        }
        $this->assertGreaterThan(2, $tried);
    }

    public function test_of_a_button_that_holds_a_layer_the_hold_does_and_a_tap_does_what_comes_beside(): void
    {
        $this->send(
            'cells',
            self::MARK + ['does' => 'hold layer', 'output' => ['layer' => 'water']],
        )->assertSessionMissing('problem');
        $this->send(
            'cells/behave',
            self::MARK + ['behaviour' => 'short/long/double', 'behave' => ['preset' => 'tap and hold']],
        )->assertSessionMissing('problem');
        $this->get('/sets/skerrywing/assign?layer=base&ref=fennel/mark')->assertSeeInOrder(
            ['hold:', 'On water', 'tap:', 'nothing yet', 'Anchor light'],
        );
        $this->send(
            'cells',
            self::MARK + ['does' => 'action', 'beside' => '1', 'output' => ['action' => 'anchor-light']],
        )->assertSessionMissing('problem');
        $behaviour = $this->cell()?->behaviour;
        $this->assertInstanceOf(ShortLongDouble::class, $behaviour);
        $this->assertSame([1, 0], [$behaviour->short, $behaviour->long]);
        $this->get(
            '/sets/skerrywing/assign?layer=base&ref=fennel/mark',
        )->assertSeeInOrder(['hold:', 'On water', 'tap:', 'Anchor light']);
    }

    public function test_an_assignment_depends_on_a_flag_or_a_variable(): void
    {
        $this->send('flags', ['name' => 'On the water'])->assertSessionHas(
            'said',
            'Flag On the water: not said here → named "On the water"',
        );
        $this->send('cells/depend', self::MARK + ['when' => 'flag on-the-water up', 'when_to' => '0'])
            ->assertSessionHas(
                'said',
                'Mark button in Cruise: Drop a sack · pulse 60 ms → Drop a sack, only while On the water is up · '
                    .'pulse 60 ms',
            );
        $this->send('cells/depend', self::MARK + ['when' => 'variable flaps ≥', 'when_to' => '2']);
        $this->assertSame(['variable' => 'flaps', 'is' => '≥', 'to' => 2.0], $this->cell()?->when?->toArray());
        $this->send('cells', self::MARK + ['does' => 'action', 'output' => ['action' => 'anchor-light']]);
        $this->assertNotNull($this->cell()?->when, 'another action keeps what it depends on');
        foreach (
            [
                '' => 'Than: found nothing, expected a number.', 'much' => 'Than: found much, expected a number.',
            ] as $than => $told
        ) {
            $this->send(
                'cells/depend',
                self::MARK + ['when' => ['variable flaps ≥'], 'when_to' => [$than]],
            )->assertSessionHas('problem', $told);
        }
        $this->send('cells/depend', self::MARK + ['when' => 'always', 'when_to' => '0']);
        $this->assertNull($this->cell()->when ?? null);
        $this->send(
            'cells/depend',
            self::MARK + ['when' => 'flag none up', 'when_to' => '0'],
        )->assertSessionHas('problem');
    }

    public function test_a_tick_direction_of_an_encoder_gets_a_pulse_for_each_tick(): void
    {
        $this->send(
            'cells',
            [
                'layer' => 'base', 'ref' => 'fennel/encoder.plus', 'does' => 'action',
                'output' => ['action' => 'trim-up'],
            ],
        );
        $this->assertInstanceOf(Ticks::class, $this->cell('fennel/encoder.plus')?->behaviour);
        $this->send(
            'cells/behave',
            ['layer' => 'base', 'ref' => 'fennel/encoder.plus', 'behaviour' => 'follow'],
        )->assertSessionHas('problem');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function outputs(): iterable
    {
        yield 'a hat' => [['does' => 'hat', 'output' => ['number-hat' => '1', 'direction' => 'east']], 'hat 1 east'];
        yield 'a mouse button' => [['does' => 'mouse button', 'output' => ['button' => 'right']], 'right mouse button'];
        yield 'the wheel' => [['does' => 'mouse wheel', 'output' => ['by' => '-2']], 'mouse wheel -2'];
        yield 'a media key' => [['does' => 'consumer control', 'output' => ['usage' => '233']], 'Volume up'];
        yield 'a variable in steps' => [
            [
                'does' => 'step variable',
                'output' => [
                    'name' => 'flaps', 'by-step-variable' => '1', 'low' => '0', 'high' => '3', 'at_limit' => 'wraps',
                ],
            ],
            'variable flaps +1, 0 to 3, wraps',
        ];
        yield 'two values in turn' => [
            ['does' => 'swap variable', 'output' => ['name' => 'flaps', 'first' => '0', 'second' => '2']],
            'variable flaps, 0 or 2 in turn',
        ];
        yield 'a lamp' => [['does' => 'lamp', 'output' => ['lamp' => 'fennel/lamp-1']], 'light fennel/lamp-1'];
        yield 'go to a layer' => [['does' => 'go to layer', 'output' => ['layer' => 'water']], 'go to water'];
        yield 'the next layer' => [
            ['does' => 'step layer', 'output' => ['direction-step-layer' => 'next', 'layers' => ['base', 'water']]],
            'next layer of base, water',
        ];
        yield 'let go of everything' => [['does' => 'let go of everything'], 'lets go of everything'];
    }

    /** @param array<string, mixed> $fields */
    #[DataProvider('outputs')]
    public function test_each_kind_of_output_is_chosen_by_its_form(array $fields, string $words): void
    {
        $this->send('cells', self::MARK + $fields + ['behaviour' => 'follow'])->assertSessionHasNoErrors();
        $this->assertSame($words, $this->cell()?->outputs[0]->inWords(new PlainNames));
        $this->get('/sets/skerrywing/assign?layer=base&ref=fennel/mark')->assertOk();
    }
}
