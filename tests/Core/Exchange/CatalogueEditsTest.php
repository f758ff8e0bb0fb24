<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Nailrod\Core\Exchange\ActionRow;
use Nailrod\Core\Exchange\CatalogueEdits;
use Nailrod\Core\Exchange\CatalogueTable;
use Nailrod\Core\Exchange\CatalogueUpdate;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\ActionKind;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\CatalogueChange;
use Nailrod\Core\Mapping\Action\EffectKind;
use Nailrod\Core\Mapping\Action\Pairs;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** A list of actions is changed by what a person says of its actions. */
final class CatalogueEditsTest extends TestCase
{
    private const CSV = "action,group,key,kind,role,variable\nThrottle,Drive,,axis,power,\n"
        ."Gear up,Drive,Page up,,,\nGear down,Drive,Page down,,,\nHorn,Signals,H,momentary,horn,\n"
        ."Lights,Signals,L,two-state,,\n";

    private static function list(string $csv = self::CSV): Catalogue
    {
        return CatalogueTable::of($csv)->catalogue('mine', 'My game');
    }

    private static function demo(string $id): Catalogue
    {
        return (new DemoSets)->catalogue($id) ?? throw new \LogicException;
    }

    #[TestWith(['skerrywing'])]
    #[TestWith(['quay-cable'])]
    #[TestWith(['hairpin-ladder'])]
    public function test_a_catalogue_goes_round_and_saying_what_stands_there_changes_nothing(string $id): void
    {
        $catalogue = self::demo($id);
        $this->assertEquals($catalogue, Catalogue::read(Node::of($catalogue->toArray())));
        $edits = CatalogueEdits::of($catalogue);
        $this->assertEquals(
            $catalogue,
            $edits->apply(
                array_map($edits->row(...), $catalogue->actions),
                [],
                [new ActionRow(['action' => ' ', 'kind' => ''])],
            )->checked(),
        );
    }

    public function test_what_is_said_of_an_action_is_what_it_becomes(): void
    {
        $list = CatalogueEdits::of(self::list())->change(
            'lights',
            new ActionRow([
                'action' => 'Head lamps', 'group' => 'Lamps', 'key' => 'Left Shift+K', 'role' => 'Main Light',
                'essential' => 'yes', 'written' => 'yes',
            ]),
        )->checked();
        $lights = $list->actions['lights'];
        $this->assertSame(
            ['Head lamps', 'Lamps', 'Shift+K', 'main light', true, true, ActionKind::TwoState],
            [
                $lights->name, $list->groups[$lights->group], $lights->key?->label(), $lights->role, $lights->essential,
                $lights->byVariable, $lights->kind,
            ],
        );
        // Its own variable goes with it.
        $this->assertSame(
            ['Head lamps', $lights->group],
            [$list->variables['lights']->name, $list->variables['lights']->group],
        );
        $without = CatalogueEdits::of($list)->change(
            'lights',
            new ActionRow(['key' => '', 'role' => '', 'essential' => '', 'group' => 'signals']),
        )->checked();
        $this->assertSame(
            [null, '', false, true, ['Drive', 'Signals']],
            [
                $without->actions['lights']->key, $without->actions['lights']->role,
                $without->actions['lights']->essential, $without->actions['lights']->byVariable,
                array_values($without->groups),
            ],
        );
    }

    public function test_a_kind_brings_what_the_action_does(): void
    {
        $edits = CatalogueEdits::of(self::list());
        $axis = $edits->change('horn', new ActionRow(['kind' => 'axis']))->checked();
        $this->assertSame(
            [EffectKind::Follow, 100.0],
            [$axis->actions['horn']->effect->kind, $axis->variables['horn']->high],
        );
        $back = CatalogueEdits::of($axis)->change('horn', new ActionRow(['kind' => '']))->checked();
        $this->assertEquals(self::list(), $back);
        $press = $edits->change('horn', new ActionRow(['amount' => '2']))->checked();
        $this->assertSame(
            [EffectKind::Step, 2.0, ActionKind::Momentary],
            [
                $press->actions['horn']->effect->kind, $press->actions['horn']->effect->amount,
                $press->actions['horn']->kind,
            ],
        );
        // A variable that somebody has described keeps its ends.
        $described = CatalogueEdits::of(self::demo('skerrywing'))->change(
            'flaps-up',
            new ActionRow(['kind' => 'selector', 'amount' => '0']),
        )->checked();
        $this->assertEquals(self::demo('skerrywing')->variables['flaps'], $described->variables['flaps']);
    }

