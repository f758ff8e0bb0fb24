<?php

declare(strict_types=1);

namespace Tests\Core\Exchange\Shelf;

use Nailrod\Core\Exchange\Shelf\HoldsFile;
use Nailrod\Core\Exchange\Shelf\InputPositions;
use Nailrod\Core\Exchange\Shelf\LampScheme;
use Nailrod\Core\Exchange\Shelf\ReadyLayer;
use Nailrod\Core\Exchange\Shelf\ReadyMacro;
use Nailrod\Core\Exchange\Shelf\ReadyShape;
use Nailrod\Core\Exchange\Shelf\ShelfFit;
use Nailrod\Core\Exchange\Shelf\ShelfItem;
use Nailrod\Core\Exchange\Shelf\ShelfKinds;
use Nailrod\Core\Exchange\Shelf\ShelfRow;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Axis\StartingShape;
use Nailrod\Core\Mapping\Output\ContactOutput;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Removal;
use Nailrod\Core\Set\SetDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** Ready things: put on the shelf without the names of their owner, and taken where they fit. */
final class ShelfTest extends TestCase
{
    /** @param ?callable(SetDocument): SetDocument $change */
    private static function set(string $id, ?callable $change = null): BindingSet
    {
        $document = (new DemoSets)->set($id);
        assert($document !== null);

        return DemoSets::skerrywing($change === null ? $document : $change($document));
    }

    /** As it is after it was written to a file and read again. */
    private static function given(ShelfItem $item): ShelfItem
    {
        return ShelfItem::read(Node::of(Json::decode(Json::encode($item->toArray()))));
    }

    /** @return list<string> */
    private static function lacks(ShelfFit $fit): array
    {
        return array_values(array_filter(array_map(fn (ShelfRow $row) => $row->lacks, $fit->rows())));
    }

    /** @param list<PartPath> $paths that go, with all that names them */
    private static function without(BindingSet $set, array $paths): BindingSet
    {
        foreach ($paths as $path) {
            if ($set->merged->value($path) === null) {
                continue;
            }
            // A layer is named by others; what else goes is a part by itself.
            $isNamed = in_array($path->section, ['layers', 'macros', 'stops'], true);
            $isOwn = $set->merged->origin($path) === $set->merged->own->id;
            $set = DemoSets::skerrywing($isNamed ? (new Removal($set))->of(Gone::nothing()->and($path)) : (
                $isOwn ? $set->merged->own->without($path) : $set->merged->own->with($path, null)
            ));
        }

        return $set;
    }

    public function test_every_input_and_lamp_has_a_name_without_its_owners_and_is_found_again_by_it(): void
    {
        $set = self::set('skerrywing');
        $places = InputPositions::of($set);
        $refs = array_filter($set->rig->refs(), fn (string $ref) => ! str_starts_with($ref, 'made/'));
        $named = [];
        foreach ($refs as $ref) {
            $name = $places->named($ref);
            if ($name !== null && (isset($set->rig->contacts[$ref]) || isset($set->rig->axes[$ref]))) {
                $this->assertSame($ref, $places->ref($name));
                $this->assertTrue(InputPositions::isOne($name), $name);
                $named[] = $name;
            }
        }
        $this->assertGreaterThan(150, count($named));
        $this->assertCount(count($named), array_unique($named));
        $this->assertSame('rowan/rev-3', $places->ref((string) $places->named('rowan/rev-3')));
        $this->assertSame('button 4 of the throttle', InputPositions::inWords('throttle-1/button-4'));
        $this->assertSame('two way 2 up of the throttle', InputPositions::inWords('throttle-1/two-way-2.up'));
        $this->assertNull($places->ref('throttle-1/button-99'));
        $this->assertNull($places->named('nowhere/button'));
        $this->assertFalse(InputPositions::isOne('fennel/mark'));
    }

    public function test_whatever_a_set_has_can_be_put_there_and_is_the_same_when_it_is_taken_where_it_was_not(): void
    {
        $some = 0;
        foreach (['skerrywing', 'hairpin-ladder', 'quay-cable', 'dunlin'] as $id) {
            $set = self::set($id);
            foreach (
                array_filter(
                    ShelfKinds::all(),
                    fn (string $class) => ! is_subclass_of($class, HoldsFile::class),
                ) as $kind
            ) {
                foreach (array_keys($kind::offered($set)) as $thing) {
                    $paths = $kind::parts($set, (string) $thing);
                    $item = self::given(ShelfItem::of($set, $kind, (string) $thing, 'Thing', 'What it does'));
                    $json = Json::encode($item->toArray());
                    foreach ($set->rig->devices as $device) {
                        $this->assertStringNotContainsString($device->name, $json);
                        foreach ($device->onboard->serials as $serial) {
                            $this->assertStringNotContainsString($serial, $json);
                        }
                    }
                    // The same set without it takes it as it was.
                    $bare = self::without($set, $paths);
                    $fit = new ShelfFit($bare, $item);
                    $this->assertSame([], self::lacks($fit), $id.', '.$kind::kind().' '.$thing);
                    $again = DemoSets::skerrywing($fit->take());
                    foreach ($paths as $path) {
                        $this->assertEquals($set->merged->value($path), $again->merged->value($path), $path.' of '.$id);
                    }
                    $some++;
                }
            }
        }
        $this->assertGreaterThan(12, $some);
    }

