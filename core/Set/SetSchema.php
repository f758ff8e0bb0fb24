<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Action\Catalogue;
use Nailrod\Core\Behaviour\Behaviours;
use Nailrod\Core\Condition\Conditions;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Format\Kind;
use Nailrod\Core\Lamp\LampRules;
use Nailrod\Core\Made\MadeKinds;
use Nailrod\Core\Output\IsNumbered;
use Nailrod\Core\Output\Outputs;
use Nailrod\Core\Output\PressesKeys;
use Nailrod\Core\Set\Section\Section;
use Nailrod\Core\Set\Section\Sections;
use Nailrod\Core\Typing\KeyLayout;
use Nailrod\Core\Wiring\DeviceReader;

/** JSON Schema, draft 2020-12, of the files, made of the fields that their readers read. */
final class SetSchema
{
    private const DRAFT = 'https://json-schema.org/draft/2020-12/schema';
    private const ID = ['$ref' => '#/$defs/id'];

    /** Name of the definition of one kind: "output-set-variable". */
    public static function named(string $family, string $kind): string
    {
        return $family.'-'.preg_replace('/[^a-z]+/', '-', $kind);
    }

    /** @return array<string, mixed> */
    public static function ofSets(): array
    {
        $sections = [];
        foreach (Sections::all() as $name => $class) {
            $sections[$name] = self::section($class);
        }

        return [
            '$schema' => self::DRAFT,
            '$id' => 'nailrod:set',
            'title' => 'A binding set of Nailrod',
            '$defs' => ['id' => Ids::schema()]
                + self::family('output', Outputs::all())
                + self::family('behaviour', Behaviours::all())
                + self::family('made', MadeKinds::all())
                + ['condition' => Conditions::schema(), 'cell' => Cell::schema(), 'chord' => Chord::fields()->schema([], 'Contacts that count as one press when they close together.'), 'lamp_rule' => ['description' => 'What lights one lamp or several.', 'oneOf' => array_map(fn (string $class) => $class::fields()->schema([], $class::about()), LampRules::all())]],
            'type' => 'object',
            'properties' => [
                'format' => ['description' => 'What the file is.', 'const' => SetDocument::FORMAT],
                'version' => ['description' => 'The version of the format.', 'const' => 1],
                'id' => ['description' => 'The id of the set.'] + self::ID,
                'name' => ['description' => 'What the set is called.', 'type' => 'string', 'minLength' => 1, 'maxLength' => 60],
                'parent' => ['description' => 'The set that it inherits from; none for a root.'] + self::ID,
                'simulator' => ['description' => 'The simulator that it is for; as its parent says if it does not.'] + self::ID,
                'devices' => ['description' => 'The devices of the rig, in their order; as its parent says if it does not.', 'type' => 'array', 'maxItems' => 64, 'items' => self::ID],
            ] + $sections,
            'required' => ['format', 'version', 'id', 'name'],
            'additionalProperties' => false,
        ];
    }

    /** @return array<string, mixed> */
    public static function ofBindings(): array
    {
        $ways = array_filter(Outputs::all(), fn (string $class) => is_subclass_of($class, IsNumbered::class) || is_subclass_of($class, PressesKeys::class));

        return [
            '$schema' => self::DRAFT,
            '$id' => 'nailrod:bindings',
            'title' => 'What a game is told in its own settings: by what each of its actions is reached',
            '$defs' => ['id' => Ids::schema()] + self::family('output', $ways),
            'type' => 'object',
            'properties' => [
                'format' => ['description' => 'What the file is.', 'const' => 'nailrod-bindings'],
                'version' => ['description' => 'The version of the format.', 'const' => 1],
                'simulator' => ['description' => 'The simulator that it is for.'] + self::ID,
                'bindings' => ['description' => 'What reaches each action, by action.', 'type' => 'object', 'propertyNames' => self::ID, 'additionalProperties' => ['$ref' => '#/$defs/output']],
            ],
            'required' => ['format', 'version', 'simulator', 'bindings'],
            'additionalProperties' => false,
        ];
    }

    /** @return array<string, mixed> */
    public static function ofDevices(): array
    {
        return self::document('nailrod:device', 'A device: what it reports and where its controls are drawn', DeviceReader::fields());
    }

    /** @return array<string, mixed> */
    public static function ofCatalogues(): array
    {
        return self::document('nailrod:catalogue', 'A simulator: its actions, its variables, and the keys that it keeps', Catalogue::fields());
    }

    /** @return array<string, mixed> */
    public static function ofLayouts(): array
    {
        return self::document('nailrod:layout', 'A keyboard layout: what each key gives', KeyLayout::fields());
    }

    /** @return array<string, mixed> */
    public static function document(string $id, string $title, Fields $fields): array
    {
        return ['$schema' => self::DRAFT, '$id' => $id, 'title' => $title, '$defs' => ['id' => Ids::schema()]] + $fields->schema();
    }

    /**
     * @param array<string, class-string<Kind>> $classes by kind
     *
     * @return array<string, array<string, mixed>> a definition for each kind, and one for any of them
     */
    private static function family(string $name, array $classes): array
    {
        $kinds = [];
        foreach ($classes as $kind => $class) {
            $kinds[self::named($name, $kind)] = $class::fields()->schema(['kind' => ['const' => $kind]], $class::about());
        }

        return [$name => ['oneOf' => array_map(fn (string $kind) => ['$ref' => '#/$defs/'.$kind], array_keys($kinds))]] + $kinds;
    }

    /**
     * @param class-string<Section> $class
     *
     * @return array<string, mixed>
     */
    private static function section(string $class): array
    {
        $orGone = fn (array $part): array => ['oneOf' => [['type' => 'null'], $part]];
        $object = fn (bool $isById, array $values): array => ['type' => 'object'] + ($isById ? ['propertyNames' => self::ID] : []) + ['maxProperties' => $class::most(), 'additionalProperties' => $values];
        $inner = $class::schemaByKey();

        return ['description' => $class::about()] + match (true) {
            $class::depth() === 1 => $object($class::keyIsId(), $orGone($class::schema())),
            $inner !== null => $object($class::keyIsId(), ['type' => 'object', 'properties' => array_map($orGone, $inner), 'additionalProperties' => false]),
            default => $object($class::keyIsId(), $object($class::innerKeyIsId(), $orGone($class::schema()))),
        };
    }
}