    public function test_two_that_become_step_pairs_are_one_if_their_names_say_so(): void
    {
        $list = self::list("action,kind\nTrim up,momentary\nTrim down,momentary\nHorn,\n");
        $edits = CatalogueEdits::of($list);
        $rows = array_map($edits->row(...), $list->actions);
        $rows['trim-up'] = $rows['trim-up']->with(['kind' => 'step pair']);
        $rows['trim-down'] = $rows['trim-down']->with(['kind' => 'step pair']);
        $both = $edits->apply($rows, [], [])->checked();
        $this->assertSame('trim-down', (new Pairs($both))->partnerOf($both->actions['trim-up'])?->id);
        $this->assertSame(['horn', 'trim'], array_keys($both->variables));
        // One alone is no pair, and keeps its variable.
        $one = $edits->apply(['trim-up' => $rows['trim-up']], [], [])->checked();
        $this->assertSame(['trim_up', 'trim_down', 'horn'], array_keys($one->variables));
        // A variable that is said holds them together as well.
        $said = $edits->apply(
            ['horn' => new ActionRow(['kind' => 'two-state', 'variable' => 'noise', 'amount' => '1'])],
            [],
            [new ActionRow(['action' => 'Hush', 'kind' => 'two-state', 'variable' => 'Noise', 'amount' => '0'])],
        )->checked();
        $this->assertSame('hush', (new Pairs($said))->partnerOf($said->actions['horn'])?->id);
        $this->assertSame('Noise', $said->variables['noise']->name);
    }

    public function test_what_no_action_is_left_for_goes_with_the_last(): void
    {
        $edits = CatalogueEdits::of(self::list());
        $this->assertArrayHasKey('gear', $edits->remove('gear-up')->catalogue->variables);
        $none = $edits->apply([], ['gear-up', 'gear-down', 'horn', 'lights'], [])->checked();
        $this->assertSame(
            [['throttle'], ['throttle'], ['Drive']],
            [array_keys($none->actions), array_keys($none->variables), array_values($none->groups)],
        );
        // What a gauge goes after is kept.
        $skerrywing = self::demo('skerrywing');
        $gauged = array_values(
            array_filter($skerrywing->variables, fn ($variable) => $variable->gauge !== null),
        )[0]->gauge;
        $drivers = array_keys(
            array_filter($skerrywing->actions, fn (Action $action) => $action->effect->variable === $gauged),
        );
        $this->assertArrayHasKey(
            (string) $gauged,
            CatalogueEdits::of($skerrywing)->apply([], $drivers, [])->checked()->variables,
        );
    }

    public function test_what_went_comes_back_as_it_was_with_its_variable(): void
    {
        $all = self::demo('skerrywing');
        $without = CatalogueEdits::of($all)->apply([], ['horn', 'anchor'], []);
        $back = $without->keep($all, 'anchor')
            ->keep($all, 'anchor')
            ->keep($all, 'nothing')
            ->keep($all, 'horn')
            ->checked();
        $this->assertEqualsCanonicalizing($all->actions, $back->actions);
        $this->assertEqualsCanonicalizing($all->variables, $back->variables);
        $this->assertEquals($all->groups, $back->groups);
        // A gauge brings what it goes after, which stands before it.
        $gauge = array_values(array_filter($all->variables, fn ($variable) => $variable->gauge !== null))[0];
        $shows = CatalogueEdits::of($all)->add(
            new ActionRow(['action' => 'Shown', 'variable' => $gauge->name]),
        )->checked();
        $kept = CatalogueEdits::begin('mine', 'Mine', 8, 2)->keep($shows, 'shown')->checked();
        $this->assertSame([(string) $gauge->gauge, $gauge->id], array_keys($kept->variables));
    }

    public function test_everything_that_cannot_be_done_is_told_at_once_with_the_name_of_its_action(): void
    {
        try {
            CatalogueEdits::of(self::list())->apply(
                [
                    'horn' => new ActionRow(['key' => 'Hyper', 'kind' => 'axis']),
                    'lights' => new ActionRow(['action' => ' ']),
                    'throttle' => new ActionRow(['role' => str_repeat('x', 41)]),
                ],
                [],
                [
                    new ActionRow(['action' => '', 'key' => 'L']),
                    new ActionRow(['action' => 'Wipers', 'kind' => 'wheel']),
                ],
            );
            $this->fail('It was taken.');
        } catch (FormatError $error) {
            $this->assertSame([
                'Horn, key: found "Hyper", expected a key, such as L, Left Shift+L, Page up or Num 5.',
                'Lights, action: found nothing, expected a name.',
                'Throttle, role: found "'.str_repeat('x', 41).'", expected at most 40 characters.',
                'new action 1, action: found nothing, expected a name.',
                'Wipers, kind: found "wheel", expected one of momentary, two-state, step pair, axis, selector.',
            ], explode("\n", $error->getMessage()));
        }
        $this->expectExceptionMessage('found one that is not there, expected an action of My game');
        CatalogueEdits::of(self::list())->remove('wipers');
    }

