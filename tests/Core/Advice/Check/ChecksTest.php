<?php

declare(strict_types=1);

namespace Tests\Core\Advice\Check;

use Nailrod\Core\Advice\Check\Checks;
use Nailrod\Core\Advice\Check\Finding;
use Nailrod\Core\Advice\Check\LayerWithoutExit;
use Nailrod\Core\Advice\Check\TextNotTyped;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Slot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** Each condition appears when it is made, says why, and goes when its mend is taken. */
final class ChecksTest extends TestCase
{
    /**
     * @param array<string, mixed> $cells of the base layer
     * @param array<string, mixed> $ways
     * @param array<string, mixed> $more
     */
    private static function set(string $game, array $cells, array $ways = [], array $more = []): BindingSet
    {
        return self::of(SetDocument::read(Node::of(
            [
                'format' => SetDocument::FORMAT, 'version' => 1, 'id' => 'fresh', 'name' => 'Fresh',
                'parent' => 'house', 'simulator' => $game, 'cells' => ['base' => $cells],
                'ways' => (object) $ways === new \stdClass ? [] : $ways,
            ] + $more,
        )));
    }

    private static function of(SetDocument $document): BindingSet
    {
        return (new Assembly(new DemoSets))->assemble($document);
    }

    /** @return array<string, mixed> */
    private static function does(string $action, string $behaviour = 'pulse'): array
    {
        return ['behaviour' => ['kind' => $behaviour], 'outputs' => [['kind' => 'action', 'action' => $action]]];
    }

