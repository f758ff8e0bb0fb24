<?php

declare(strict_types=1);

namespace Tests\Core\Mapping\Made;

use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Run\Swap;
use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Made\MadeKinds;
use Nailrod\Core\Mapping\Made\SharedTravel;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** Axes built from others. Levers A and B read 0 to 1000, stick C as well, centred at 500. */
final class BuiltAxisTest extends TestCase
{
    /** @param array<string, mixed> $made */
    private static function desk(array $made, string $part = ''): Desk
    {
        return Desk::plain()->saying([
            'made' => ['x' => $made + ['name' => 'X', 'of' => ['d/a', 'd/b']]],
            'cells' => ['base' => ['made/x'.$part => ['outputs' => [['kind' => 'axis', 'number' => 1]]]]],
        ]);
    }

    /** @return list<string> time and thousandths sent */
    private static function sent(Desk $desk, string ...$lines): array
    {
        return array_map(function (string $row): string {
            [$t, , , $value] = explode(' ', $row);

            return $t.' '.round((int) $value * 1000 / 65535);
        }, $desk->play(...$lines));
    }

    public function test_two_paddles_with_a_share_of_60_to_40(): void
    {
        $this->assertSame(
            ['0 0', '10 600', '20 1000', '30 400', '40 0'],
            self::sent(
                self::desk(['kind' => 'shared travel', 'share' => 0.6]),
                '0 a 0',
                '10 a 1000',
                '20 b 1000',
                '30 a 0',
                '40 b 0',
            ),
        );
    }

    public function test_larger_smaller_and_difference(): void
    {
        $lines = ['0 a 0', '10 a 300', '20 b 700', '30 a 900'];
        $this->assertSame(
            ['0 0', '10 300', '20 700', '30 900'],
            self::sent(self::desk(['kind' => 'larger']), ...$lines),
        );
        $this->assertSame(['0 0', '20 300', '30 700'], self::sent(self::desk(['kind' => 'smaller']), ...$lines));
        $this->assertSame(
            ['0 500', '10 650', '20 300', '30 600'],
            self::sent(self::desk(['kind' => 'difference']), ...$lines),
        );
    }

    public function test_halves_go_from_the_centre_outwards(): void
    {
        $lines = ['0 c 500', '10 c 250', '20 c 0', '30 c 750', '40 c 1000'];
        $this->assertSame(
            ['0 0', '10 500', '20 1000', '30 0'],
            self::sent(self::desk(['kind' => 'halves', 'of' => ['d/c']], '.low'), ...$lines),
        );
        $this->assertSame(
            ['0 0', '30 500', '40 1000'],
            self::sent(self::desk(['kind' => 'halves', 'of' => ['d/c']], '.high'), ...$lines),
        );
    }

    public function test_a_built_axis_is_shaped_stopped_and_noticed_like_any_other(): void
    {
        $desk = self::desk(['kind' => 'larger'])->saying([
            'axes' => [
                'made/x' => ['dead_zones' => ['low' => 0.1, 'high' => 0.1], 'curve' => ['kind' => 'expo', 'k' => 0.5]],
            ],
            'stops' => ['hold' => ['name' => 'Hold', 'axes' => ['made/x'], 'at' => 0.5, 'opens' => 'held']],
            'made' => ['full' => ['kind' => 'above', 'name' => 'Full', 'of' => ['made/x'], 'at' => 0.8]],
            'cells' => [
                'base' => [
                    'made/full' => [
                        'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 9]],
                    ],
                ],
            ],
        ])->cell('base', 'b1', 'follow', ['kind' => 'open stop', 'stop' => 'hold']);
        // 0.5 -> (0.5 - 0.1)/0.8 = 0.5 -> 0.3125 = 20480; 0.9 -> 1 -> the stop holds 0.5 = 32768
        $this->assertSame(
            [
                '0 axis 1 0', '10 axis 1 20480', '20 axis 1 32768', '20 button 9 1', '30 stop hold 1',
                '30 axis 1 65535', '40 stop hold 0', '40 axis 1 32768', '50 axis 1 20480', '50 button 9 0',
            ],
            $desk->play('0 a 0', '10 b 500', '20 a 900', '30 b1 1', '40 b1 0', '50 a 0'),
        );
    }

