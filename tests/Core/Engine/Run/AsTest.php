<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Advice\Check\Checks;
use Nailrod\Core\Advice\Check\Finding;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Drafts;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Removal;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Transfers;
use Nailrod\Core\Set\Words;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;
use Tests\Core\Desk;

/** Button 2 does as button 1 does. */
final class AsTest extends TestCase
{
    private static function button(int $number): array
    {
        return ['kind' => 'button', 'number' => $number];
    }

    private static function desk(array|string $behaviour = 'follow', array ...$outputs): Desk
    {
        return Desk::plain()->cell(
            'base',
            'b1',
            $behaviour,
            ...($outputs === [] ? [self::button(1)] : $outputs),
        )->saying(['cells' => ['base' => ['d/b2' => ['as' => 'd/b1']]]]);
    }

    private static function of(SetDocument $document): BindingSet
    {
        return (new Assembly(new Drafts(new DemoSets, [$document->id => $document])))->assemble($document);
    }

    public function test_it_plays_what_the_other_does_and_is_a_source_of_its_own(): void
    {
        $this->assertSame(['10 button 1 1', '20 button 1 0'], self::desk()->play('10 b2 1', '20 b2 0'));
        $this->assertSame(
            ['10 button 1 1', '40 button 1 0'],
            self::desk()->play('10 b1 1', '20 b2 1', '30 b1 0', '40 b2 0'),
            'on while one of them holds',
        );
        $this->assertSame(
            ['10 button 1 1', '40 button 1 0'],
            self::desk()->play('10 b2 1', '20 b1 1', '30 b2 0', '40 b1 0'),
        );
    }

    public function test_it_looks_in_whatever_layer_is_live(): void
    {
        $desk = self::desk()->layer('water', 'b3')->cell('water', 'b1', 'follow', self::button(5));
        $this->assertSame(
            ['20 button 5 1', '30 button 5 0', '50 button 1 1', '60 button 1 0'],
            array_values(
                preg_grep(
                    '/ button /',
                    $desk->play('10 b3 1', '20 b2 1', '30 b2 0', '40 b3 0', '50 b2 1', '60 b2 0'),
                ) ?: [],
            ),
        );
        $nothing = self::desk()->layer('water', 'b3')->nothing('water', 'b1');
        $this->assertSame(
            [],
            array_values(preg_grep('/ button /', $nothing->play('10 b3 1', '20 b2 1', '30 b2 0')) ?: []),
            'where it says nothing, nothing happens',
        );
    }

    public function test_a_toggle_a_cycle_and_pulses_are_shared(): void
    {
        $this->assertSame(
            ['10 button 1 1', '30 button 1 0', '50 button 1 1'],
            self::desk('toggle')->play('10 b1 1', '20 b1 0', '30 b2 1', '40 b2 0', '50 b1 1', '60 b1 0'),
        );
        $cycle = self::desk(['kind' => 'cycle', 'width_ms' => 5], self::button(1), self::button(2), self::button(3));
        $this->assertSame(
            ['10 button 1 1', '30 button 2 1', '50 button 3 1'],
            array_values(preg_grep('/ 1$/', $cycle->play('10 b1 1', '20 b1 0', '30 b2 1', '40 b2 0', '50 b1 1')) ?: []),
        );
        // The second pulse waits until the first has been off for a width.
        $this->assertSame(
            ['10 button 1 1', '30 button 1 0', '50 button 1 1', '70 button 1 0'],
            self::desk(['kind' => 'pulse', 'width_ms' => 20])->play('10 b1 1', '15 b2 1', '90 b1 0', '90 b2 0'),
        );
    }

    public function test_presses_of_both_at_a_time_are_one_where_one_press_counts(): void
    {
        $desk = self::desk(
            ['kind' => 'short/long/double', 'short' => 0, 'long' => 1, 'long_ms' => 100],
            self::button(1),
            self::button(2),
        );
        $this->assertSame(
            ['110 button 2 1', '300 button 2 0'],
            $desk->play('10 b1 1', '50 b2 1', '200 b1 0', '300 b2 0'),
        );
        $this->assertSame(
            ['30 button 1 1', '90 button 1 0'],
            $desk->play('0 b2 1', '10 b1 1', '30 b1 0', '200 b2 0'),
            'one that was found closed began nothing',
        );
        $repeat = self::desk(['kind' => 'repeat', 'delay_ms' => 100, 'period_ms' => 100, 'width_ms' => 10]);
        $this->assertSame(
            ['10 button 1 1', '110 button 1 1', '210 button 1 1'],
            array_values(preg_grep('/ 1$/', $repeat->play('10 b2 1', '50 b1 1', '60 b2 0', '250 b1 0')) ?: []),
        );
    }

