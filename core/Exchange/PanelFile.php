<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\PanelDevice;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartNames;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Section\Cells;
use Nailrod\Core\Set\Section\LampRulesSection;
use Nailrod\Core\Set\Section\MacrosSection;

/**
 * A page of a panel, or all of it, with what its tiles do in the base layer and what lights them: a file to be taken
 * into another set. The open format `nailrod-panel`, version 1 (`schema/panel.schema.json`). Actions are told with
 * their role and their variable, so that another game's can be found for them; what a tile does stands by its id, with
 * its end: "channel.plus".
 */
final readonly class PanelFile
{
    public const FORMAT = 'nailrod-panel';
    public const LONGEST_NAME = 60;

    private const FIELDS = ['format', 'version', 'name', 'game', 'pages', 'does', 'lit', 'macros', 'actions'];

    /**
     * @param string                              $game    that it was made for; empty for none
     * @param Panel                               $panel   its pages
     * @param non-empty-list<array<string, mixed>> $pages   the same in the open format
     * @param array<string, array<string, mixed>> $does    cells in the open format, by tile and end
     * @param array<string, array<string, mixed>> $lit     rules of lamps without their lamps, by tile
     * @param array<string, array<string, mixed>> $macros  that its tiles play, in the open format, by id
     * @param array<string, array{name: string, role: string, variable: string}> $actions that its tiles do, by id
     */
    private function __construct(
        public string $name,
        public string $game,
        public Panel $panel,
        public array $pages,
        public array $does,
        public array $lit,
        public array $macros,
        public array $actions,
    ) {}

    /**
     * @param ?int $page only this one, from 0 on; null for all
     *
     * @return array<string, mixed> the file
     *
     * @throws FormatError if there is no such panel or page
     */
    public static function write(BindingSet $set, string $device, string $panel, ?int $page): array
    {
        $found = $set->panels[$device][$panel] ?? throw FormatError::told('Panel', $panel, 'one of the device');
        $said = Node::of($set->merged->value(PartPath::panel($device, $panel)))->plain();
        $pages = array_values((array) ($said['pages'] ?? []));
        if ($page !== null) {
            $pages = [
                self::alone(
                    $pages[$page] ?? throw FormatError::told('Page', (string) ($page + 1), 'a page of the panel'),
                ),
            ];
        }
        $name = $page === null ? $found->name : $found->pages[$page]->name;
        $drawn = PanelDevice::over(
            $set->rig->devices[$device],
            Panel::read($panel, Node::of(['name' => $name, 'pages' => $pages])),
            Node::of($said),
        );
        $does = self::doneBy($set, $drawn->controls);
        $ids = array_map(fn ($tile) => $tile->id, $drawn->panel?->tiles() ?? []);
        $lit = self::litIn($set, $device, $ids);
        $macros = [];
        foreach (self::namesIn(Cells::name(), $does, Id::MACRO) as $id) {
            $macros += isset($set->macros[$id]) ? [$id => $set->macros[$id]->toArray()] : [];
        }
        $actions = self::told($set, $does, $macros, $lit);

        return ['format' => self::FORMAT, 'version' => 1, 'name' => $name] + (
            $set->catalogue === null ? [] : ['game' => $set->catalogue->name]
        )
            + ['pages' => $pages] + array_filter(
                ['does' => $does, 'lit' => $lit, 'macros' => $macros, 'actions' => $actions],
                fn (array $all) => $all !== [],
            );
    }

    /** @throws FormatError that says what, where and what was expected */
    public static function read(Node $node): self
    {
        $node->only(self::FIELDS);
        $node->get('version')->int(1, 1);
        $name = $node->get('name')->string(self::LONGEST_NAME);
        $pages = array_map(fn (Node $page): array => $page->plain(), $node->get('pages')->list(Panel::MOST_PAGES));
        $pages !== [] || throw $node->get('pages')->refuse('one page or more');
        // Read for what may be wrong with it, and for its tiles; the pages are taken as they stand.
        $panel = Panel::read('file', Node::of(['name' => $name, 'pages' => $pages]));
        $actions = [];
        foreach (Keys::each(self::map($node, 'actions')) as $id => $said) {
            $action = Node::of($said, 'actions.'.$id);
            $action->only(['name', 'role', 'variable']);
            $actions[$id] = [
                'name' => $action->get('name')->string(60),
                'role' => (new Text(40, true))->read($action->maybe('role') ?? Node::of('')),
                'variable' => $action->get('variable')->id(),
            ];
        }

        $does = self::map($node, 'does');
        foreach (array_keys($does) as $end) {
            if (preg_match('/^[a-z0-9_-]+(\.[a-z0-9-]+)?$/D', (string) $end) !== 1) {
                throw $node->get('does')->refuse(
                    'what tiles do, by the id of a tile or with its end, as "channel.plus"',
                );
            }
        }
        $macros = self::map($node, 'macros');
        foreach (array_keys($macros) as $id) {
            Node::of((string) $id, 'macros')->id();
        }

        return new self(
            $name,
            $node->maybe('game')?->string(60) ?? '',
            $panel,
            $pages,
            $does,
            self::map($node, 'lit'),
            $macros,
            $actions,
        );
    }

    /**
     * @param list<Control> $controls
     *
     * @return array<string, array<string, mixed>>
     */
    private static function doneBy(BindingSet $set, array $controls): array
    {
        $does = [];
        foreach ($controls as $control) {
            foreach ([...$control->axes, ...$control->contacts] as $end) {
                $said = $set->cell(Layer::BASE, $end->ref) === null
                    ? null
                    : $set->merged->value(PartPath::cell(Layer::BASE, $end->ref));
                if ($said !== null) {
                    $does[explode('/', $end->ref, 2)[1]] = Node::of($said)->plain();
                }
            }
        }

        return $does;
    }

    /**
     * @param list<string> $tiles ids
     *
     * @return array<string, array<string, mixed>>
     */
    private static function litIn(BindingSet $set, string $device, array $tiles): array
    {
        $lit = [];
        foreach ($set->lamps as $rule) {
            $said = $rule->toArray();
            foreach (isset($said['while']) ? $rule->lamps() : [] as $lamp) {
                [$of, $tile] = explode('/', $lamp, 2);
                $lit += $of === $device && in_array($tile, $tiles, true) ? [
                    $tile => array_diff_key($said, ['lamp' => 0, 'also' => 0]),
                ] : [];
            }
        }

        return $lit;
    }

    /**
     * @param array<string, array<string, mixed>> $parts of one section
     *
     * @return list<string> what they name of a sort, each once
     */
    private static function namesIn(string $section, array $parts, string $sort): array
    {
        return array_values(
            array_unique(
                array_merge(
                    ...array_map(
                        fn (array $said): array => PartNames::in($section, $said, $sort),
                        array_values($parts),
                    ),
                ),
            ),
        );
    }

    /**
     * The actions that they name, and those that change a value which they name: by these another game's are found.
     *
     * @param array<string, array<string, mixed>> $does
     * @param array<string, array<string, mixed>> $macros
     * @param array<string, array<string, mixed>> $lit
     *
     * @return array<string, array{name: string, role: string, variable: string}>
     */
    private static function told(BindingSet $set, array $does, array $macros, array $lit): array
    {
        $names = fn (string $sort): array => [
            ...self::namesIn(Cells::name(), $does, $sort),
            ...self::namesIn(MacrosSection::name(), $macros, $sort),
            ...self::namesIn(LampRulesSection::name(), $lit, $sort),
        ];
        [$ids, $variables] = [$names(Id::ACTION), $names(Id::VARIABLE)];
        $actions = [];
        foreach ($set->catalogue->actions ?? [] as $action) {
            if (in_array($action->id, $ids, true) || in_array($action->effect->variable, $variables, true)) {
                $actions[$action->id] = [
                    'name' => $action->name,
                    'role' => $action->role,
                    'variable' => $action->effect->variable,
                ];
            }
        }

        return $actions;
    }

    /**
     * A page by itself: tiles that turn to others would lead nowhere.
     *
     * @return array<string, mixed>
     */
    private static function alone(mixed $page): array
    {
        $page = Node::of($page)->plain();
        $page['tiles'] = array_values(array_filter(
            (array) ($page['tiles'] ?? []),
            fn (mixed $tile) => ! is_array($tile) || ($tile['page'] ?? 0) === 0,
        ));

        return array_diff_key($page, ['layer' => 0]) + (isset($page['layer']) ? ['layer' => $page['layer']] : []);
    }

    /** @return array<string, array<string, mixed>> */
    private static function map(Node $node, string $field): array
    {
        $map = [];
        foreach (Keys::each($node->maybe($field)?->map() ?? []) as $key => $value) {
            $map[$key] = $value->plain();
        }

        return $map;
    }
}
