<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Format\Kind;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Condition\Conditions;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Mapping\Lamp\LampRules;
use Nailrod\Core\Mapping\Made\MadeKinds;
use Nailrod\Core\Mapping\Output\IsNumbered;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Mapping\Output\PressesKeys;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\Section\Section;
use Nailrod\Core\Set\Section\Sections;

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
                + [
                    'condition' => Conditions::schema(),
                    'cell' => Cell::schema(),
                    'chord' => Chord::fields()->schema(
                        [],
                        'Contacts that count as one press when they close together.',
                    ),
                    'lamp_rule' => [
                        'description' => 'What lights one lamp or several.',
                        'oneOf' => array_map(
                            fn (string $class) => $class::fields()->schema([], $class::about()),
                            LampRules::all(),
                        ),
                    ],
                ],
            'type' => 'object',
            'properties' => [
                'format' => ['description' => 'What the file is.', 'const' => SetDocument::FORMAT],
                'version' => ['description' => 'The version of the format.', 'const' => 1],
                'id' => ['description' => 'The id of the set.'] + self::ID,
                'name' => [
                    'description' => 'What the set is called.',
                    'type' => 'string',
                    'minLength' => 1,
                    'maxLength' => 60,
                ],
                'parent' => ['description' => 'The set that it inherits from; none for a root.'] + self::ID,
                'simulator' => [
                    'description' => 'The simulator that it is for; as its parent says if it does not.',
                ] + self::ID,
                'devices' => [
                    'description' => 'The devices of the rig, in their order; as its parent says if it does not.',
                    'type' => 'array',
                    'maxItems' => 64,
                    'items' => self::ID,
                ],
            ] + $sections,
            'required' => ['format', 'version', 'id', 'name'],
            'additionalProperties' => false,
        ];
    }

    /** @return array<string, mixed> */
    public static function ofBindings(): array
    {
        $ways = array_filter(
            Outputs::all(),
            fn (string $class) => is_subclass_of($class, IsNumbered::class)
                || is_subclass_of($class, PressesKeys::class),
        );

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
                'bindings' => [
                    'description' => 'What reaches each action, by action.',
                    'type' => 'object',
                    'propertyNames' => self::ID,
                    'additionalProperties' => ['$ref' => '#/$defs/output'],
                ],
            ],
            'required' => ['format', 'version', 'simulator', 'bindings'],
            'additionalProperties' => false,
        ];
    }

    /** @return array<string, mixed> */
    public static function ofPanels(): array
    {
        $set = self::ofSets();

        return [
            '$schema' => self::DRAFT,
            '$id' => 'nailrod:panel',
            'title' => 'Pages of a panel, with what their tiles do and what lights them',
            '$defs' => $set['$defs'],
            'type' => 'object',
            'properties' => self::panelFields(),
            'required' => ['format', 'version', 'name', 'pages'],
            'additionalProperties' => false,
        ];
    }

    /**
     * @return array<string, array{description: string}> the fields of a file of panel pages, by name, each with what
     *    else the schema says of it
     */
    public static function panelFields(): array
    {
        $map = fn (string $about, array $of): array => [
            'description' => $about,
            'type' => 'object',
            'additionalProperties' => $of,
        ];

        return [
            'format' => ['description' => 'What the file is.', 'const' => 'nailrod-panel'],
            'version' => ['description' => 'The version of the format.', 'const' => 1],
            'name' => [
                'description' => 'What the page or the panel is called.',
                'type' => 'string',
                'minLength' => 1,
                'maxLength' => 60,
            ],
            'game' => [
                'description' => 'The name of the simulator that it was made for; none if it was for none.',
                'type' => 'string',
                'minLength' => 1,
                'maxLength' => 60,
            ],
            'pages' => [
                'description' => 'The pages, the one that comes first, first.',
            ] + Panel::fields()->all['pages']->type->schema(),
            'does' => $map(
                'What the tiles do in the base layer, by the id of the tile, with its end where it has several: '
                    .'"channel.plus", "view.north".',
                ['$ref' => '#/$defs/cell'],
            ),
            'lit' => $map('What lights a tile, by its id: a rule of lamps without its lamps.', ['type' => 'object']),
            'macros' => $map('The macros that the tiles play, by id, as in a set.', ['type' => 'object']),
            'actions' =>
                $map(
                    'The actions that are named, by id, so that another game\'s can be found for them.',
                    ['type' => 'object', 'properties' => [
                'name' => [
                    'description' => 'What it is called there.',
                    'type' => 'string',
                    'minLength' => 1,
                    'maxLength' => 60,
                ],
                'role' => [
                    'description' => 'What it is for, in the same words in every game; empty if nobody has said.',
                    'type' => 'string',
                    'maxLength' => 40,
                ],
                'variable' => ['description' => 'The variable that it changes there.'] + self::ID,
            ], 'required' => ['name', 'variable'], 'additionalProperties' => false],
                ),
        ];
    }

    /** @return array<string, mixed> */
    public static function ofDevices(): array
    {
        return self::document(
            'nailrod:device',
            'A device: what it reports and where its controls are drawn',
            DeviceReader::fields(),
        );
    }

    /** @return array<string, mixed> */
    public static function ofCatalogues(): array
    {
        return self::document(
            'nailrod:catalogue',
            'A simulator: its actions, its variables, and the keys that it keeps',
            Catalogue::fields(),
        );
    }

    /** @return array<string, mixed> */
    public static function ofLayouts(): array
    {
        return self::document('nailrod:layout', 'A keyboard layout: what each key gives', KeyLayout::fields());
    }

    /** @return array<string, mixed> */
    public static function document(string $id, string $title, Fields $fields): array
    {
        return [
            '$schema' => self::DRAFT,
            '$id' => $id,
            'title' => $title,
            '$defs' => ['id' => Ids::schema()],
        ] + $fields->schema();
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
            $kinds[self::named($name, $kind)] = $class::fields()->schema(
                ['kind' => ['const' => $kind]],
                $class::about(),
            );
        }

        return [
            $name => ['oneOf' => array_map(fn (string $kind) => ['$ref' => '#/$defs/'.$kind], array_keys($kinds))],
        ] + $kinds;
    }

    /**
     * @param class-string<Section> $class
     *
     * @return array<string, mixed>
     */
    private static function section(string $class): array
    {
        $orGone = fn (array $part): array => ['oneOf' => [['type' => 'null'], $part]];
        $object = fn (bool $isById, array $values): array => ['type' => 'object'] + (
            $isById ? ['propertyNames' => self::ID] : []
        ) + [
            'maxProperties' => $class::most(),
            'additionalProperties' => $values,
        ];
        $inner = $class::schemaByKey();

        return ['description' => $class::about()] + match (true) {
            $class::depth() === 1 => $object($class::keyIsId(), $orGone($class::schema())),
            $inner !== null => $object(
                $class::keyIsId(),
                ['type' => 'object', 'properties' => array_map($orGone, $inner), 'additionalProperties' => false],
            ),
            default => $object($class::keyIsId(), $object($class::innerKeyIsId(), $orGone($class::schema()))),
        };
    }
}
