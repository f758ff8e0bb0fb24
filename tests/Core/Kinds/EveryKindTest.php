<?php

declare(strict_types=1);

namespace Tests\Core\Kinds;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Kind;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Type;
use Nailrod\Core\Mapping\Axis\AxisPart;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Mapping\Axis\Curves;
use Nailrod\Core\Mapping\Axis\Stop;
use Nailrod\Core\Mapping\Behaviour\Behaviour;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Lamp\LampRules;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Made\MadeKinds;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Rig\Device\ControlNote;
use Nailrod\Core\Rig\Device\Kind\ControlKind;
use Nailrod\Core\Rig\Device\Kind\ControlKinds;
use Nailrod\Core\Rig\Device\Kind\MadeControl;
use Nailrod\Core\Rig\Device\Kind\Numbering;
use Nailrod\Core\Rig\Device\Kind\Wish;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\Chord;
use Nailrod\Core\Set\Section\Sections;
use Nailrod\Core\Set\SetSchema;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Nothing is left unsaid: every kind has words, labels, help, a schema, and an example that goes round. */
final class EveryKindTest extends TestCase
{
    /** @return iterable<string, array{class-string<Kind>, string}> class, and the definition of the schema */
    public static function kinds(): iterable
    {
        foreach (
            [
                'output' => Outputs::all(), 'behaviour' => Behaviours::all(), 'made' => MadeKinds::all(),
                'curve' => Curves::all(),
            ] as $family => $classes
        ) {
            foreach ($classes as $kind => $class) {
                yield $family.' '.$kind => [
                    $class, $family === 'curve' ? '' : SetSchema::named($family, (string) $kind),
                ];
            }
        }
    }

    /** @param class-string<Kind> $class */
    #[DataProvider('kinds')]
    public function test_an_example_goes_from_the_file_to_the_object_and_back_and_fits_the_schema(
        string $class,
        string $definition,
    ): void {
        $example = ['kind' => $class::kind()] + $class::fields()->example();
        $read = $class::read(Node::of($example), 'x');
        $again = $class::read(Node::of($read->toArray()), 'x');

        $this->assertEquals($read, $again);
        $this->assertSame($read->toArray(), $again->toArray());
        foreach ($definition === '' ? [] : [$example, $read->toArray()] as $value) {
            $schema = json_decode(
                Json::encode(['$ref' => '#/$defs/'.$definition, '$defs' => SetSchema::ofSets()['$defs']]),
            );
            $this->assertTrue(
                (new Validator)->validate(json_decode(Json::encode($value)), $schema)->isValid(),
                Json::encode($value),
            );
        }
    }

    /** @param class-string<Kind> $class */
    #[DataProvider('kinds')]
    public function test_it_has_a_name_a_sentence_and_words(string $class): void
    {
        $this->assertMatchesRegularExpression('/^\S.*\S$/', $class::title());
        $this->assertMatchesRegularExpression('/^[A-Z].*\.$/', $class::about());
        $read = $class::read(Node::of(['kind' => $class::kind()] + $class::fields()->example()), 'x');
        if ($read instanceof Output || $read instanceof Behaviour) {
            $this->assertMatchesRegularExpression('/\S/', $read->inWords(new PlainNames));
            $this->assertStringNotContainsString("'", $read->inWords(new PlainNames));
        }
    }

    /** @return iterable<string, array{Fields}> */
    public static function allFields(): iterable
    {
        foreach (self::kinds() as $name => [$class]) {
            yield $name => [$class::fields()];
        }
        foreach (AxisParts::all() as $name => $class) {
            yield 'axis '.$name => [$class::fields(null)];
        }
        foreach (LampRules::all() as $class) {
            yield 'lamp '.$class::key() => [$class::fields()];
        }
        foreach (
            [
                'stop' => Stop::fields(), 'layer' => Layer::fields(), 'chord' => Chord::fields(),
                'macro' => Macro::fields(), 'note' => ControlNote::fields(),
            ] as $name => $fields
        ) {
            yield $name => [$fields];
        }
    }

    #[DataProvider('allFields')]
    public function test_every_field_has_a_label_a_help_a_schema_and_limits_that_hold(Fields $fields): void
    {
        foreach ($fields->all as $name => $field) {
            $this->assertMatchesRegularExpression('/^[a-z][a-z0-9_]*$/', $name);
            $this->assertMatchesRegularExpression('/^[A-Z]/', $field->label, $name);
            $this->assertMatchesRegularExpression('/^[A-Z].*[.?]$/', $field->help, $name);
            $this->assertSame($field->help, $field->schema()['description'], $name);
            $this->assertNotSame('', $field->type->inWords(), $name);
            foreach ([$field->type->example(), $field->usual, $field->begins] as $value) {
                if ($value !== null) {
                    $field->type->read(Node::of($value, $name));
                }
            }
            $this->assertFalse($this->isTaken($field, new \stdClass), $name.' takes what is no value of JSON');
        }
        $this->addToAssertionCount(1);
    }