    /**
     * @return iterable<string, array{string, string, array<string, mixed>, array<string, mixed>, string, string, int}>
     */
    public static function conditions(): iterable
    {
        $button = fn (int $n): array => ['kind' => 'button', 'number' => $n];
        yield 'the same contact twice' => ['assigned twice', 'hairpin-ladder', [
            'rowan/button-9' => [
                'behaviour' => ['kind' => 'follow'],
                'outputs' => [['kind' => 'action', 'action' => 'horn'], ['kind' => 'action', 'action' => 'photo']],
            ],
        ], ['horn' => $button(1), 'photo' => $button(2)],
            'Button 9 in Cruise is assigned twice: one press does Horn and Take a photo.', 'Keep only Horn', 1];
        yield 'one output from two contacts' => ['driven twice', 'hairpin-ladder', [
            'rowan/button-9' => self::does('horn'), 'rowan/button-10' => self::does('photo'),
        ], ['horn' => $button(5), 'photo' => $button(5)],
            'Output 5 is driven by Button 10 in Cruise and by Button 9 in Cruise.', 'Reach Horn by output 1', 2];
        yield 'one action from two contacts' => ['driven twice', 'hairpin-ladder', [
            'rowan/button-9' => self::does('horn'), 'rowan/button-10' => self::does('horn'),
        ], ['horn' => $button(5)],
            'Output 5 is driven by Button 10 in Cruise and by Button 9 in Cruise.', 'Clear Button 9 in Cruise', 2];
        yield 'a reserved key' => ['reserved key', 'quay-cable', ['rowan/button-9' => self::does('glasses')], [
            'glasses' => ['kind' => 'key', 'code' => 'KeyM'],
        ],
            'Glasses is reached by M, which the game keeps for its harbour map: it never comes there.',
            'Reach it by key /', 1];
        yield 'a key of the desktop, sent by itself' => ['reserved key', 'quay-cable', [
            'rowan/button-9' => [
                'behaviour' => ['kind' => 'follow'],
                'outputs' => [['kind' => 'key', 'code' => 'Tab', 'with' => ['AltLeft']]],
            ],
        ], [],
            'Button 9 in Cruise sends Alt+Tab, which the desktop keeps for the list of windows.', 'Clear Button 9 in '
                .'Cruise', 1];
        yield 'an output that is not seen' => ['output not seen', 'hairpin-ladder', [
            'rowan/button-9' => self::does('photo'),
        ], ['photo' => $button(33)],
            'Take a photo is reached by output 33, but Hairpin Ladder sees only the first 32 outputs.',
            'Reach it by output 1', 1];
        yield 'a button that is not seen, driven by itself' => ['output not seen', 'hairpin-ladder', [
            'rowan/button-9' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [$button(40)]],
        ], [],
            'Button 9 in Cruise drives output 40, but Hairpin Ladder sees only the first 32 outputs.',
            'Drive output 1 instead', 1];
        yield 'a controller for a game that reads keys' => ['output not seen', 'quay-cable', [
            'rowan/button-9' => self::does('glasses'),
        ], ['glasses' => $button(1)],
            'Glasses is reached by output 1, but Quay & Cable sees no controller outputs.', 'Reach it by key /', 1];
        yield 'a plus without its minus' => ['half a pair', 'hairpin-ladder', [
            'bracken/encoder-1.plus' => self::does('brake-balance-forward', 'ticks'),
        ], ['brake-balance-forward' => $button(4)],
            'Brake balance forward is reached, Brake balance back is not: there is no way back.', 'Put it on Bracken '
                .'Encoder 1 − in Cruise', 1];
        yield 'a switch on a flip, whose variable can be written' => ['out of step', 'skerrywing', [
            'fennel/switch-2.up' => self::does('anchor'),
        ], ['anchor' => $button(4)],
            'Switch 2 has two positions, but Anchor only flips: they fall out of step as soon as the game changes it '
                .'by itself.', 'Write its variable, one value for each position', 1];
        yield 'a switch on a flip, whose variable cannot' => ['out of step', 'hairpin-ladder', [
            'fennel/switch-2.up' => self::does('ignition'),
        ], ['ignition' => $button(4)],
            'Switch 2 has two positions, but Ignition only flips: they fall out of step as soon as the game changes '
                .'it by itself.', 'Move it to Fennel Left thumb, which springs back', 1];
        yield 'two sources of one variable' => ['two writers', 'skerrywing', [
            'fennel/switch-2.up' => self::does('anchor', 'follow'),
            'fennel/switch-3.up' => self::does('anchor', 'follow'),
        ], ['anchor' => ['kind' => 'on/off variable', 'name' => 'anchor', 'on' => 1, 'off' => 0]],
            'Switch 2 up in Cruise and Switch 3 up in Cruise both write Anchor: the one that moved last decides.',
            'Clear Switch 3 up in Cruise', 2];
        yield 'an essential action that nothing reaches' => ['not reached', 'quay-cable', [], [],
            'Winch brake is needed, and nothing reaches it.', 'Put it on Fennel Left thumb in Cruise', 0];
        yield 'a pulse shorter than a frame' => ['short pulse', 'hairpin-ladder', [
            'rowan/button-9' => [
                'behaviour' => ['kind' => 'pulse', 'width_ms' => 10],
                'outputs' => [['kind' => 'action', 'action' => 'horn']],
            ],
        ], ['horn' => $button(5)],
            'Button 9 in Cruise sends pulses of 10 ms, but Hairpin Ladder looks only every 16.7 ms: some are missed.',
            'Make them 34 ms long', 1];
    }

    /**
     * @param array<string, mixed> $cells
     * @param array<string, mixed> $ways
     */
    #[DataProvider('conditions')]
    public function test_a_condition_is_told_in_a_sentence_and_goes_when_it_is_mended(
        string $kind,
        string $game,
        array $cells,
        array $ways,
        string $sentence,
        string $mend,
        int $spots,
    ): void {
        $set = self::set($game, $cells, $ways);
        $found = array_values(array_filter(
            Checks::over($set),
            fn (Finding $finding) => $finding->kind === $kind && $finding->sentence === $sentence,
        ));
        $this->assertCount(
            1,
            $found,
            implode(
                "\n",
                array_map(fn (Finding $finding) => $finding->kind.': '.$finding->sentence, Checks::over($set)),
            ),
        );
        $this->assertSame([$mend, $spots], [$found[0]->mend?->words, count($found[0]->spots)]);
        $this->assertSame($found[0]->sentence, Checks::find($set, $found[0]->id())?->sentence);
        foreach ($found[0]->spots as $spot) {
            $this->assertTrue($found[0]->isAbout($spot->layer, $spot->ref));
        }
        $mended = self::of($found[0]->mend?->edit() ?? $set->merged->own);
        $this->assertNull(Checks::find($mended, $found[0]->id()));
        $this->assertSame(
            [],
            array_diff(
                array_map(fn (Finding $finding) => $finding->id(), Checks::over($mended)),
                array_map(fn (Finding $finding) => $finding->id(), Checks::over($set)),
            ),
            'nothing new is wrong',
        );
    }

    public function test_what_is_well_is_not_told(): void
    {
        $well = self::set('skerrywing', [
            'fennel/switch-1.up' => self::does('pitot-heat-on'), 'fennel/switch-1.down' => self::does('pitot-heat-off'),
            'fennel/switch-2.up' => self::does('anchor', 'follow'), 'gorse/button-1' => self::does('trim-down'),
            'gorse/button-2' => self::does('trim-up'),
            'rowan/button-1' => [
                'behaviour' => ['kind' => 'cycle'],
                'outputs' => [['kind' => 'action', 'action' => 'bilge'], ['kind' => 'action', 'action' => 'paddle']],
            ],
        ], ['anchor' => ['kind' => 'on/off variable', 'name' => 'anchor', 'on' => 1, 'off' => 0]]);
        $this->assertSame(
            ['not reached'],
            array_values(array_unique(array_map(fn (Finding $finding) => $finding->kind, Checks::over($well)))),
        );
        $frame = self::set('hairpin-ladder', [])->catalogue->frame ?? 0;
        $pulse = fn (float $width): array => array_column(
            array_map(
                fn (Finding $finding) => ['kind' => $finding->kind],
                Checks::over(self::set(
                    'hairpin-ladder',
                    [
                        'rowan/button-9' => [
                            'behaviour' => ['kind' => 'pulse', 'width_ms' => $width],
                            'outputs' => [['kind' => 'button', 'number' => 5]],
                        ],
                    ],
                )),
            ),
            'kind',
        );
        $this->assertNotContains('short pulse', $pulse($frame / 1000), 'exactly as long as a frame is long enough');
        $this->assertContains('short pulse', $pulse(($frame - 1) / 1000));
        $this->assertSame(
            [],
            Checks::over(self::of((new DemoSets)->set('house') ?? throw new \LogicException)),
            'a set without a game has nothing to be told',
        );
        $this->assertFalse(Checks::over($well)[0]->isAbout('base', 'fennel/switch-1.up'));
        $this->assertSame('base/d', (string) new Slot('base', 'd'));
    }

    public function test_a_layer_with_no_way_out_or_in_and_a_text_that_cannot_be_typed_are_found_like_all_else(): void
    {
        $set = self::set('skerrywing', [
            'rowan/button-9' => [
                'behaviour' => ['kind' => 'pulse', 'width_ms' => 60],
                'outputs' => [['kind' => 'go to layer', 'layer' => 'night']],
            ],
        ], [], [
            'layers' => ['night' => ['name' => 'Night'], 'day' => ['name' => 'Day']],
            'macros' => [
                'greet' => [
                    'name' => 'Greet', 'steps' => [['do' => 'type', 'text' => "Ж1\nЖ", 'layout' => 'us', 'ms' => 20]],
                ],
            ],
        ]);
        $told = fn (string $kind): array => array_values(array_map(
            fn (Finding $finding): string => $finding->sentence,
            array_filter(Checks::over($set), fn (Finding $finding): bool => $finding->kind === $kind),
        ));
        $this->assertSame(
            [
                'Night has no way out: Button 9 leads to it and stays, and nothing in it leads to another layer.',
                'Nothing leads to Day. Let a control hold it or go to it, on Assign.',
            ],
            $told(LayerWithoutExit::KIND),
        );
        $this->assertSame(['Greet: US English has no key for Ж: it is left out of “Ж1↵Ж”.'], $told(TextNotTyped::KIND));
    }
}
