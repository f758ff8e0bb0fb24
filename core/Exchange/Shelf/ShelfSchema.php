<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Shelf;

use Nailrod\Core\Format\Ids;
use Nailrod\Core\Set\SetSchema;

/** The format of ready things in JSON Schema, and for who reads the docs. */
final class ShelfSchema
{
    /** @return array<string, mixed> in JSON Schema */
    public static function ofShelf(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'nailrod:shelf',
            'title' => 'A ready thing: parts of a set that can be taken into another',
            '$defs' => ['id' => Ids::schema()],
            'type' => 'object',
            'properties' => self::fields(),
            'required' => ['format', 'version', 'kind', 'name'],
            'oneOf' => [['required' => ['parts']], ['required' => ['holds']]],
            'additionalProperties' => false,
        ];
    }

    /** @return array<string, array<string, mixed>> by name */
    private static function fields(): array
    {
        return [
            'format' => ['description' => 'What the file is.', 'const' => ShelfItem::FORMAT],
            'version' => ['description' => 'The version of the format.', 'const' => 1],
            'kind' => ['description' => 'What sort of a thing it is.', 'enum' => array_keys(ShelfKinds::all())],
            'name' => [
                'description' => 'What it is called.',
                'type' => 'string',
                'minLength' => 1,
                'maxLength' => ShelfItem::LONGEST_NAME,
            ],
            'about' => [
                'description' => 'What it is good for.',
                'type' => 'string',
                'maxLength' => ShelfItem::LONGEST_ABOUT,
            ],
            'game' => [
                'description' => 'The name of the simulator that it was made for; none if it was for none.',
                'type' => 'string',
                'minLength' => 1,
                'maxLength' => 60,
            ],
            'devices' => [
                'description' => 'The kind of each device that it names, by the name that it has here: "throttle-1".',
                'type' => 'object',
                'additionalProperties' => ['type' => 'string', 'maxLength' => 40],
            ],
            'parts' => [
                'description' =>
                    'Parts as in a set, by their path. An input or a lamp is called by its kind and its number on '
                        .'its device: "throttle-1/button-4", "throttle-1/two-way-2.up", "wheel-1/lamp-3".',
                'type' => 'object',
                'minProperties' => 1,
                'maxProperties' => ShelfItem::MOST,
                'additionalProperties' => ['type' => 'object'],
            ],
            'actions' => SetSchema::panelFields()['actions'],
            'holds' => [
                'description' =>
                    'In the place of parts: pages of a panel, or a set with all that it needs, each as a file of its '
                        .'own format.',
                'type' => 'object',
                'required' => ['format'],
            ],
        ];
    }

    public static function markdown(): string
    {
        $rows = '';
        foreach (self::fields() as $name => $said) {
            $rows .= '| `'.$name.'` | '.(is_string($said['description'] ?? null) ? $said['description'] : '')." |\n";
        }

        return "## Ready thing\n\n"
            .'Something from a shelf, to be taken into another set (`nailrod-shelf`, version 1, '
            .'`schema/shelf.schema.json`). Taken in, a device is the one of the same kind, unless another is '
            .'chosen, a control the one of the same kind and number, an action the one of the same id in the same '
            .'game, else of the same role, else of the same name. What finds nothing, and what would come over '
            ."something that is there, is left out. It has no serials, no tokens and no names of devices.\n\n"
            ."| field | what it says |\n|---|---|\n"
            .$rows
            ."\n";
    }
}
