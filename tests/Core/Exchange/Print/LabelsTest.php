<?php

declare(strict_types=1);

namespace Tests\Core\Exchange\Print;

use Nailrod\Core\Advice\Check\Checks;
use Nailrod\Core\Advice\Check\Finding;
use Nailrod\Core\Exchange\Print\Label;
use Nailrod\Core\Exchange\Print\Labels;
use Nailrod\Core\Exchange\Print\LabelSheet;
use Nailrod\Core\Exchange\Print\LabelText;
use Nailrod\Core\Exchange\Print\LabelWish;
use Nailrod\Core\Exchange\Print\LabelWithoutRoom;
use Nailrod\Core\Exchange\Print\Mark\Box;
use Nailrod\Core\Exchange\Print\Mark\Sign;
use Nailrod\Core\Exchange\Print\Mark\SignMark;
use Nailrod\Core\Exchange\Print\Paper;
use Nailrod\Core\Exchange\Print\Scale;
use Nailrod\Core\Exchange\Print\SincePrinted;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\RigEdits;
use Nailrod\Core\Set\SetDocument;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** The labels of a device: what stands on them, that it has room, and where they are cut. */
final class LabelsTest extends TestCase
{
    /** @param ?callable(SetDocument): SetDocument $change */
    private static function set(string $id = 'skerrywing', ?callable $change = null): BindingSet
    {
        $document = (new DemoSets)->set($id);
        assert($document !== null);

        return DemoSets::skerrywing($change === null ? $document : $change($document));
    }

    /**
     * @param list<string> $layers
     *
     * @return array<string, Label> by reference
     */
    private static function labels(
        BindingSet $set,
        string $device,
        LabelText $text = LabelText::Action,
        array $layers = ['base'],
        bool $byPosition = false,
        int $height = 12,
        bool $isLarge = false,
    ): array {
        $labels = Labels::of(
            $set,
            $set->rig->devices[$device],
            new LabelWish($text, $layers, $byPosition, $height, $isLarge),
        );

        return array_combine(array_map(fn (Label $label) => $label->ref, $labels), $labels);
    }

    /** @return list<string> */
    private static function words(Label $label): array
    {
        return array_column(Marks::texts($label->marks(0, 0)), 0);
    }

    /** @return list<Sign> */
    private static function signs(Label $label): array
    {
        return array_values(array_map(
            fn (SignMark $mark) => $mark->sign,
            array_filter($label->marks(0, 0), fn ($mark) => $mark instanceof SignMark),
        ));
    }

    public function test_one_label_for_each_control_that_does_something_row_by_row(): void
    {
        $labels = self::labels(self::set(), 'fennel', height: 24);
        $this->assertSame(
            [
                'fennel/right-thumb', 'fennel/left-lever', 'fennel/right-lever', 'fennel/friction', 'fennel/ring',
                'fennel/mark', 'fennel/switch-1', 'fennel/switch-4',
            ],
            array_keys($labels),
        );
        $this->assertSame(['Power'], self::words($labels['fennel/left-lever']));
        $this->assertSame([Sign::Up, Sign::Down], self::signs($labels['fennel/switch-1']));
        $this->assertStringContainsString(
            'Pitot heat on',
            str_replace("\n", ' ', implode(' ', self::words($labels['fennel/switch-1']))),
        );
        $byPosition = self::labels(self::set(), 'fennel', byPosition: true);
        $this->assertArrayHasKey('fennel/switch-1.down', $byPosition);
        $this->assertArrayNotHasKey('fennel/switch-1', $byPosition);
    }