    public function test_lamps_are_fitted_by_kind_and_number_and_values_by_the_role_of_what_changes_them(): void
    {
        $item = self::given(ShelfItem::of(self::set('skerrywing'), LampScheme::class, 'fennel', 'Throttle lamps', ''));
        $this->assertSame(['throttle-1' => 'throttle'], array_slice($item->devices, 0, 1));
        $there = self::set(
            'quay-cable',
            fn (SetDocument $own) => array_reduce(
                array_keys($own->partsOf('lamps')),
                fn (SetDocument $document, string $path) => $document->without(PartPath::of($path)),
                $own,
            ),
        );
        $fit = new ShelfFit($there, $item);
        $rows = $fit->rows();
        $taken = $fit->take();
        $this->assertGreaterThan(0, $fit->fits());
        foreach ($taken->partsOf('lamps') as $part) {
            $this->assertStringStartsWith(
                'fennel/',
                (string) (is_array($part->value) ? $part->value['lamp'] ?? '' : ''),
            );
        }
        $this->assertSame($fit->fits(), count(array_filter($rows, fn (ShelfRow $row) => $row->here !== '')));
        // Where there is no throttle nothing of it is taken, and why is told.
        $none = new ShelfFit($there, $item, array_map(fn () => '', $item->devices));
        $this->assertSame(0, $none->fits());
        $this->assertStringContainsString('lamp 1 of the throttle', implode('; ', self::lacks($none)));
        $this->expectException(FormatError::class);
        $none->take();
    }

    public function test_a_macro_goes_into_another_game_by_role_and_one_that_lacks_an_action_stays_out(): void
    {
        $item = self::given(
            ShelfItem::of(self::set('skerrywing'), ReadyMacro::class, 'three-sacks', 'Three sacks', ''),
        );
        $fit = new ShelfFit(self::set('hairpin-ladder'), $item);
        $this->assertSame(['Drop a sack is not here'], self::lacks($fit));
        $horn = self::set(
            'skerrywing',
            fn (SetDocument $own) => $own->with(
                PartPath::macro('hello'),
                [
                    'name' => 'Hello',
                    'steps' => [['do' => 'tap', 'output' => ['kind' => 'action', 'action' => 'horn'], 'ms' => 400]],
                ],
            ),
        );
        $taken = (new ShelfFit(
            self::set('hairpin-ladder'),
            self::given(ShelfItem::of($horn, ReadyMacro::class, 'hello', 'Hello', '')),
        ))->take();
        $role = fn (BindingSet $set, string $action): string => $set->catalogue?->action($action)->role ?? '';
        $said = $taken->value(PartPath::macro('hello'));
        $this->assertSame(
            'horn',
            $role(self::set('hairpin-ladder'), is_array($said) ? $said['steps'][0]['output']['action'] : ''),
        );
        // One of that name is here already: it gets another id, and nothing that is here changes.
        $twice = DemoSets::skerrywing(
            (new ShelfFit($horn, self::given(ShelfItem::of($horn, ReadyMacro::class, 'hello', 'Hello', ''))))->take(),
        );
        $this->assertArrayHasKey('hello-2', $twice->macros);
        $this->assertEquals($horn->macros['hello'], $twice->macros['hello']);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}> an example of each contact output that names a
     *    variable, and the field that does
     */
    public static function variables(): iterable
    {
        foreach (Outputs::all() as $kind => $class) {
            $example = ['kind' => $class::kind()] + $class::fields()->example();
            $fields = array_keys(array_filter(
                $class::fields()->all,
                fn (Field $field): bool => $field->type instanceof Id && $field->type->sort === Id::VARIABLE,
            ));
            if ($fields !== [] && $class::read(Node::of($example)) instanceof ContactOutput) {
                yield $kind => [$example, $fields[0]];
            }
        }
    }

    /** @param array<string, mixed> $output */
    #[DataProvider('variables')]
    public function test_a_written_value_goes_by_what_changes_it_or_is_left_out(array $output, string $field): void
    {
        $item = function (string $variable) use ($output, $field): ShelfItem {
            $set = self::set(
                'skerrywing',
                fn (SetDocument $own) => $own->with(
                    PartPath::macro('writes'),
                    [
                        'name' => 'Writes',
                        'steps' => [['do' => 'tap', 'output' => [$field => $variable] + $output, 'ms' => 100]],
                    ],
                ),
            );

            return self::given(ShelfItem::of($set, ReadyMacro::class, 'writes', 'Writes', ''));
        };
        $this->assertSame(
            ['what Flaps one down changes is not here'],
            self::lacks(new ShelfFit(self::set('hairpin-ladder'), $item('flaps'))),
        );
        $light = self::set('hairpin-ladder')->catalogue?->byRole()['main light on']->effect->variable ?? '';
        $this->assertNotSame('landing_light', $light);
        $said = (
            new ShelfFit(self::set('hairpin-ladder'), $item('landing_light'))
        )->take()->value(PartPath::macro('writes'));
        $this->assertSame($light, is_array($said) ? $said['steps'][0]['output'][$field] : '');
    }