    #[DataProvider('allFields')]
    public function test_every_name_in_it_is_found_by_its_type(Fields $fields): void
    {
        $named = array_filter(
            $fields->all,
            fn (Field $field): bool => self::isName($field->type) || (
                $field->type instanceof Several && self::isName($field->type->of)
            ),
        );
        $renamed = $fields->renamed(
            array_map(fn (Field $field): mixed => $field->type->example(), $fields->all),
            fn (string $sort, string $name): string => $sort.' of another',
        );
        foreach ($named as $name => $field) {
            $of = $field->type instanceof Several ? $field->type->of : $field->type;
            $found = is_array($renamed[$name]) ? array_unique($renamed[$name]) : [$renamed[$name]];
            $this->assertSame(
                [($of instanceof Id || $of instanceof Reference ? $of->sort : '').' of another'],
                $found,
                $name,
            );
        }
        $this->assertSame(array_keys($fields->all), array_keys($renamed));
    }

    private static function isName(Type $type): bool
    {
        return $type instanceof Id || $type instanceof Reference;
    }

    /** @return iterable<string, array{class-string<AxisPart>}> */
    public static function parts(): iterable
    {
        foreach (AxisParts::all() as $name => $class) {
            yield $name => [$class];
        }
    }

    /** @param class-string<AxisPart> $class */
    #[DataProvider('parts')]
    public function test_a_part_of_an_axis_says_what_holds_so_that_it_can_be_read_again(string $class): void
    {
        $axis = new AxisInput('d/a', '', 1, 0, 1000, true, 900);
        $example = $class === \Nailrod\Core\Mapping\Axis\Curve::class
            ? ['kind' => 'expo', 'k' => 0.2]
            : $class::fields($axis)
            ->example();
        $read = $class::read(
            Node::of(array_replace(
                $example,
                array_intersect_key(
                    [
                        'low' => $class::part() === 'calibrate' || $class::part() === 'measured' ? 10 : 0.1,
                        'rest' => $class::part() === 'dead_zones' ? 0.1 : 400,
                    ],
                    $example,
                ),
            )),
            $axis,
        );

        $this->assertEquals($read, $class::read(Node::of($read->values()), $axis));
        $this->assertNotSame('', $read->asItComes($axis));
        $this->assertMatchesRegularExpression('/^[A-Z].*\.$/', $class::about());
    }

    public function test_every_section_says_what_it_is_and_how_its_parts_are_called(): void
    {
        foreach (Sections::all() as $name => $class) {
            $this->assertSame($name, $class::name());
            $this->assertCount(2, array_filter($class::called()));
            $this->assertMatchesRegularExpression('/^[A-Z].*\.$/', $class::about());
            $this->assertContains($class::depth(), [1, 2]);
        }
    }

    private function isTaken(Field $field, mixed $value): bool
    {
        try {
            $field->type->read(Node::of($value, $field->name));

            return true;
        } catch (FormatError) {
            return false;
        }
    }

    /** @return iterable<string, array{ControlKind}> */
    public static function controls(): iterable
    {
        foreach (ControlKinds::all() as $word => $kind) {
            yield $word => [$kind];
        }
    }

    #[DataProvider('controls')]
    public function test_a_kind_of_control_has_words_a_mark_and_room_and_fits_what_it_reports(ControlKind $kind): void
    {
        $this->assertMatchesRegularExpression('/^[a-z][a-z -]+$/', $kind->inWords());
        $this->assertMatchesRegularExpression('/^[a-z][a-z -]+s$/', $kind->several());
        $this->assertMatchesRegularExpression('/^M[-0-9]/', $kind->mark());
        [$width, $height, $middle] = $kind->room();
        $this->assertTrue($width >= 100 && $height >= 100 && $middle > 0 && $middle < $height);
        if ($kind instanceof MadeControl) {
            $this->assertSame([], $kind->numbered(new Numbering));

            return;
        }
        $device = DeviceReader::read(Node::of([
            'format' => 'nailrod-device', 'version' => 1, 'id' => 'd', 'name' => 'D', 'kind' => 'button box',
            'face' => ['width' => 600, 'height' => 600],
            'controls' => [
                [
                    'id' => 'c', 'name' => 'C', 'kind' => $kind::kind(), 'at' => [300, 300],
                ] + $kind->numbered(new Numbering),
            ],
        ]));
        $control = $device->controls[0];
        $this->assertInstanceOf($kind::class, $control->kind);
        $this->assertTrue($kind->fits($control->reports()));
        $this->assertEquals($control, unserialize(serialize($control)));
        $refs = array_map(fn (ContactInput $contact): string => $contact->ref, $control->positions());
        foreach ($refs as $ref) {
            $this->assertNotContains($ref, $kind->beside($refs, $ref));
            $this->assertSame([], array_diff($kind->beside($refs, $ref), $refs));
        }
        foreach ([1, 2, 3] as $count) {
            foreach ($kind->groups($refs, $count) as $group) {
                $this->assertCount($count, array_intersect(array_unique($group), $refs));
            }
        }
        $this->assertFalse($kind->latches() && $kind->springsBack(), 'it stays, or it springs back');
        foreach (Wish::cases() as $wish) {
            $this->assertNotSame('', $kind->why($wish));
        }
    }
}
