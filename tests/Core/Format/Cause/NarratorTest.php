<?php

declare(strict_types=1);

namespace Tests\Core\Format\Cause;

use Nailrod\Core\Engine\Live\Live;
use Nailrod\Core\Engine\Live\LiveState;
use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Simulator\GameEvent;
use Nailrod\Core\Engine\Tape\Narrator;
use Nailrod\Core\Engine\Tape\OutputWords;
use Nailrod\Core\Engine\Tape\Sentence;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\PartPath;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;
use Tests\Core\Desk;

/** The sentences of the tape, with the demo rig and its names. */
final class NarratorTest extends TestCase
{
    private static function set(): BindingSet
    {
        $set = DemoSets::skerrywing();
        $stop = [
            'name' => 'Cruise', 'axes' => ['fennel/left-lever', 'fennel/right-lever'], 'at' => 0.92,
            'opens' => 'until drawn back',
        ];

        return DemoSets::skerrywing((new Edits($set))->stop('cruise', $stop, 'fennel/left-thumb'));
    }

    private static function live(): Live
    {
        $set = self::set();
        $live = new Live(Compiler::compile($set), $set, new LiveState);
        $live->begin();

        return $live;
    }

    /**
     * @param list<array{int, string, int}> $inputs times in ms
     *
     * @return list<string>
     */
    private static function said(Live $live, array $inputs): array
    {
        $step = $live->step(
            array_map(fn (array $input) => new Input(1000 * $input[0], $input[1], $input[2]), $inputs),
            1000 * $inputs[count($inputs) - 1][0],
        );

        // What the game makes of it comes at its next look.
        return array_map(
            fn (Sentence $sentence) => implode(' → ', $sentence->parts),
            array_values(array_filter(
                $step->sentences,
                fn (Sentence $sentence) => preg_match('#^game[ /]#', $sentence->about) !== 1,
            )),
        );
    }

    public function test_an_axis_tells_reading_travel_shape_stop_layer_action_and_what_is_sent(): void
    {
        $live = self::live();
        $this->assertSame(
            [
                'Fennel · Left lever reads 33000 → travel 50.2 % → shaped 50.0 % → layer Cruise → Power → sends 50.0 '
                    .'% on axis 1',
            ],
            self::said($live, [[10, 'fennel/left-lever', 33_000]]),
        );
        $this->assertSame(
            [
                'Fennel · Left lever reads 63000 → travel 97.0 % → shaped 98.5 % → Cruise at 92 % is shut → layer '
                    .'Cruise → Power → sends 92.0 % on axis 1',
            ],
            self::said($live, [[20, 'fennel/left-lever', 63_000]]),
        );
        $this->assertSame(
            [
                'Fennel · Left lever reads 64000 → travel 98.6 % → shaped 100.0 % → Cruise at 92 % is shut → still '
                    .'sends 92.0 %',
            ],
            self::said($live, [[30, 'fennel/left-lever', 64_000]]),
        );
        $this->assertSame(
            [
                'Fennel · Left thumb closed → layer Cruise → follow → Cruise opens → Left lever → sends 100.0 % on '
                    .'axis 1',
            ],
            self::said($live, [[40, 'fennel/left-thumb', 1]]),
        );
    }

    public function test_a_centred_axis_is_told_from_minus_to_plus(): void
    {
        $this->assertSame(
            ['Gorse · Stick X reads 0 → travel -100.0 % → layer Cruise → Roll → sends -100.0 % on axis 4'],
            self::said(self::live(), [[10, 'gorse/stick.x', 0]]),
        );
    }

    public function test_an_axis_is_told_under_its_own_name_so_that_the_newest_stands_for_it(): void
    {
        $live = self::live();
        $step = $live->step(
            [new Input(10_000, 'fennel/left-lever', 30_000), new Input(11_000, 'fennel/left-lever', 31_000)],
            12_000,
        );
        $this->assertSame(['fennel/left-lever'], array_map(fn (Sentence $s) => $s->about, $step->sentences));
        $this->assertStringContainsString('reads 31000', $step->sentences[0]->parts[0]);
    }