    public function test_a_layer_comes_with_its_holder_and_never_over_what_is_there(): void
    {
        $item = self::given(ShelfItem::of(self::set('skerrywing'), ReadyLayer::class, 'water', 'On water', ''));
        $house = self::set('dunlin');
        $fit = new ShelfFit($house, $item);
        $this->assertStringContainsString('Fennel Ring lever does something already', implode('; ', self::lacks($fit)));
        $taken = DemoSets::skerrywing($fit->take());
        $this->assertArrayHasKey('water-2', $taken->layers);
        $this->assertSame(
            'hold layer',
            $house->merged->value(PartPath::cell('base', 'fennel/ring'))['outputs'][0]['kind'] ?? '',
        );
        $this->assertEquals(
            $house->merged->value(PartPath::cell('base', 'fennel/ring')),
            $taken->merged->value(PartPath::cell('base', 'fennel/ring')),
        );
        $this->assertNotNull($taken->cell('water-2', 'fennel/mark'));
    }

    public function test_a_cell_stays_out_with_the_macro_that_it_plays(): void
    {
        $plays = self::set(
            'skerrywing',
            fn (SetDocument $own) => $own->with(
                PartPath::cell('water', 'gorse/button-5'),
                ['behaviour' => ['kind' => 'macro', 'macro' => 'three-sacks']],
            ),
        );
        $fit = new ShelfFit(
            self::set('hairpin-ladder'),
            self::given(ShelfItem::of($plays, ReadyLayer::class, 'water', 'On water', '')),
        );
        $this->assertContains('a macro is not here', self::lacks($fit));
        $taken = DemoSets::skerrywing($fit->take());
        $this->assertNull($taken->cell('water-2', 'gorse/button-5'));
    }

    public function test_a_shape_goes_to_the_axis_that_is_chosen_with_its_stops_and_without_what_was_measured(): void
    {
        $shaped = self::set('skerrywing', fn (SetDocument $own) => $own
            ->with(PartPath::axis('fennel/left-lever', 'curve'), ['kind' => 'expo', 'k' => 0.4])
            ->with(PartPath::axis('fennel/left-lever', 'calibrate'), ['low' => 100, 'high' => 64_000])
            ->with(
                PartPath::stop('gate'),
                ['name' => 'Gate', 'axes' => ['fennel/left-lever'], 'at' => 0.8, 'opens' => 'until drawn back'],
            ));
        $item = self::given(ShelfItem::of($shaped, ReadyShape::class, 'fennel/left-lever', 'Gate', ''));
        $this->assertArrayNotHasKey('axes/throttle-1/lever-1/calibrate', $item->parts);
        $taken = (new ShelfFit(self::set('hairpin-ladder'), $item, [], 'sedge/left-toe'))->take();
        $this->assertSame(['kind' => 'expo', 'k' => 0.4], $taken->value(PartPath::axis('sedge/left-toe', 'curve')));
        $this->assertSame(
            ['sedge/left-toe'],
            is_array($stop = $taken->value(PartPath::stop('gate'))) ? $stop['axes'] : [],
        );
        DemoSets::skerrywing($taken);
        // What is for an axis with a middle is nothing for one without, and that is told.
        $steering = ShelfItem::ofShape(StartingShape::all()['steering']);
        $this->assertContains(
            'an axis that can be shaped so is not here',
            self::lacks(new ShelfFit($shaped, $steering, [], 'fennel/left-lever')),
        );
        $this->assertSame([], self::lacks(new ShelfFit($shaped, $steering, [], 'rowan/wheel')));
    }

    public function test_what_is_no_ready_thing_is_refused_with_the_place(): void
    {
        $good = ShelfItem::of(self::set('skerrywing'), ReadyMacro::class, 'three-sacks', 'Three sacks', '')->toArray();
        foreach (
            [
                ['kind' => 'sofa'], ['version' => 2], ['parts' => []], ['parts' => ['sofa/x' => []]],
                ['parts' => ['macros/x' => 'text']], ['name' => ''], ['devices' => ['a' => 3]],
                ['actions' => ['horn' => ['name' => 'Horn']]], ['more' => 1],
            ] as $wrong
        ) {
            try {
                ShelfItem::read(Node::of($wrong + $good));
                $this->fail((string) json_encode($wrong));
            } catch (FormatError $error) {
                $this->assertNotSame('', $error->getMessage());
            }
        }
        $this->expectException(FormatError::class);
        ShelfItem::of(self::set('skerrywing'), ReadyMacro::class, 'not-here', 'X', '');
    }
}
