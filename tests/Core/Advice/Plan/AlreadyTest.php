<?php

declare(strict_types=1);

namespace Tests\Core\Advice\Plan;

use Nailrod\Core\Advice\Plan\Already;
use Nailrod\Core\Mapping\Output\KeyNames;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** What can be chosen says what it does already. */
final class AlreadyTest extends TestCase
{
    private static function demo(): BindingSet
    {
        return (new Assembly(new DemoSets))->assemble((new DemoSets)->set('skerrywing') ?? throw new \LogicException);
    }

    public function test_controls_say_what_they_do_in_each_layer(): void
    {
        $said = Already::of(self::demo())->said();
        $this->assertSame('Cruise: Drop a sack; On water: Cast mooring off', $said['control']['fennel/mark']);
        $this->assertArrayNotHasKey('fennel/left-thumb', $said['control']);
    }

    public function test_what_is_led_to_says_by_what_and_the_control_stands_for_it(): void
    {
        $already = Already::of(self::demo());
        $this->assertSame('by Fennel Ring lever, Cruise', $already->said()['layer']['water']);
        $this->assertSame([['layer', 'water']], $already->leads()['fennel/ring']);
        $this->assertContains(['action', 'drop-sack'], $already->leads()['fennel/mark']);
        $this->assertContains(['variable', 'sack'], $already->leads()['fennel/mark']);
        $this->assertSame(
            'by Fennel Mark button, Cruise; by macro Three sacks',
            $already->said()['action']['drop-sack'],
        );
    }

    public function test_keys_say_what_game_and_desktop_do_with_them_first_in_whatever_order_they_are_held(): void
    {
        $keys = Already::of(self::demo())->said()['key'];
        $this->assertSame('the game takes it for Flaps one up; sent by Fennel Switch 4 up, Cruise', $keys['KeyV']);
        $this->assertStringContainsString('which the desktop keeps for', $keys['AltLeft+Tab']);
        $this->assertSame(KeyNames::read('Shift+Ctrl+R')?->codes(), KeyNames::read('Ctrl+Shift+R')?->codes());
    }

    public function test_every_use_that_is_named_is_there(): void
    {
        $set = self::demo();
        $already = Already::of($set);
        foreach ($already->leads() as $ref => $ways) {
            $this->assertTrue($set->rig->has((string) $ref));
            foreach ($ways as [$sort, $id]) {
                $this->assertNotSame('', $already->said()[$sort][$id] ?? '', $sort.' '.$id);
            }
        }
        $lamps = array_merge(...array_map(fn ($rule) => $rule->lamps(), array_values($set->lamps)));
        $this->assertSame([], array_diff($lamps, array_keys($already->said()['lamp'])));
    }
}
