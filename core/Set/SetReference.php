<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Kind;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\Type;
use Nailrod\Core\Format\Type\Variants;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\Effect;
use Nailrod\Core\Mapping\Action\ReservedKey;
use Nailrod\Core\Mapping\Action\Variable;
use Nailrod\Core\Mapping\Axis\AxisPart;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Mapping\Axis\Curve;
use Nailrod\Core\Mapping\Axis\Curves;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Condition\Conditions;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Mapping\Lamp\LampRules as Rules;
use Nailrod\Core\Mapping\Made\MadeKinds;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Rig\Device\ControlReader;
use Nailrod\Core\Rig\Device\Keeps;
use Nailrod\Core\Rig\Device\Lamp;
use Nailrod\Core\Rig\Device\Mode;
use Nailrod\Core\Rig\Device\Setting;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Rig\Panel\PanelPage;
use Nailrod\Core\Rig\Panel\Tile;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\Section\AxesSection;
use Nailrod\Core\Set\Section\Cells;
use Nailrod\Core\Set\Section\LampRulesSection;
use Nailrod\Core\Set\Section\MacrosSection;
use Nailrod\Core\Set\Section\MadeThings;
use Nailrod\Core\Set\Section\Panels;
use Nailrod\Core\Set\Section\Section;
use Nailrod\Core\Set\Section\Sections;
use Nailrod\Core\Set\Section\WaysSection;

/** The page that tells of every field of the files, made of the fields that their readers read. */
final class SetReference
{
    /** How many fields an object has at most that is told of in one line. */
    private const SMALL = 3;

    public static function markdown(): string
    {
        return self::top()
            .self::heading(
                'Sections',
                'Every section is an object. Its parts lie by key, or by key and inner key; a part that is `null` '
                    .'takes away what the parent says.',
                self::sections(),
            )
            .implode('', array_map(self::section(...), array_values(Sections::all())))
            .self::heading('Curves', 'What `curve` can be, by its `kind`.', self::kinds(Curves::all()))
            .self::heading(
                'Conditions',
                'What stands in `when`: one of these; or `{"all": [...]}` or `{"any": [...]}` with two to four of '
                    .'them.',
                implode(
                    '',
                    array_map(
                        fn (string $class) => '### with `'
                            .$class::sort()
                            ."`\n\n"
                            .$class::about()
                            ."\n\n"
                            .self::fields($class::fields()),
                        Conditions::all(),
                    ),
                ),
            )
            .self::heading('Behaviours', 'How a contact drives its outputs, by `kind`.', self::kinds(Behaviours::all()))
            .self::heading('Outputs', 'What leaves, by `kind`.', self::kinds(Outputs::all()))
            .self::beside();
    }

    /** @param class-string<Section> $class */
    private static function section(string $class): string
    {
        $about = sprintf(
            'A part of `%s`, by %s. %s',
            $class::name(),
            $class::depth() === 1 ? 'key' : 'key and inner key',
            $class::about(),
        );
        $fields = $class::fields();

        return self::heading(ucfirst($class::called()[1]), $about, $fields === null
            ? self::ofKinds($class)
            : self::fields($fields)
            .match ($class) {
                MacrosSection::class =>
                    "A step says what it does with `do`: `press`, `release`, `tap`, `wait` or `type`.\n\n",
                Panels::class => "### A page\n\nAn entry of `pages`.\n\n"
                    .self::fields(PanelPage::fields())
                    ."### A tile\n\nAn entry of `tiles`.\n\n"
                    .self::fields(Tile::fields()),
                default => '',
            });
    }

    /** @param class-string<Section> $class of one whose parts are of several kinds */
    private static function ofKinds(string $class): string
    {
        return match ($class) {
            AxesSection::class => "They act in this order.\n\n".implode(
                '',
                array_map(self::axisPart(...), AxisParts::all()),
            ),
            MadeThings::class => "Its `kind` says what it is.\n\n".self::kinds(MadeKinds::all()),
            Cells::class =>
                'It says of a contact or an axis `{"nothing": true}`; `{"as": "device/control"}`, which does as '
                    .'another contact does; or a `behaviour` (a contact) and `outputs`. A contact may have `when`, a '
                    .'condition, and beside it `otherwise`, which has a `behaviour` and `outputs` of its own. An '
                    .'axis may have the fields of its hand-over.'
                ."\n\n"
                .self::fields(HandOver::fields()),
            LampRulesSection::class => implode(
                '',
                array_map(
                    fn (string $rule) => '### with `'
                        .$rule::key()
                        ."`\n\n"
                        .$rule::about()
                        ."\n\n"
                        .self::fields($rule::fields()),
                    Rules::all(),
                ),
            ),
            WaysSection::class => "An output: see below.\n\n",
            default => throw new \LogicException('Nothing is written of '.$class::name().'.'),
        };
    }

    private static function top(): string
    {
        return <<<'TEXT'
            # The files

            Written by `php artisan nailrod:schema` from the fields that the readers read; do not change it by hand.
            `schema/` says the same for machines, in JSON Schema.

            A set (`nailrod-set`, version 1) is JSON in UTF-8. It says only what it changes of its parent. Ids are
            lower-case letters, digits, `-` and `_`; references of inputs and lamps are `device/control`, of one
            position of a control `device/control.position`. Parts of a travel are numbers from 0 to 1, times are in
            ms.


            TEXT;
    }