    public function test_arrows_say_the_way_of_a_switch_and_of_a_hat_plus_and_minus_the_halves_of_a_pair(): void
    {
        $labels = self::labels(self::set(), 'gorse', height: 24);
        $this->assertSame([Sign::Up, Sign::Right, Sign::Down, Sign::Left], self::signs($labels['gorse/hat']));
        $this->assertSame(
            [Sign::Minus],
            self::signs($labels['gorse/button-1']),
            'a step and the step back on two buttons',
        );
        $this->assertSame([Sign::Plus], self::signs($labels['gorse/button-2']));
        $this->assertSame([], self::signs($labels['gorse/button-3']));
        $this->assertSame(['half Talk', 'full Horn'], self::words($labels['gorse/trigger']));
        $tick = fn (array $output): array => [
            'behaviour' => ['kind' => 'pulse', 'on' => 'press'], 'outputs' => [$output],
        ];
        $encoder = self::set(change: fn (SetDocument $set) => $set
            ->with(PartPath::cell('base', 'fennel/encoder.plus'), $tick(['kind' => 'key', 'code' => 'KeyQ']))
            ->with(
                PartPath::cell('base', 'fennel/encoder.minus'),
                $tick(['kind' => 'action', 'action' => 'trim-down']),
            ));
        $this->assertSame(
            [Sign::Clockwise, Sign::Minus],
            self::signs(self::labels($encoder, 'fennel')['fennel/encoder']),
        );
    }

    public function test_layers_are_told_apart_by_place_and_hatch_and_what_is_hidden_is_said(): void
    {
        $label = self::labels(self::set(), 'gorse', layers: ['base', 'water'])['gorse/twist'];
        $this->assertSame(['Rudder', 'nothing'], self::words($label));
        $hatches = array_values(array_filter($label->marks(0, 0), fn ($mark) => $mark instanceof Box));
        $this->assertSame([0, 1], array_map(fn (Box $box) => $box->look, $hatches));
        $this->assertLessThan($hatches[1]->y, $hatches[0]->y);
        $this->assertSame(
            [],
            array_filter(
                self::labels(self::set(), 'gorse')['gorse/twist']->marks(0, 0),
                fn ($mark) => $mark instanceof Box,
            ),
            'one layer needs no hatch',
        );
    }

    public function test_the_owners_label_alone_or_with_what_it_does(): void
    {
        $named = self::set(
            change: fn (SetDocument $set) => $set->with(PartPath::control('fennel/mark'), ['label' => 'Sacks']),
        );
        $this->assertSame(['Sacks'], self::words(self::labels($named, 'fennel', LabelText::Own)['fennel/mark']));
        $this->assertSame(
            'Sacks Drop a sack',
            implode(' ', self::words(self::labels($named, 'fennel', LabelText::Both)['fennel/mark'])),
        );
        $this->assertArrayHasKey(
            'fennel/dial',
            self::labels($named, 'fennel', LabelText::Own),
            'also of what does nothing yet',
        );
        $this->assertSame(
            ['Sw 1 up'],
            self::words(self::labels($named, 'fennel', LabelText::Own, byPosition: true)['fennel/switch-1.up']),
        );
    }

    public function test_what_is_set_aside_is_on_no_label(): void
    {
        $path = PartPath::cell('base', 'fennel/mark');
        $aside = self::set(
            change: fn (SetDocument $set) => (new \Nailrod\Core\Set\AsideEdits(self::set()))->setAside($path),
        );
        $this->assertArrayNotHasKey('fennel/mark', self::labels($aside, 'fennel'));
    }

    public function test_a_label_is_as_wide_as_the_way_to_the_nearest_control_of_its_row(): void
    {
        $device = self::set()->rig->devices['fennel'];
        $widths = array_map(
            fn (Label $label) => round($label->width, 2),
            self::labels(self::set(), 'fennel', LabelText::Own),
        );
        // Levers at 110, 270 and 415 in a row; switches 125 apart.
        $this->assertSame(
            [14.0, 12.5, 12.5],
            [$widths['fennel/left-lever'], $widths['fennel/friction'], $widths['fennel/right-lever']],
        );
        $this->assertSame(10.0, $widths['fennel/left-thumb'], 'never narrower');
        $measured = DemoSets::skerrywing(
            (new RigEdits(self::set()))->size('fennel', 'left-lever', 'right-lever', 48.0),
        );
        $this->assertEqualsWithDelta(0.3, Scale::of($measured, $device)->unit, 0.0001);
        $this->assertEqualsWithDelta(
            46.0,
            self::labels($measured, 'fennel', LabelText::Own)['fennel/left-lever']->width,
            0.01,
        );
        $large = DemoSets::skerrywing((new RigEdits(self::set()))->size('fennel', 'left-lever', 'right-lever', 200.0));
        $this->assertSame(
            60.0,
            self::labels($large, 'fennel', LabelText::Own)['fennel/left-lever']->width,
            'never wider',
        );
        $this->assertStringContainsString(
            '48',
            (new \Nailrod\Core\Set\Words($measured))->value(new \Nailrod\Core\Set\PartValue(
                PartPath::size('fennel'),
                $measured->merged->value(PartPath::size('fennel')),
            )),
        );
    }