    public function test_a_macro_is_held_while_one_of_them_is_closed(): void
    {
        $desk = Desk::plain()->saying([
            'macros' => [
                'm' => [
                    'name' => 'M', 'plays' => 'while held', 'on_release' => 'stop',
                    'steps' => [['do' => 'tap', 'output' => self::button(1), 'ms' => 10], ['do' => 'wait', 'ms' => 90]],
                ],
            ],
            'cells' => [
                'base' => ['d/b1' => ['behaviour' => ['kind' => 'macro', 'macro' => 'm']], 'd/b2' => ['as' => 'd/b1']],
            ],
        ]);
        $this->assertSame(
            ['10 button 1 1', '110 button 1 1', '210 button 1 1'],
            array_values(preg_grep('/ 1$/', $desk->play('10 b2 1', '50 b1 1', '60 b2 0', '250 b1 0')) ?: []),
        );
    }

    public function test_a_chord_counts_only_the_contact_itself(): void
    {
        $desk = self::desk()->saying([
            'chords' => [
                'base' => [
                    'both' => [
                        'name' => 'Both', 'of' => ['d/b1', 'd/b3'], 'within_ms' => 50, 'outputs' => [self::button(9)],
                    ],
                ],
            ],
        ]);
        $this->assertSame(['10 button 1 1', '60 button 1 0'], $desk->play('10 b2 1', '20 b3 1', '60 b2 0', '70 b3 0'));
    }

    public function test_from_a_tick_what_could_not_be_assigned_to_one_does_nothing(): void
    {
        $held = self::desk()->saying(['cells' => ['base' => ['d/e.plus' => ['as' => 'd/b1']]]]);
        $this->assertSame([], $held->play('10 e 1'));
        $pulse = self::desk(['kind' => 'pulse', 'width_ms' => 20])->saying(
            ['cells' => ['base' => ['d/e.plus' => ['as' => 'd/b1']]]],
        );
        $this->assertSame(['10 button 1 1', '30 button 1 0'], $pulse->play('10 e 1'));
    }

    public function test_a_variable_in_step_with_a_switch_is_not_told_open_by_another(): void
    {
        $desk = self::desk('follow', ['kind' => 'on/off variable', 'name' => 'light', 'on' => 1, 'off' => 0]);
        $this->assertSame(
            ['0 variable light 1', '20 variable light 0'],
            $desk->play('0 b1 1', '10 a 0', '20 b1 0'),
            'button 2 is found open',
        );
        $this->assertSame(
            ['0 variable light 0', '10 variable light 1', '20 variable light 0'],
            $desk->play('0 b1 0', '10 b2 1', '20 b2 0'),
        );
    }