    public function test_only_beginnings_are_for_the_tape_and_every_output_is_told_once(): void
    {
        $live = self::live();
        $step = $live->step(
            [new Input(10_000, 'fennel/switch-1.up', 1), new Input(12_000, 'gorse/button-3', 1)],
            200_000,
        );
        $this->assertSame([false, false, true, true], array_map(fn (Sentence $s) => $s->ends, $step->sentences));
        $keys = array_merge(...array_map(fn (Sentence $s) => $s->keys, $step->sentences));
        $this->assertEqualsCanonicalizing(array_map(fn (OutputEvent $e) => $e->key(), $step->outputs), $keys);
    }

    /** @return iterable<string, array{string, string}> */
    public static function origins(): iterable
    {
        yield 'the start' => [Cause::START, 'Found at the start → output 9 on'];
        yield 'an edit' => [Cause::SET_CHANGED, 'The set was changed → output 9 on'];
        yield 'a device gone' => [Cause::UNPLUGGED, 'The device was unplugged → output 9 on'];
        yield 'a device that is back' => [Cause::PLUGGED_IN, 'The device was plugged in → output 9 on'];
        yield 'the end' => [Cause::CLOSED, 'The bench was left → output 9 on'];
    }

    #[DataProvider('origins')]
    public function test_what_does_not_begin_at_an_input_is_told_too(string $origin, string $sentence): void
    {
        $sentences = (new Narrator(self::set()))->sentences(
            [new OutputEvent(5, OutputEvent::BUTTON, '9', 1, new Cause($origin))],
        );
        $this->assertSame($sentence, implode(' → ', $sentences[0]->parts));
    }

    public function test_outputs_have_names_with_their_actions(): void
    {
        $live = self::live();
        $words = new OutputWords(self::set());
        $step = $live->step(
            [
                new Input(10_000, 'fennel/switch-1.up', 1), new Input(11_000, 'fennel/left-thumb', 1),
                new Input(12_000, 'fennel/ring', 1), new Input(13_000, 'gorse/button-3', 1),
            ],
            20_000,
        );
        $names = array_map($words->nameOf(...), $step->outputs);
        $this->assertSame(['output 5 · Pitot heat on', 'stop Cruise', 'live', 'Lamp 1', 'key B'], $names);
        $game = fn (string $variable, float $value, string $window = ''): string => implode(
            ' | ',
            $words->game(new GameEvent(1, $variable, $value, null, $window)),
        );
        $this->assertSame('Mooring line | made fast', $game('mooring', 1.0));
        $this->assertSame('unknown | 1.5', $game('unknown', 1.5));
        $this->assertSame(
            'its own window | is open: map. It keeps this key for itself, and takes all keys until Escape',
            $game(GameEvent::WINDOW, 1.0, 'map'),
        );
        $this->assertSame('its own window | is shut', $game(GameEvent::WINDOW, 0.0));
        $this->assertSame('nothing of output 5 | (it was over between two looks)', $game(GameEvent::MISSED, 5.0));
        $this->assertSame('nothing of output 129 | (it sees only the first 128)', $game(GameEvent::MISSED, 129.0));
    }

    public function test_a_switch_that_writes_a_variable_is_told_with_the_words_of_the_game(): void
    {
        $set = self::set();
        $document = (new Edits($set))->assign(
            'base',
            'fennel/switch-2.up',
            null,
            [new \Nailrod\Core\Mapping\Output\ActionOutput('anchor-light')],
        );
        $set = DemoSets::skerrywing($document);
        $set = DemoSets::skerrywing((new Edits($set))->keepInStep('base', 'fennel/switch-2.up'));
        $live = new Live(Compiler::compile($set), $set, new LiveState);
        $live->begin();
        $this->assertSame(
            ['Fennel · Switch 2 up closed → layer Cruise → follow → Anchor light → Anchor light is set to on'],
            self::said($live, [[10, 'fennel/switch-2.up', 1]]),
        );
        $live->step([new Input(20_000, 'sim/anchor_light', 0)], 21_000);
        $this->assertSame(0.0, $live->state->game->variables['anchor_light']);
        self::said($live, [[30, 'fennel/switch-2.up', 0]]);
        self::said($live, [[40, 'fennel/switch-2.up', 1]]);
        $this->assertSame(1.0, $live->state->game->variables['anchor_light']);
    }