    public function test_what_cannot_be_measured_is_refused_and_what_is_gone_counts_for_nothing(): void
    {
        $set = self::set();
        foreach (['left-lever' => 'left-lever', 'nothing' => 'left-lever'] as $from => $to) {
            try {
                (new RigEdits($set))->size('fennel', $from, $to, 40.0);
                $this->fail('It was taken.');
            } catch (FormatError $error) {
                $this->assertNotSame('', $error->getMessage());
            }
        }
        $gone = self::set(change: fn (SetDocument $own) => $own->with(
            PartPath::size('fennel'),
            ['from' => 'left-lever', 'to' => 'long-gone', 'mm' => 40],
        ));
        $this->assertSame(Scale::DRAWN, Scale::of($gone, $gone->rig->devices['fennel'])->unit);
        $this->assertSame([], (new RigEdits($gone))->size('fennel', '', '', null)->partsOf('sizes'));
    }

    public function test_every_word_of_every_label_has_room_or_it_is_told(): void
    {
        $few = 0;
        foreach (['skerrywing', 'quay-cable', 'hairpin-ladder'] as $id) {
            $set = self::set($id);
            $layers = array_slice(array_map(strval(...), array_keys($set->layers)), 0, 3);
            foreach (array_keys($set->rig->devices) as $device) {
                foreach (Paper::TAPES as $height) {
                    foreach (
                        [
                            [LabelText::Action, false, false], [LabelText::Both, true, false],
                            [LabelText::Action, true, true],
                        ] as [$text, $byPosition, $isLarge]
                    ) {
                        foreach (
                            self::labels(
                                $set,
                                (string) $device,
                                $text,
                                $layers,
                                $byPosition,
                                $height,
                                $isLarge,
                            ) as $label
                        ) {
                            $few += $this->hasRoom($label, $height, $isLarge ? 8.0 : 5.0);
                        }
                    }
                }
            }
        }
        $this->assertGreaterThan(300, $few);
    }

    private function hasRoom(Label $label, int $height, float $least): int
    {
        foreach (Marks::texts($label->marks(0, 0)) as [$text, $left, $top, $right, $bottom, $size]) {
            $this->assertGreaterThan(0.0, $left);
            $this->assertLessThanOrEqual($label->width + 0.001, $right, $text);
            $this->assertTrue($top > 0.0 && $bottom < $height, $text.' on '.$label->name);
            $this->assertTrue($size >= $least || $label->problem() !== null, $text.' is small, and nobody says so');
        }

        return (int) ($label->problem() === null);
    }

