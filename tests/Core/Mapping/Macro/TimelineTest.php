<?php

declare(strict_types=1);

namespace Tests\Core\Mapping\Macro;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Mapping\Macro\Bar;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Macro\MacroRecorder;
use Nailrod\Core\Mapping\Macro\MacroStep;
use Nailrod\Core\Mapping\Macro\Timeline;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Mapping\Output\MouseWheel;
use PHPUnit\Framework\TestCase;

final class TimelineTest extends TestCase
{
    /** @return array<string, KeyLayout> */
    private static function layouts(): array
    {
        return ['us' => KeyLayout::fromJson((string) file_get_contents(__DIR__.'/../../../../layouts/us.layout.json'))];
    }

    /** @param list<array<string, mixed>> $steps */
    private static function line(array $steps): Timeline
    {
        return Timeline::of(Macro::read('m', Node::of(['name' => 'M', 'steps' => $steps])), self::layouts());
    }

    /** @return list<string> */
    private static function bars(Timeline $line): array
    {
        return array_map(
            fn (Bar $bar) => sprintf(
                '%s %s-%s',
                $bar->output?->inWords(new PlainNames) ?? '"'.$bar->text.'"',
                json_encode($bar->from / 1000),
                json_encode($bar->to / 1000),
            ),
            $line->bars,
        );
    }

    /** @return list<string> */
    private static function steps(Timeline $line): array
    {
        return array_map(
            fn (MacroStep $step) => trim(
                $step->does.' '.(
                    $step->output?->inWords(new PlainNames) ?? $step->text
                ).' '.($step->time > 0 ? json_encode($step->time / 1000) : ''),
            ),
            $line->steps(),
        );
    }

    private const KEY_A = ['kind' => 'key', 'code' => 'KeyA'];
    private const KEY_B = ['kind' => 'key', 'code' => 'KeyB'];

    public function test_steps_become_bars_and_bars_become_steps(): void
    {
        $line = self::line([
            ['do' => 'press', 'output' => self::KEY_A], ['do' => 'wait', 'ms' => 10], [
                'do' => 'tap', 'output' => self::KEY_B, 'ms' => 40,
            ],
            ['do' => 'release', 'output' => self::KEY_A], [
                'do' => 'type', 'text' => 'Ab', 'layout' => 'us', 'ms' => 15,
            ], ['do' => 'wait', 'ms' => 5],
        ]);
        $this->assertSame(['key A 0-50', 'key B 10-50', '"Ab" 50-110'], self::bars($line));
        $this->assertSame(115_000, $line->length);
        $this->assertSame(5_000, $line->pause());
        $this->assertSame(
            ['press key A', 'wait  10', 'tap key B 40', 'release key A', 'type Ab 15', 'wait  5'],
            self::steps($line),
        );
    }

    public function test_what_begins_at_one_instant_keeps_its_order_and_ends_last_first(): void
    {
        $shift = ['kind' => 'key', 'code' => 'ShiftLeft'];
        $both = [
            ['do' => 'press', 'output' => $shift], ['do' => 'press', 'output' => self::KEY_A],
            ['do' => 'wait', 'ms' => 30], ['do' => 'release', 'output' => self::KEY_A],
            ['do' => 'release', 'output' => $shift],
        ];
        $this->assertSame(['press key Shift', 'tap key A 30', 'release key Shift'], self::steps(self::line($both)));
        $recorder = new MacroRecorder;
        foreach (
            [
                [0, 'ShiftLeft', true], [0, 'KeyA', true], [40_000, 'ShiftLeft', false], [40_000, 'KeyA', false],
            ] as [$t, $code, $isDown]
        ) {
            $recorder->take($t, new KeyStroke($code), $isDown);
        }
        $this->assertSame(
            ['key Shift 0-40', 'key A 0-40'],
            self::bars(Timeline::from($recorder->bars())),
            'a letter is pressed after its Shift, whichever ends first',
        );
    }

    public function test_a_bar_is_moved_widened_and_taken_away_and_the_pause_at_the_end_stays(): void
    {
        $line = self::line([
            ['do' => 'tap', 'output' => self::KEY_A, 'ms' => 30], ['do' => 'wait', 'ms' => 70],
            ['do' => 'tap', 'output' => self::KEY_B, 'ms' => 30], ['do' => 'wait', 'ms' => 20],
        ]);
        $moved = $line->moved(1, 10_000, 25_000);
        $this->assertSame(
            ['press key A', 'wait  10', 'tap key B 15', 'wait  5', 'release key A', 'wait  20'],
            self::steps($moved),
        );
        $this->assertSame(['tap key B 30', 'wait  20'], self::steps($line->moved(1, 0, 30_000)->without(0)));
        $this->assertSame([], $line->without(0)->without(0)->steps());
        $this->assertSame(['tap key A 30', 'wait  70', 'tap key B 30'], self::steps($line->lasting(0)));
    }