    public function test_what_is_made_from_axes_is_named_on_the_way(): void
    {
        $document = DemoSets::skerrywing()->merged->own
            ->with(
                PartPath::made('fuel-cut'),
                ['kind' => 'below', 'name' => 'Fuel lever', 'of' => ['fennel/friction'], 'at' => 0.04],
            )
            ->with(
                PartPath::cell('base', 'made/fuel-cut'),
                [
                    'behaviour' => ['kind' => 'pulse', 'on' => 'press', 'width_ms' => 60],
                    'outputs' => [['kind' => 'action', 'action' => 'fuel-cut']],
                ],
            )
            ->with(
                PartPath::cell('base', 'made/clutch'),
                ['outputs' => [['kind' => 'mouse movement', 'direction' => 'y', 'speed' => 1000]]],
            );
        $set = DemoSets::skerrywing($document);
        $live = new Live(Compiler::compile($set), $set, new LiveState);
        $live->begin();
        self::said($live, [[10, 'fennel/friction', 500]]);
        $said = self::said($live, [[20, 'fennel/friction', 0]]);
        $this->assertStringContainsString(
            'Fennel · Friction slider reads 0 → travel 0.0 % → Fuel lever closed → layer Cruise → pulse 60 ms → Fuel '
                .'cut → key Shift+C',
            implode('; ', $said),
        );
        $this->assertStringContainsString(
            'Rowan · Left clutch paddle reads 255 → travel 100.0 % → builds Clutch → layer Cruise → mouse down by 1 px',
            implode('; ', self::said($live, [[30, 'rowan/left-paddle', 255], [40, 'rowan/left-paddle', 255]])),
        );
    }

    public function test_a_macro_that_its_own_condition_keeps_still_says_so(): void
    {
        $desk = Desk::plain()->saying(['flags' => ['quiet' => ['name' => 'Quiet']], 'macros' => [
            'call' => [
                'name' => 'Call', 'when' => ['flag' => 'quiet', 'is' => 'up'],
                'steps' => [['do' => 'tap', 'output' => ['kind' => 'button', 'number' => 1], 'ms' => 20]],
            ],
        ],
            'cells' => [
                'base' => [
                    'd/b1' => ['behaviour' => ['kind' => 'macro', 'macro' => 'call']],
                    'd/b2' => [
                        'behaviour' => ['kind' => 'follow'],
                        'outputs' => [['kind' => 'start macro', 'macro' => 'call']],
                    ],
                ],
            ]]);
        $live = new Live($desk->program(), $desk->assembled(), new LiveState);
        $live->begin();
        $this->assertSame(
            ['Desk · Button 1 closed → layer Base → macro Call plays only while Quiet is up'],
            self::said($live, [[10, 'd/b1', 1], [20, 'd/b1', 0]]),
        );
        $this->assertSame(
            ['Desk · Button 2 closed → layer Base → macro Call plays only while Quiet is up'],
            self::said($live, [[30, 'd/b2', 1], [40, 'd/b2', 0]]),
        );
    }

    public function test_an_input_that_no_assignment_had_a_part_in_is_said_in_words(): void
    {
        $desk = Desk::plain()->saying([
            'lamps' => [
                'l' => ['lamp' => 'd/lamp', 'while' => ['contact' => 'd/b1']],
                'n' => ['lamp' => 'd/lamp', 'while' => ['contact' => 'd/h.north'], 'colour' => 'red'],
            ],
        ]);
        $live = new Live($desk->program(), $desk->assembled(), new LiveState);
        $live->begin();
        $this->assertSame(['Desk · Button 1 closed → its rule → Lamp is lit'], self::said($live, [[10, 'd/b1', 1]]));
        $this->assertSame(['Desk · Button 1 opened → its rule → Lamp is dark'], self::said($live, [[20, 'd/b1', 0]]));
        $this->assertSame(['Desk · Hat north closed → its rule → Lamp is red'], self::said($live, [[30, 'd/h', 0]]));
        $this->assertSame(['Desk · Hat is let go → its rule → Lamp is dark'], self::said($live, [[40, 'd/h', -1]]));
    }
}
