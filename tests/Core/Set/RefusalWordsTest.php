<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\RefusalWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

final class RefusalWordsTest extends TestCase
{
    /** @return iterable<string, array{FormatError, string}> */
    public static function refusals(): iterable
    {
        $figure = fn (float $of, string $what = 'own') => FormatError::figure($of, $what);
        yield 'a point of a curve' => [
            FormatError::at(
                'axes.fennel/friction.curve.points[3][1]',
                0.75,
                'a number not below that of the point before, '.$figure(0.8),
            ),
            'Friction slider, curve, point 4, up: found 75 %, expected a number not below that of the point before, '
                .'80 %.',
        ];
        yield 'places of a centred axis count from its centre' => [
            FormatError::at(
                'axes.gorse/stick.x.notches.at[1]',
                0.25,
                'a place above the one before, '.$figure(0.3, 'at'),
            ),
            'Stick X, notches, notch 2: found -50 %, expected a place above the one before, -40 %.',
        ];
        yield 'and its widths are of each half' => [
            FormatError::at('axes.gorse/stick.x.notches.width', 0.7, 'a number from '.$figure(0).' to '.$figure(0.5)),
            'Stick X, notches, width: found 140 %, expected a number from 0 % to 100 %.',
        ];
        yield 'a time' => [
            FormatError::at('the behaviour.delay_ms', 0.5, 'a number from '.$figure(1).' to '.$figure(60000)),
            'The behaviour, first after: found 0.5 ms, expected a number from 1 ms to 60000 ms.',
        ];
        yield 'a reference has its name' => [
            FormatError::at(
                'cells.base.fennel/switch-2.up.outputs[0].layer',
                'base',
                'a layer of the set other than the base layer',
            ),
            'Switch 2 up in Cruise, output 1, layer: found Cruise, expected a layer of the set other than the base '
                .'layer.',
        ];
        yield 'a reference that leads nowhere' => [
            FormatError::at('controls', 'fennel/none', 'a control of the rig'),
            'Control: found something that is not there, expected a control of the rig.',
        ];
        yield 'a part that is not there yet' => [
            FormatError::at('stops.stop-9.at', 1.4, 'a number from '.$figure(0).' to '.$figure(1)),
            'The new stop, at: found 140 %, expected a number from 0 % to 100 %.',
        ];
        yield 'a step of a macro' => [
            FormatError::at(
                'macros.three-sacks.steps[2].ms',
                700000,
                'a number from '.$figure(0).' to '.$figure(600000),
            ),
            'Macro Three sacks, step 3, time: found 700000 ms, expected a number from 0 ms to 600000 ms.',
        ];
        yield 'words as they are' => [
            FormatError::told('Opened by', 'Mark button, which does this already', 'a contact that is free'),
            'Opened by: found Mark button, which does this already, expected a contact that is free.',
        ];
        yield 'one of a few words, even if something is called so' => [
            FormatError::at('the behaviour.kind', 'base', 'one of follow, pulse'),
            'The behaviour, kind: found "base", expected one of follow, pulse.',
        ];
        yield 'a layer that only a child says' => [
            FormatError::at('cells.water', 'water', 'a layer of the set')->in('the set Quay'),
            'The set Quay: Assignments in On water: found On water, expected a layer of the set.',
        ];
    }

    #[DataProvider('refusals')]
    public function test_a_refusal_is_said_as_the_page_says_it(FormatError $refusal, string $words): void
    {
        $this->assertSame($words, (new RefusalWords(DemoSets::skerrywing()))->of($refusal));
    }

    public function test_in_a_file_it_is_said_as_the_file_says_it(): void
    {
        $this->assertSame(
            'one.json: axes.x.curve.points[3][1]: found 0.75, expected a number not below that of the point before, '
                .'0.8.',
            FormatError::at(
                'axes.x.curve.points[3][1]',
                0.75,
                'a number not below that of the point before, '.FormatError::figure(0.8),
            )->in('one.json')->getMessage(),
        );
    }
}