    public function test_bars_of_one_output_that_overlap_are_one_and_those_that_touch_are_two(): void
    {
        $a = new KeyStroke('KeyA');
        $this->assertSame(
            ['key A 0-80'],
            self::bars(Timeline::from([Bar::of($a, 0, 50_000), Bar::of($a, 20_000, 80_000)])),
        );
        $touching = Timeline::from([Bar::of($a, 0, 50_000), Bar::of($a, 50_000, 80_000)]);
        $this->assertSame(['key A 0-50', 'key A 50-80'], self::bars($touching));
        $this->assertSame(['tap key A 50', 'tap key A 30'], self::steps($touching));
    }

    public function test_nothing_else_begins_or_ends_while_a_text_is_typed(): void
    {
        $line = Timeline::from([
            Bar::typing('ab', 'us', 10_000, 100_000, 140_000), Bar::of(new KeyStroke('KeyC'), 110_000, 120_000),
            Bar::of(new KeyStroke('KeyD'), 90_000, 130_000),
        ]);
        $this->assertSame(['key D 90-140', '"ab" 100-140', 'key C 140-140'], self::bars($line));
        $two = Timeline::from(
            [Bar::typing('a', 'us', 10_000, 0, 20_000), Bar::typing('b', 'us', 10_000, 5_000, 25_000)],
        );
        $this->assertSame(['"a" 0-20', '"b" 20-40'], self::bars($two));
    }

    public function test_what_acts_once_stays_a_tap_whatever_else_happens_then(): void
    {
        $line = Timeline::from([
            Bar::of(new MouseWheel(1), 0, 30_000), Bar::of(new KeyStroke('KeyA'), 10_000, 20_000),
            Bar::of(new MouseWheel(-1), 20_000, 20_000),
        ]);
        $this->assertSame(
            ['tap mouse wheel +1 10', 'tap key A 10', 'tap mouse wheel -1 1', 'wait  9'],
            array_map(fn (string $s) => str_replace('−', '-', $s), self::steps($line)),
        );
    }

    public function test_any_time_line_comes_back_from_its_steps(): void
    {
        mt_srand(20261125);
        $outputs = [new KeyStroke('KeyA'), new KeyStroke('KeyB', ['ShiftLeft']), new ControllerButton(4)];
        for ($case = 0; $case < 2000; $case++) {
            $bars = [];
            for ($i = mt_rand(0, 8); $i > 0; $i--) {
                $from = 1000 * mt_rand(0, 400);
                $bars[] = mt_rand(0, 6) === 0 ? Bar::typing('ab', 'us', 5_000, $from, $from + 20_000) : Bar::of(
                    $outputs[mt_rand(0, 2)],
                    $from,
                    $from + 1000 * mt_rand(1, 200),
                );
            }
            $line = Timeline::from($bars, 1000 * mt_rand(0, 700));
            $again = Timeline::of(
                Macro::read(
                    'm',
                    Node::of(
                        ['name' => 'M', 'steps' => array_map(fn (MacroStep $step) => $step->toArray(), $line->steps())],
                    ),
                ),
                self::layouts(),
            );
            // A text that moved may have pushed a bar onto its own end; from there on the line stands still.
            $this->assertSame(self::steps($line), self::steps($again), 'case '.$case);
            $this->assertSame($line->length, $again->length, 'case '.$case);
        }
    }

    public function test_a_recording_begins_with_its_first_press_and_leaves_out_repeats(): void
    {
        $recorder = new MacroRecorder;
        $events = [
            [900_000, 'KeyX', false], [1_000_000, 'ShiftLeft', true], [1_050_400, 'KeyA', true],
            [1_300_000, 'KeyA', true], [1_350_000, 'KeyA', false], [1_400_000, 'ShiftLeft', false],
            [1_500_000, 'KeyB', true],
        ];
        foreach ($events as [$t, $code, $down]) {
            $recorder->take($t, new KeyStroke($code), $down);
        }
        $this->assertSame(
            ['key Shift 0-400', 'key A 50-350', 'key B 500-501'],
            self::bars(Timeline::from($recorder->bars())),
        );
        $this->assertSame([], (new MacroRecorder)->bars());
    }
}
