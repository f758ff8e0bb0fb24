<?php

declare(strict_types=1);

namespace Tests\Core\Mapping\Action;

use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Output\ControllerAxis;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\Ways;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;
use Tests\Core\Desk;

final class WaysTest extends TestCase
{
    private static function catalogue(BindingSet $set): Catalogue
    {
        return $set->catalogue ?? throw new \LogicException('The demo set has a simulator.');
    }

    private static function action(BindingSet $set, string $id): Action
    {
        return self::catalogue($set)->action($id) ?? throw new \LogicException('No action '.$id.'.');
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function open(): iterable
    {
        yield 'an axis with a way: its own, then its variable' => ['power', ['axis 1', 'variable power, 0.0 to 100.0']];
        yield 'an axis that only the controller reaches' => ['look-across', ['axis 7']];
        yield 'a two-state with a key' => ['fuel-cut', ['key Shift+C', 'output 7', 'variable fuel_cut set to 1.0']];
        yield 'a flip' => ['anchor-light', ['key Shift+L', 'output 7', 'variable anchor_light, 1.0 or 0.0']];
        yield 'a step, which no variable reaches' => ['flaps-down', ['key F', 'output 7']];
        yield 'no key of the game' => ['landing-light-on', ['output 7', 'variable landing_light set to 1.0']];
        yield 'one with a way of the set' => ['drop-sack', ['output 4', 'key D']];
    }

    /** @param list<string> $words */
    #[DataProvider('open')]
    public function test_every_way_that_is_open_to_an_action(string $action, array $words): void
    {
        $set = DemoSets::skerrywing();
        $ways = (new Ways($set, self::catalogue($set)))->of(self::action($set, $action));
        $plain = fn (string $text) => str_replace(['.0 ', '.0,'], [' ', ','], $text.' ');
        $this->assertSame(
            array_map($plain, $words),
            array_map(fn (Output $way) => $plain($way->inWords(new PlainNames)), $ways),
        );
    }

    public function test_a_way_is_proposed_only_where_there_is_none(): void
    {
        $set = DemoSets::skerrywing();
        $ways = new Ways($set, self::catalogue($set));
        $this->assertNull($ways->propose(self::action($set, 'power')));
        $this->assertNull($ways->propose(self::action($set, 'flaps-down')), 'the key of the game is a way');
        $this->assertEquals(new ControllerButton(7), $ways->propose(self::action($set, 'landing-light-off')));
        $this->assertEquals(new ControllerAxis(7), $ways->propose(self::action($set, 'look-across')));
    }

    public function test_outputs_that_are_assigned_directly_are_not_free(): void
    {
        $set = DemoSets::skerrywing();
        $document = (new Edits($set))->assign('water', 'gorse/button-5', null, [new ControllerButton(7)]);
        $with = DemoSets::skerrywing($document);
        $this->assertEquals(
            new ControllerButton(8),
            (new Ways($with, self::catalogue($with)))->propose(self::action($with, 'landing-light-on')),
        );
    }

    public function test_two_actions_get_different_outputs_and_all_of_them_can_be_reached(): void
    {
        $set = DemoSets::skerrywing();
        $contacts = array_keys($set->rig->contacts);
        $taken = [];
        foreach (array_values(self::catalogue($set)->actions) as $i => $action) {
            if ($action->isAxis()) {
                continue;
            }
            $set = DemoSets::skerrywing((new Edits($set))->assign(
                'base',
                $contacts[$i % count($contacts)],
                null,
                [new \Nailrod\Core\Mapping\Output\ActionOutput($action->id)],
            ));
            $way = $set->wayOf($action->id);
            $this->assertNotNull($way, $action->id);
            if ($way instanceof ControllerButton) {
                $this->assertNotContains($way->number, $taken, $action->id);
                $taken[] = $way->number;
            }
        }
        $this->assertGreaterThanOrEqual(8, count($taken));
    }

    public function test_keys_that_the_game_and_the_desktop_keep_are_known(): void
    {
        $catalogue = self::catalogue(DemoSets::skerrywing());
        $this->assertTrue($catalogue->isReserved(new KeyStroke('F4', ['AltLeft'])));
        $this->assertTrue($catalogue->isReserved(new KeyStroke('Escape')));
        $this->assertFalse($catalogue->isReserved(new KeyStroke('F4')));
        $this->assertFalse($catalogue->isReserved(new KeyStroke('Escape', ['ShiftLeft'])));
    }

    public function test_no_action_of_the_catalogue_uses_a_key_that_the_game_keeps_and_no_two_share_one(): void
    {
        $catalogue = self::catalogue(DemoSets::skerrywing());
        $keys = [];
        foreach ($catalogue->actions as $action) {
            if ($action->key !== null) {
                $this->assertFalse($catalogue->isReserved($action->key), $action->id);
                $keys[] = $action->key->label();
            }
        }
        $this->assertSame(array_unique($keys), $keys);
    }

    public function test_an_output_that_a_chord_or_a_macro_drives_is_not_proposed(): void
    {
        $button = fn (int $number): array => ['kind' => 'button', 'number' => $number];
        $catalogue = ['format' => 'nailrod-catalogue', 'version' => 1, 'id' => 'game', 'name' => 'Game',
            'vehicle' => 'Cart', 'frame_us' => 16667, 'sees' => ['buttons' => 8, 'axes' => 2], 'groups' => [
            ['id' => 'all', 'name' => 'All'],
        ],
            'actions' => [
                [
                    'id' => 'horn', 'name' => 'Horn', 'group' => 'all', 'kind' => 'momentary',
                    'effect' => ['do' => 'hold', 'variable' => 'horn'],
                ],
            ], 'variables' => ['horn' => ['name' => 'Horn', 'group' => 'all', 'low' => 0, 'high' => 1]]];
        $set = Desk::plain()->playing($catalogue)->saying([
            'chords' => ['base' => ['c' => ['name' => 'C', 'of' => ['d/b1', 'd/b2'], 'outputs' => [$button(1)]]]],
            'macros' => ['m' => ['name' => 'M', 'steps' => [['do' => 'tap', 'output' => $button(2), 'ms' => 20]]]],
        ])->assembled();
        $this->assertEquals(
            $button(3),
            (
                new Ways($set, $set->catalogue ?? throw new \LogicException)
            )->propose($set->catalogue->actions['horn'])?->toArray(),
        );
    }
}