    public function test_it_goes_on_over_a_cut_and_an_edit(): void
    {
        $program = self::desk(['kind' => 'shared travel', 'share' => 0.6])->program();
        $machine = Machine::start($program);
        $machine->feed(Desk::inputs('0 a 500', '1 b 500'));
        $resumed = Machine::resume($program, State::restore($machine->state->write()));
        $this->assertSame(['2 axis 1 26214'], Desk::rows($resumed->feed(Desk::inputs('2 b 250'))), '0.3 + 0.1');
        $other = self::desk(['kind' => 'shared travel', 'share' => 0.2])->program();
        [$swapped, $events] = Swap::to($other, $program, $resumed->state);
        $this->assertSame(['2 axis 1 19661'], Desk::rows($events), '0.2·0.5 + 0.8·0.25');
        $this->assertSame(['3 axis 1 58982'], Desk::rows($swapped->feed(Desk::inputs('3 b 1000'))));
    }

    public function test_the_cause_names_the_hand_and_what_is_built(): void
    {
        $machine = Machine::start(self::desk(['kind' => 'larger'])->program());
        $events = $machine->feed(Desk::inputs('0 a 0', '7 b 300'));
        $this->assertSame('d/b=300@7000 > builds made/x > layer base', $events[1]->cause->compact());
    }

    public function test_the_bite_point_is_found_by_trying(): void
    {
        $paddles = SharedTravel::read(
            Node::of(['kind' => 'shared travel', 'name' => 'X', 'of' => ['d/a', 'd/b'], 'share' => 0.6]),
        );
        // A pulled to 0.75 of its way gives 0.45: there it bites, so all of A alone is to give 0.45.
        $this->assertSame(0.45, $paddles->shareBitingAt(0.75, 0.0));
        // B pulled to 0.8 gives 0.32, so all of B alone is to give 0.32, and A has the rest.
        $this->assertSame(0.68, $paddles->shareBitingAt(0.0, 0.8));
        $this->assertNull($paddles->shareBitingAt(0.7, 0.6), 'both are pulled');
        $this->assertNull($paddles->shareBitingAt(0.0, 0.02), 'none is');
    }

    public function test_what_cannot_be_built_is_refused(): void
    {
        $refused = function (array $made, string $message): void {
            try {
                Desk::plain()->saying(['made' => $made])->assembled();
                $this->fail('should be refused');
            } catch (FormatError $error) {
                $this->assertStringContainsString($message, $error->getMessage());
            }
        };
        $refused(
            ['x' => ['kind' => 'larger', 'name' => 'X', 'of' => ['d/a', 'd/c']]],
            'made.x.of: found a list of 2, expected two axes that are both centred, or both not',
        );
        $refused(
            ['x' => ['kind' => 'halves', 'name' => 'X', 'of' => ['d/a']]],
            'made.x.of: found a list of 1, expected a centred axis',
        );
        $refused(
            ['x' => ['kind' => 'larger', 'name' => 'X', 'of' => ['d/a', 'd/a']]],
            'made.x.of: found a list of 2, expected two axes, not the same',
        );
        $refused(
            [
                'x' => ['kind' => 'larger', 'name' => 'X', 'of' => ['d/a', 'd/b']],
                'y' => ['kind' => 'larger', 'name' => 'Y', 'of' => ['made/x', 'd/a']],
            ],
            'made.y.of: found a list of 2, expected axes of devices, since one that is built cannot be built from '
                .'again',
        );
        $refused(
            ['x' => ['kind' => 'shared travel', 'name' => 'X', 'of' => ['d/a', 'd/b'], 'share' => 1]],
            'made.x.share: found 1, expected a share above 0 and below 1',
        );
    }

    public function test_it_says_what_it_does(): void
    {
        $words = fn (array $made): string => MadeKinds::read(
            Node::of($made + ['name' => 'X', 'of' => ['d/a', 'd/b']]),
        )->inWords(['Left paddle', 'Right paddle'], false);
        $this->assertSame(
            'Left paddle alone reaches 60 %, Right paddle alone 40 %, both together 100 %.',
            $words(['kind' => 'shared travel', 'share' => 0.6]),
        );
        $this->assertSame(
            'Left paddle pushes one way, Right paddle the other; both alike rest at the centre.',
            $words(['kind' => 'difference']),
        );
    }
}