    public function test_a_newer_table_keeps_the_ids_that_sets_know(): void
    {
        $now = CatalogueEdits::of(self::list())->change(
            'horn',
            new ActionRow(['essential' => 'yes', 'written' => 'yes']),
        )->checked();
        $csv = "action,key,role,group\nTHROTTLE,,,\nGear up,Home,,Box\nGear down,,,\nHooter,H,,\n"
            ."Wipers,W,wipers,Signals\n";
        $update = CatalogueUpdate::of($now, self::list($csv), false);
        $this->assertSame(
            ['throttle' => 'throttle', 'gear-up' => 'gear-up', 'gear-down' => 'gear-down', 'hooter' => 'horn'],
            $update->known,
        );
        $this->assertEqualsWithDelta(0.8, $update->share(), 1e-9);
        $next = $update->said(CatalogueTable::of($csv));
        $this->assertSame(
            [
                'throttle' => 'THROTTLE', 'gear-up' => 'Gear up', 'gear-down' => 'Gear down', 'horn' => 'Hooter',
                'wipers' => 'Wipers',
            ],
            array_map(fn (Action $action) => $action->name, $next->actions),
        );
        // What the table leaves empty stays as it was said before.
        $this->assertSame(
            ['Home', 'Page down', 'power', true, true],
            [
                $next->actions['gear-up']->key?->label(), $next->actions['gear-down']->key?->label(),
                $next->actions['throttle']->role, $next->actions['horn']->essential, $next->actions['horn']->byVariable,
            ],
        );
        $this->assertSame('gear-down', (new Pairs($next))->partnerOf($next->actions['gear-up'])?->id);
        $this->assertSame([
            'Lights goes.', 'Throttle is called THROTTLE.', 'Gear up stands under Box, has the key Home.',
            'Horn is called Hooter.', 'Wipers is new: momentary, key W.',
        ], CatalogueChange::between($now, $next)->lines());
        $this->assertSame(
            'Lights goes; Throttle is called THROTTLE; Gear up stands under Box, has the key Home; and 2 more.',
            CatalogueChange::between($now, $next)->sentence(),
        );
        $this->assertTrue(CatalogueChange::between($now, $now)->isNothing());
    }

    public function test_a_name_of_a_variable_alone_is_a_change_too(): void
    {
        $list = self::list();
        $renamed = $list->with(
            $list->groups,
            $list->actions,
            ['gear' => $list->variables['gear']->called('Gear lever', 'drive')] + $list->variables,
        );
        $this->assertSame(
            [false, ['Variables that change: Gear lever.'], 'Variables that change: Gear lever.'],
            [
                CatalogueChange::between($list, $renamed)->isNothing(),
                CatalogueChange::between($list, $renamed)->lines(),
                CatalogueChange::between($list, $renamed)->sentence(),
            ],
        );
    }

    public function test_a_newer_file_is_taken_whole_under_the_ids_that_sets_know(): void
    {
        $now = self::demo('skerrywing');
        $newer = CatalogueEdits::of($now)->remove('horn')->add(
            new ActionRow(['action' => 'Fog signal', 'key' => 'N', 'group' => 'Radio']),
        )->remove('cabin-light')->checked()->called('skerrywing-2', 'Skerrywing 2');
        $whole = CatalogueUpdate::of($now, $newer, true)->whole();
        $this->assertSame(
            ['skerrywing', 'Skerrywing 2', 'Fog signal'],
            [$whole->id, $whole->name, $whole->actions['horn']->name],
        );
        $this->assertArrayNotHasKey('cabin-light', $whole->actions);
        $this->assertEquals($now, CatalogueUpdate::of($now, $now, true)->whole());
        $this->assertEquals($whole, Catalogue::read(Node::of($whole->toArray())));
        // An id that means another thing in the newer file does not take the place of the one that is known.
        $twisted = CatalogueEdits::begin('skerrywing', 'Skerrywing', 64, 8)
            ->add(new ActionRow(['action' => 'Talk']))
            ->add(new ActionRow(['action' => 'Horn', 'role' => 'talk']))->checked();
        $this->assertSame(
            ['talk' => 'Talk', 'horn' => 'Horn'],
            array_map(
                fn (Action $action) => $action->name,
                CatalogueUpdate::of($now, $twisted, false)->whole()->actions,
            ),
        );
    }
}