    public function test_what_does_not_fit_is_told_with_what_to_do(): void
    {
        $long = self::set(change: fn (SetDocument $set) => $set->with(
            PartPath::control('fennel/mark'),
            ['label' => 'Mailsacksdropper now'],
        ));
        $problem = self::labels($long, 'fennel', LabelText::Own, height: 9, isLarge: true)['fennel/mark']->problem();
        $this->assertSame(
            '“Mailsacksdropper now” on Mark button is too long for 10 mm: give it a shorter label of its own.',
            $problem,
        );
        $this->assertStringContainsString(
            'needs 8 lines, and 9 mm have no room for them',
            (string) self::labels(
                self::set(change: fn (SetDocument $set) => array_reduce(
                    ['north', 'east', 'south', 'west'],
                    fn (SetDocument $own, string $way) => $own->with(
                        PartPath::cell('water', 'gorse/hat.'.$way),
                        ['behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'key', 'code' => 'KeyQ']]],
                    ),
                    $set,
                )),
                'gorse',
                layers: ['base', 'water'],
                height: 9,
            )['gorse/hat']->problem(),
        );
    }

    public function test_sheets_have_every_label_once_inside_their_margins_with_marks_where_to_cut(): void
    {
        $labels = array_values(self::labels(self::set('hairpin-ladder'), 'rowan', LabelText::Own));
        foreach (['a4', 'letter'] as $paper) {
            $sheet = Paper::of($paper);
            foreach (Paper::TAPES as $height) {
                $pages = LabelSheet::of($labels, 'Rowan', $sheet, $height);
                $strips = array_merge(...array_map(
                    fn ($page) => array_values(
                        array_filter($page->marks, fn ($mark) => $mark instanceof Box && $mark->look === null),
                    ),
                    $pages,
                ));
                $this->assertEqualsWithDelta(
                    array_sum(array_map(fn (Label $label) => $label->width, $labels)),
                    array_sum(array_map(fn (Box $box) => $box->width, $strips)),
                    0.001,
                    'none is lost',
                );
                foreach ($strips as $strip) {
                    $this->assertSame((float) $height, $strip->height);
                    $this->assertTrue(
                        $strip->x >= $sheet->margin && $strip->x + $strip->width <= $sheet->width - $sheet->margin,
                    );
                    $this->assertTrue(
                        $strip->y >= $sheet->margin && $strip->y + $height <= $sheet->height - $sheet->margin,
                    );
                }
            }
        }
        $tape = LabelSheet::of($labels, 'Rowan', null, 9);
        $this->assertSame(9.0, $tape[0]->paper->height);
        $this->assertContains((int) $tape[0]->paper->width, Paper::LENGTHS);
        $this->assertSame([], LabelSheet::of([], 'Rowan', null, 9));
    }

    public function test_what_has_changed_since_it_was_printed_is_counted(): void
    {
        $says = fn (BindingSet $set): array => array_map(
            fn (Label $label) => $label->says(),
            self::labels($set, 'fennel'),
        );
        $printed = $says(self::set());
        $this->assertSame(0, SincePrinted::of($printed, $says(self::set()))->count());
        $this->assertSame(
            'Nothing has changed since it was printed on Monday.',
            SincePrinted::of($printed, $printed)->inWords('Monday', 'label', 'labels'),
        );
        $now = $says(self::set(change: fn (SetDocument $set) => $set
            ->with(
                PartPath::cell('base', 'fennel/mark'),
                ['behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'key', 'code' => 'KeyQ']]],
            )
            ->with(
                PartPath::cell('base', 'fennel/dial.1'),
                ['behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'key', 'code' => 'KeyQ']]],
            )
            ->without(PartPath::axis('fennel/left-lever', 'curve'))));
        $since = SincePrinted::of($printed, $now);
        $this->assertSame([['fennel/mark'], ['fennel/dial'], []], [$since->changed, $since->new, $since->gone]);
        $this->assertSame(
            '2 labels since it was printed on Monday: 1 changed, 1 new.',
            $since->inWords('Monday', 'label', 'labels'),
        );
        $this->assertSame(['fennel/mark', 'fennel/dial'], $since->again());
        $this->assertSame(['fennel/dial'], SincePrinted::of($now, $printed)->gone);
    }

    public function test_a_label_that_has_no_room_is_told_until_it_is_shorter_or_the_device_is_measured(): void
    {
        $told = fn (BindingSet $set): array => array_values(array_map(
            fn (Finding $finding) => $finding->sentence,
            array_filter(Checks::over($set), fn (Finding $finding) => $finding->kind === LabelWithoutRoom::KIND),
        ));
        $this->assertSame([], $told(self::set()));
        $long = fn (SetDocument $set) => $set->with(
            PartPath::control('fennel/mark'),
            ['label' => 'Mailsackdroppers now'],
        );
        $this->assertSame(
            [
                'The label “Mailsackdroppers now” of Mark button has no room beside it, 10 mm on a strip of 12 mm: '
                    .'make it shorter, or say on Print how large the device is.',
            ],
            array_map(fn (string $sentence) => rtrim($sentence, '.').'.', $told(self::set(change: $long))),
        );
        $this->assertSame(
            [],
            $told(self::set(
                change: fn (SetDocument $set) => $set->with(PartPath::control('fennel/mark'), ['label' => 'Sacks']),
            )),
        );
        $this->assertSame(
            [],
            $told(self::set(change: fn (SetDocument $set) => $long($set)->with(
                PartPath::size('fennel'),
                ['from' => 'left-lever', 'to' => 'right-lever', 'mm' => 48],
            ))),
        );
    }
}
