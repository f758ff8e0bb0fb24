<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Mapping\Macro\Bar;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Set\MacroEdits;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Recorded;
use Nailrod\Core\Set\Words;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;
use Tests\Core\Desk;

/**
 * What was recorded says actions. In Skerrywing Shift+L is the anchor light, L the wing lights, output 4 drops a sack.
 */
final class RecordedTest extends TestCase
{
    /** @return list<string> "Anchor light 0 60" in ms */
    private static function said(Bar ...$bars): array
    {
        $set = DemoSets::skerrywing();

        return array_map(
            fn (Bar $bar) => (
                $bar->output === null ? 'text' : (new Words($set))->output($bar->output)
            ).' '.$bar->from / 1000 .' '.$bar->to / 1000,
            (new Recorded($set))->bars(array_values($bars)),
        );
    }

    private static function key(string $code, int $from, int $to, array $with = []): Bar
    {
        return Bar::of(new KeyStroke($code, $with), $from * 1000, $to * 1000);
    }

    public function test_an_output_and_a_key_by_which_the_game_is_told_are_the_action(): void
    {
        $this->assertSame(
            ['Drop a sack 0 60', 'Wing lights 100 150'],
            self::said(Bar::of(new ControllerButton(4), 0, 60_000), self::key('KeyL', 100, 150)),
        );
        $this->assertSame(
            ['output 99 0 60', 'key K 70 80'],
            self::said(Bar::of(new ControllerButton(99), 0, 60_000), self::key('KeyK', 70, 80)),
            'what tells the game nothing stays',
        );
    }

    public function test_a_modifier_and_its_key_are_one_action(): void
    {
        $this->assertSame(['Anchor light 20 60'], self::said(self::key('ShiftLeft', 0, 80), self::key('KeyL', 20, 60)));
        $this->assertSame(
            ['Anchor light 20 60'],
            self::said(self::key('KeyL', 20, 60, ['ShiftLeft'])),
            'also as one key',
        );
        // It is down no longer when the key is pressed.
        $this->assertSame(
            ['key Shift 0 20', 'Wing lights 20 60'],
            self::said(self::key('ShiftLeft', 0, 20), self::key('KeyL', 20, 60)),
        );
    }

    public function test_a_modifier_stays_for_what_is_a_key_still(): void
    {
        $this->assertSame(
            ['key Shift 0 200', 'Anchor light 20 60', 'key K 100 140'],
            self::said(self::key('ShiftLeft', 0, 200), self::key('KeyL', 20, 60), self::key('KeyK', 100, 140)),
        );
        $this->assertSame(['key Shift 0 80'], self::said(self::key('ShiftLeft', 0, 80)), 'pressed by itself');
        $this->assertSame(['text 0 100'], self::said(Bar::typing('Hi', 'us', 20, 0, 100_000)));
    }

    public function test_a_macro_says_what_was_recorded(): void
    {
        $set = DemoSets::skerrywing();
        $document = (new MacroEdits($set, $set->layouts))->addBars(
            'three-sacks',
            [self::key('ShiftLeft', 0, 80), self::key('KeyL', 20, 60)],
        );
        $steps = $document->value(PartPath::macro('three-sacks'))['steps'];
        $this->assertSame(['kind' => 'action', 'action' => 'anchor-light'], end($steps)['output']);
    }

    public function test_why_a_device_cannot_keep_a_macro_is_known_by_itself(): void
    {
        $tap = fn (array $output): array => ['do' => 'tap', 'output' => $output, 'ms' => 10];
        $set = Desk::plain()->saying([
            'macros' => [
                'well' => ['name' => 'Well', 'steps' => [$tap(['kind' => 'button', 'number' => 1])]],
                'set' => ['name' => 'Set', 'steps' => [$tap(['kind' => 'set variable', 'name' => 'flaps', 'to' => 1])]],
                'idle' => [
                    'name' => 'Idle', 'steps' => [$tap(['kind' => 'set variable', 'name' => 'flaps', 'to' => 2])],
                ],
            ],
            'cells' => [
                'base' => [
                    'd/b1' => ['behaviour' => ['kind' => 'macro', 'macro' => 'well']],
                    'd/b2' => ['behaviour' => ['kind' => 'macro', 'macro' => 'set']],
                ],
            ],
        ])->assembled();
        $this->assertSame(
            ['set' => 'it does what only Nailrod itself can do'],
            DeviceMapping::of($set, $set->rig->devices['d'])->macros,
            'one that nothing plays is not asked for',
        );
        $this->assertContains(
            'Macro Set: it does what only Nailrod itself can do',
            DeviceMapping::of($set, $set->rig->devices['d'])->leftOut,
        );
    }
}
