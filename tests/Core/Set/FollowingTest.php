<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Nailrod\Core\Exchange\ActionRow;
use Nailrod\Core\Exchange\CatalogueEdits;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\Drafts;
use Nailrod\Core\Set\Following;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** Sets follow a change of the list of their simulator: what is no longer there goes from them, and nothing else. */
final class FollowingTest extends TestCase
{
    private const SETS = ['knot', 'dunlin', 'house', 'skerrywing', 'marl', 'hairpin-ladder', 'quay-cable'];

    /** @return list<SetDocument> children may stand before their parents */
    private static function sets(): array
    {
        $library = new DemoSets;

        return array_map(fn (string $id) => $library->set($id) ?? throw new \LogicException, self::SETS);
    }

    private static function skerrywing(): Catalogue
    {
        return (new DemoSets)->catalogue('skerrywing') ?? throw new \LogicException;
    }

    private static function follow(Catalogue $after, SetDocument ...$instead): Following
    {
        $sets = array_map(fn (SetDocument $set) => $instead[$set->id] ?? $set, self::sets());

        return Following::of(new Drafts(new DemoSets, $instead), $sets, self::skerrywing(), $after);
    }

    public function test_what_an_action_was_assigned_to_goes_from_every_set_that_says_so(): void
    {
        $after = CatalogueEdits::of(self::skerrywing())->apply([], ['horn', 'power-right'], [])->checked();
        $following = self::follow($after);
        $this->assertSame(['skerrywing', 'knot'], array_keys($following->changed));
        $this->assertEqualsCanonicalizing(['skerrywing', 'knot', 'dunlin'], $following->of);
        $this->assertStringContainsString('Horn', implode($following->lines['skerrywing']));
        $this->assertStringContainsString('Power, right engine', implode($following->lines['knot']));
        $drafts = new Drafts(new DemoSets, $following->changed, $after);
        foreach (['skerrywing', 'knot', 'dunlin'] as $id) {
            $set = (new Assembly($drafts))->assemble($drafts->set($id) ?? throw new \LogicException);
            $this->assertStringNotContainsString(
                '"horn"',
                (string) json_encode(array_map(fn ($part) => $part->value, $set->merged->parts())),
            );
        }
        // The rest of the set is as it was.
        $before = (new DemoSets)->set('skerrywing') ?? throw new \LogicException;
        $this->assertSame(
            array_keys($before->said('axes')),
            array_keys($following->changed['skerrywing']->said('axes')),
        );
        $this->assertSame($before->said('layers'), $following->changed['skerrywing']->said('layers'));
    }

    public function test_what_shows_a_variable_that_is_no_longer_kept_goes_with_it(): void
    {
        $after = CatalogueEdits::of(self::skerrywing())->apply([], ['anchor'], [])->checked();
        $this->assertArrayNotHasKey('anchor', $after->variables);
        $names = fn (SetDocument $set): int => substr_count($set->toCompactJson(), '"anchor"');
        $this->assertGreaterThan(1, $names((new DemoSets)->set('skerrywing') ?? throw new \LogicException));
        $this->assertSame(0, $names(self::follow($after)->changed['skerrywing']));
    }

    public function test_a_name_that_changes_leaves_the_sets_alone(): void
    {
        $after = CatalogueEdits::of(self::skerrywing())->change(
            'horn',
            new ActionRow(['action' => 'Fog signal', 'key' => 'Y', 'role' => '']),
        )->checked();
        $this->assertSame([[], 3], [self::follow($after)->changed, count(self::follow($after)->of)]);
        $this->assertSame([], self::follow(self::skerrywing())->changed);
    }

    public function test_an_action_that_another_sort_of_control_drives_is_let_go_of(): void
    {
        $after = CatalogueEdits::of(self::skerrywing())->change(
            'horn',
            new ActionRow(['kind' => 'axis', 'key' => '']),
        )->checked();
        $following = self::follow($after);
        $this->assertSame(['skerrywing'], array_keys($following->changed));
        $this->assertNull($following->changed['skerrywing']->value(PartPath::way('horn')));
    }

    public function test_what_a_parent_without_a_simulator_says_is_taken_away_in_the_set_that_has_one(): void
    {
        $house = (new DemoSets)->set('house') ?? throw new \LogicException;
        $ref = array_keys(
            (new Assembly(new DemoSets))->assemble((new DemoSets)->set('skerrywing') ?? $house)->rig->contacts,
        )[0];
        $cell = ['behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'action', 'action' => 'horn']]];
        $house = $house->with(PartPath::cell('base', (string) $ref), $cell);
        $skerrywing = ((new DemoSets)->set('skerrywing') ?? $house)->without(PartPath::cell('base', (string) $ref));
        $after = CatalogueEdits::of(self::skerrywing())->remove('horn')->checked();
        $following = self::follow($after, house: $house, skerrywing: $skerrywing);
        $this->assertTrue($following->changed['skerrywing']->says(PartPath::cell('base', (string) $ref)));
        $this->assertNull($following->changed['skerrywing']->value(PartPath::cell('base', (string) $ref)));
        $this->assertArrayNotHasKey('house', $following->changed);
    }

    public function test_a_set_that_does_not_fit_even_so_is_told(): void
    {
        // A tick cannot hold a key, and follow holds: with no key yet that was allowed.
        $none = CatalogueEdits::of(self::skerrywing())->change('horn', new ActionRow(['key' => '']))->checked();
        $set = (new DemoSets)->set('skerrywing') ?? throw new \LogicException;
        $rig = (new Assembly(new DemoSets))->assemble($set)->rig;
        $tick = array_values(array_filter($rig->contacts, fn ($contact) => $contact->encoder !== null))[0]->ref;
        $set = $set->without(PartPath::way('horn'))->with(
            PartPath::cell('base', $tick),
            ['behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'action', 'action' => 'horn']]],
        );
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('the set '.$set->name.': cells.base.'.$tick);
        Following::of(
            new Drafts(new DemoSets, ['skerrywing' => $set], $none),
            [$set],
            $none,
            CatalogueEdits::of($none)->change('horn', new ActionRow(['key' => 'N']))->checked(),
        );
    }
}