    public function test_its_condition_and_otherwise_are_those_of_the_other(): void
    {
        $desk = self::desk()->saying([
            'flags' => ['armed' => ['name' => 'Armed']],
            'cells' => [
                'base' => [
                    'd/b1' => [
                        'when' => ['flag' => 'armed', 'is' => 'up'],
                        'otherwise' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(2)]],
                    ],
                ],
            ],
        ])->cell('base', 'b4', 'follow', ['kind' => 'flag', 'flag' => 'armed']);
        $this->assertSame(
            ['10 button 2 1', '20 button 2 0', '40 button 1 1', '60 button 1 0'],
            array_values(
                preg_grep(
                    '/ button /',
                    $desk->play('10 b2 1', '20 b2 0', '30 b4 1', '40 b2 1', '50 b4 0', '60 b2 0'),
                ) ?: [],
            ),
        );
    }

    public function test_what_it_holds_goes_with_it_and_with_letting_go(): void
    {
        $machine = Machine::start(self::desk()->program());
        $this->assertSame(['10 button 1 1'], Desk::rows($machine->feed(Desk::inputs('10 b2 1'))));
        $this->assertSame(['10 button 1 0'], Desk::rows($machine->unplug('d')));
        $desk = self::desk()->cell('base', 'b3', 'pulse', ['kind' => 'let go of everything']);
        $this->assertSame(
            ['10 button 1 1', '30 button 1 0'],
            $desk->play('10 b2 1', '20 b1 1', '30 b3 1', '40 b1 0', '50 b2 0'),
        );
    }

    public function test_it_is_read_back_and_told(): void
    {
        $set = self::desk()->assembled();
        $words = new Words($set);
        $this->assertSame('as Button 1 does', $words->cell($set->cell('base', 'd/b2')));
        $this->assertSame('Button 2 does in Base as Button 1 does: output 1.', $words->sentenceOf('base', 'd/b2'));
        $this->assertSame(
            ['Button 2, layer Base: it does as Button 1 does, which the device cannot'],
            DeviceMapping::of($set, $set->rig->devices['d'])->leftOut,
        );
        $machine = Machine::start(self::desk()->program());
        $this->assertSame(
            ['closed d/b2', 'as d/b1', 'layer base', 'behaviour follow'],
            array_map(
                fn ($step) => $step->kind->value.' '.$step->subject,
                $machine->feed(Desk::inputs('10 b2 1'))[0]->cause->steps,
            ),
        );
    }

    public function test_what_moves_is_followed_and_what_goes_takes_it_along(): void
    {
        $set = self::desk()->assembled();
        $moved = (new Transfers($set))->row(Transfers::MOVE, 'd/b1', 'd/b4');
        $this->assertSame(['as' => 'd/b4'], $moved->value(PartPath::cell('base', 'd/b2')));
        $swapped = (
            new Transfers(self::desk()->cell('base', 'b4', 'follow', self::button(4))->assembled())
        )->row(Transfers::SWAP, 'd/b1', 'd/b4');
        $this->assertSame(['as' => 'd/b4'], $swapped->value(PartPath::cell('base', 'd/b2')));
        $desk = self::desk()->saying([
            'made' => ['half' => ['name' => 'Half', 'kind' => 'above', 'of' => ['d/a'], 'at' => 0.5]],
            'cells' => ['base' => ['d/b3' => ['as' => 'made/half']]],
        ])->assembled();
        $this->assertNull((new Removal($desk))->of(Gone::made('half'))->value(PartPath::cell('base', 'd/b3')));
    }

    public function test_what_cannot_be_is_refused(): void
    {
        foreach ([
            'cells.base.d/b1.as: found "d/b1", expected another contact than itself' => ['d/b1' => ['as' => 'd/b1']],
            'cells.base.d/b1.as: found "d/b2", expected a contact that does nothing as another one (Button 2 does, '
                .'in Base)' => [
                'd/b1' => ['as' => 'd/b2'], 'd/b2' => ['as' => 'd/b3'],
            ],
            'cells.base.d/b1.as: found "d/a", expected a contact, for another contact' => ['d/b1' => ['as' => 'd/a']],
            'cells.base.d/a.as: found "d/b1", expected a contact, for another contact' => ['d/a' => ['as' => 'd/b1']],
            'cells.base.d/b1.when: found a field that this format does not have' => [
                'd/b1' => ['as' => 'd/b2', 'when' => ['flag' => 'f', 'is' => 'up']],
            ],
        ] as $says => $cells) {
            try {
                Desk::plain()->saying(['cells' => ['base' => $cells]])->assembled();
                $this->fail($says);
            } catch (FormatError $error) {
                $this->assertStringStartsWith($says, $error->getMessage());
            }
        }
        $gone = Desk::plain()->saying(['cells' => ['base' => ['d/b1' => ['as' => 'd/none']]]])->assembled();
        $this->assertSame([['d/none'], null], [$gone->missing, $gone->cell('base', 'd/b1')]);
    }

    public function test_as_and_as_by_a_parent_does_nothing_is_told_and_mended(): void
    {
        $set = DemoSets::skerrywing();
        $parent = $set->merged->chain[0];
        $this->assertNotSame($parent->id, $set->merged->own->id);
        $parent = $parent->with(PartPath::cell('base', 'gorse/button-5'), ['as' => 'gorse/button-6']);
        $own = (new Edits($set))->doAs('base', 'gorse/button-4', 'gorse/button-5');
        $both = (new Assembly(new Drafts(new DemoSets, [$parent->id => $parent, $own->id => $own])))->assemble($own);
        $told = array_values(
            array_filter(Checks::over($both), fn (Finding $finding) => $finding->kind === 'leads nowhere'),
        );
        $this->assertSame(
            ['Button 4 in Cruise does as Button 5 in Cruise does, which does as Button 6: nothing happens.'],
            array_map(fn (Finding $finding) => $finding->sentence, $told),
        );
        $this->assertSame(
            ['as' => 'gorse/button-6'],
            $told[0]->mend->edit()->value(PartPath::cell('base', 'gorse/button-4')),
        );
    }

    public function test_it_is_told_too_where_only_a_layer_brings_it_about(): void
    {
        $set = DemoSets::skerrywing();
        $parent = $set->merged->chain[0]->with(PartPath::cell('base', 'gorse/button-4'), ['as' => 'gorse/button-5']);
        $own = (new Edits($set))->doAs('water', 'gorse/button-5', 'gorse/button-6');
        $both = (new Assembly(new Drafts(new DemoSets, [$parent->id => $parent, $own->id => $own])))->assemble($own);
        $told = array_values(array_filter(
            Checks::over($both),
            fn (Finding $finding) => $finding->kind === 'leads nowhere',
        ));
        $this->assertSame(
            ['Button 4 in Cruise does as Button 5 in On water does, which does as Button 6: nothing happens.'],
            array_map(fn (Finding $finding) => $finding->sentence, $told),
        );
    }

    public function test_an_edit_is_refused_by_what_the_whole_set_would_be_refused_by(): void
    {
        $desk = self::desk();
        $set = $desk->assembled();
        $chained = $set->merged->own->with(PartPath::cell('base', 'd/b1'), ['as' => 'd/b3']);
        $this->expectException(FormatError::class);
        (new Assembly($desk))->assemble($chained, $set);
    }
}