    /** The other files. */
    private static function beside(): string
    {
        return self::heading(
            'Devices',
            'A file of its own (`nailrod-device`, version 1) for each device of the rig.',
            self::fields(DeviceReader::fields()),
        )
            .self::heading('Controls of a device', 'An entry of `controls`. It has axes, contacts, a hat or an '
                .'encoder.', self::fields(ControlReader::fields())
                ."### An axis\n\nAn entry of `axes`.\n\n".self::fields(ControlReader::axisFields())
                .implode(
                    '',
                    array_map(
                        fn (Thing $thing) => '### A contact: '
                            .$thing->inWords()
                            ."\n\nAn entry of `contacts`.\n\n"
                            .self::fields($thing->fields),
                        self::contacts(),
                    ),
                ))
            .self::heading('Lamps of a device', 'An entry of `lamps`.', self::fields(Lamp::fields()))
            .self::heading('What a device keeps', 'What stands in `keeps`.', self::fields(Keeps::fields()))
            .self::heading('Modes of a device', 'An entry of `modes`.', self::fields(Mode::fields()))
            .self::heading('Settings of a device', 'An entry of `settings`.', self::fields(Setting::fields()))
            .self::heading(
                'Simulators',
                'A file of its own (`nailrod-catalogue`, version 1) for each simulator: its catalogue.',
                self::fields(Catalogue::fields()),
            )
            .self::heading(
                'Actions',
                'An entry of `actions`.',
                self::fields(Action::fields())."### Its effect\n\n".self::fields(Effect::fields()),
            )
            .self::heading('Variables', 'A part of `variables`, by id.', self::fields(Variable::fields()))
            .self::heading('Reserved keys', 'An entry of `reserved_keys`.', self::fields(ReservedKey::fields()))
            .self::heading(
                'Keyboard layouts',
                'A file of its own (`nailrod-layout`, version 1) for each layout.',
                self::fields(KeyLayout::fields()),
            );
    }

    /** @return list<Thing> */
    private static function contacts(): array
    {
        $of = ControlReader::contactsType(false)->of;

        return $of instanceof Variants ? array_values($of->things) : [];
    }

    /** A section on one more file. */
    public static function file(string $title, string $about, Fields $fields): string
    {
        return self::heading($title, $about, self::fields($fields));
    }

    /** Pages of a panel as a file: its fields are those of a set, but for what stands around them. */
    public static function ofPanels(): string
    {
        $rows = '';
        foreach (SetSchema::panelFields() as $name => $said) {
            $rows .= '| `'.$name.'` | '.$said['description']." |\n";
        }

        return self::heading(
            'Panel',
            'Pages of a panel, to be taken into another set, of another game (`nailrod-panel`, version 1, '
                .'`schema/panel.schema.json`). Taken in, each action becomes the one of the same id in the same '
                .'game, else of the same role, else of the same name; a variable becomes the one that such an action '
                .'changes. What finds nothing is left out.',
            "| field | what it says |\n|---|---|\n".$rows."\n",
        );
    }

    private static function heading(string $title, string $about, string $body): string
    {
        return '## '.$title."\n\n".$about."\n\n".$body;
    }

    private static function sections(): string
    {
        $rows = '';
        foreach (Sections::all() as $name => $class) {
            $rows .= sprintf(
                "| `%s` | %s | %s | %d |\n",
                $name,
                $class::about(),
                $class::depth() === 1 ? 'key' : 'key and inner key',
                $class::most(),
            );
        }

        return "| section | what | by | at most |\n|---|---|---|---|\n".$rows."\n";
    }

    /** @param class-string<AxisPart> $class */
    private static function axisPart(string $class): string
    {
        return '### `'.$class::part()."`\n\n".$class::about()."\n\n".(
            $class === Curve::class ? "See below.\n\n" : self::fields($class::fields(null))
        );
    }

    /** @param array<string, class-string<Kind>> $classes by kind */
    private static function kinds(array $classes): string
    {
        $text = '';
        foreach ($classes as $kind => $class) {
            $text .= '### `'.$kind."`\n\n".$class::about()."\n\n".self::fields($class::fields(), ['kind' => $kind]);
        }

        return $text;
    }

    /** @param array<string, string> $kind what stands before the fields in the example */
    private static function fields(Fields $fields, array $kind = []): string
    {
        $rows = implode('', array_map(self::row(...), $fields->all));
        $example = (string) json_encode($kind + $fields->example(), JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);

        return (
            $rows === '' ? '' : "| field | what | may be | usually |\n|---|---|---|---|\n".$rows."\n"
        ).'`'.$example."`\n\n";
    }

    private static function row(Field $field): string
    {
        $usual = match (true) {
            $field->isRequired => 'must be said',
            $field->usual === null, $field->usual === [] => 'nothing',
            default => '`'.json_encode($field->usual, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE).'`',
        };

        return sprintf(
            "| `%s` | %s | %s | %s |\n",
            $field->name,
            $field->help,
            str_replace('|', '\\|', self::within($field->type)),
            $usual,
        );
    }

    /** What may stand there; of a small object its fields too, since it has no heading of its own. */
    private static function within(Type $type): string
    {
        $thing = $type instanceof Several ? $type->of : $type;
        if (! $thing instanceof Thing || count($thing->fields->all) > self::SMALL) {
            return $type->inWords();
        }

        return $type->inWords().': '.implode(
            '; ',
            array_map(
                fn (Field $field) => '`'.$field->name
                    .'`, '
                    .lcfirst(rtrim($field->help, '.'))
                    .' ('
                    .$field->type->inWords()
                    .(
                        $field->isRequired ? '' : ', may be left out'
                    ).')',
                $thing->fields->all,
            ),
        );
    }
}
