<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Shelf;

use Nailrod\Core\Format\Article;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Mapping\Axis\StartingShape;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartNames;
use Nailrod\Core\Set\PartPath;

/**
 * A ready thing: parts of a set that can be taken into another, the open format `nailrod-shelf`, version 1. Inputs and
 * lamps are called by their kind and number (see Places), actions are told with their role and their variable; there
 * are no serials, tokens or names of devices in it.
 */
final readonly class ShelfItem
{
    public const FORMAT = 'nailrod-shelf';
    public const LONGEST_NAME = 60;
    public const LONGEST_ABOUT = 300;

    private const FIELDS = [
        'format',
        'version',
        'kind',
        'name',
        'about',
        'game',
        'devices',
        'parts',
        'actions',
        'holds',
    ];

    /** Parts that one can have. */
    public const MOST = 500;

    /**
     * @param class-string<ShelfKind>                                           $kind
     * @param string $game that it was made for; empty for none
     * @param array<string, string> $devices kinds of the devices that it names, by id
     * @param array<string, array<string, mixed>>                               $parts   in the open format, by path
     * @param array<string, array{name: string, role: string, variable: string}> $actions that it names, or that change
     *     a value it names, by id
     * @param array<array-key, mixed> $holds the file, of a kind that is one; else empty
     */
    private function __construct(
        public string $kind,
        public string $name,
        public string $about,
        public string $game,
        public array $devices,
        public array $parts,
        public array $actions,
        public array $holds = [],
    ) {}

    /**
     * A file of a format of its own.
     *
     * @param class-string<HoldsFile>  $kind
     * @param array<array-key, mixed> $document
     */
    public static function holding(string $kind, array $document, string $name, string $about): self
    {
        return new self(
            $kind,
            $name,
            $about,
            is_string($document['game'] ?? null) ? $document['game'] : '',
            [],
            [],
            [],
            $document,
        );
    }

    /** A shape that ships with the application. */
    public static function ofShape(StartingShape $shape): self
    {
        $axis = 'throttle-1/lever-1';
        $parts = [];
        foreach ($shape->parts as $part => $said) {
            $parts['axes/'.$axis.'/'.$part] = $said;
        }
        foreach ($shape->stops as $id => $said) {
            $parts['stops/'.$id] = $said + ['axes' => [$axis]];
        }
        foreach ($shape->made as $id => $said) {
            $parts['made/'.$id] = $said + ['of' => [$axis]];
        }

        return new self(ReadyShape::class, $shape->name, $shape->why, '', ['throttle-1' => 'throttle'], $parts, []);
    }

    /**
     * @param class-string<ShelfKind> $kind
     * @param string                  $id   of what is put there
     *
     * @throws FormatError if the set has no such thing
     */
    public static function of(BindingSet $set, string $kind, string $id, string $name, string $about): self
    {
        $places = InputPositions::of($set);
        $paths = $kind::parts($set, $id);
        $parts = [];
        foreach ($paths as $path) {
            $parts[(string) self::named($path, $places)] = self::renamed(
                $path->section,
                Node::of($set->merged->value($path))->plain(),
                $places,
            );
        }
        // What they play comes along.
        foreach (self::namesIn($parts, Id::MACRO) as $macro) {
            $path = PartPath::macro($macro);
            $parts += isset($set->macros[$macro]) ? [
                (string) $path => self::renamed($path->section, Node::of($set->merged->value($path))->plain(), $places),
            ] : [];
        }
        if ($parts === []) {
            throw FormatError::told('Thing', 'nothing', 'one that '.$set->merged->own->name.' has');
        }
        $said = implode("\n", [...array_keys($parts), (string) json_encode($parts, JSON_UNESCAPED_SLASHES)]);
        $devices = [];
        foreach ($places->ids as $device => $own) {
            $devices += str_contains($said, $device.'/') ? [$device => $set->rig->devices[$own]->kind] : [];
        }

        return new self($kind, $name, $about, $set->catalogue->name ?? '', $devices, $parts, self::told($set, $parts));
    }

    /** @throws FormatError that says what, where and what was expected */
    public static function read(Node $node): self
    {
        $node->only(self::FIELDS);
        $node->get('format')->oneOf([self::FORMAT]);
        $node->get('version')->int(1, 1);
        $kind = ShelfKinds::all()[$node->get('kind')->oneOf(array_keys(ShelfKinds::all()))];
        if (is_subclass_of($kind, HoldsFile::class)) {
            $holds = $node->get('holds')->plain();
            if (($holds['format'] ?? null) !== $kind::format()) {
                throw $node->get('holds')->refuse('a file of the format '.$kind::format());
            }

            return self::holding(
                $kind,
                $holds,
                $node->get('name')->string(self::LONGEST_NAME),
                (new Text(self::LONGEST_ABOUT, true))->read($node->maybe('about') ?? Node::of('')),
            );
        }
        $devices = $parts = $actions = [];
        foreach (Keys::each($node->maybe('devices')?->map() ?? []) as $id => $said) {
            $devices[$id] = $said->string(40);
        }
        $map = $node->get('parts')->map();
        if ($map === [] || count($map) > self::MOST) {
            throw $node->get('parts')->refuse('1 to '.self::MOST.' parts');
        }
        foreach (Keys::each($map) as $path => $said) {
            PartPath::of($path);
            $said->map();
            $parts[$path] = $said->plain();
        }
        foreach (Keys::each($node->maybe('actions')?->map() ?? []) as $id => $said) {
            $said->only(['name', 'role', 'variable']);
            $actions[$id] = [
                'name' => $said->get('name')->string(60),
                'role' => (new Text(40, true))->read($said->maybe('role') ?? Node::of('')),
                'variable' => $said->get('variable')->id(),
            ];
        }

        return new self(
            $kind,
            $node->get('name')->string(self::LONGEST_NAME),
            (new Text(self::LONGEST_ABOUT, true))->read($node->maybe('about') ?? Node::of('')),
            $node->maybe('game')?->string(60) ?? '',
            $devices,
            $parts,
            $actions,
        );
    }

    /** @return array<string, mixed> in the open format */
    public function toArray(): array
    {
        return ['format' => self::FORMAT, 'version' => 1, 'kind' => $this->kind::kind(), 'name' => $this->name]
            + array_filter(
                ['about' => $this->about, 'game' => $this->game, 'devices' => $this->devices],
                fn (mixed $value) => $value !== '' && $value !== [],
            )
            + (
                $this->holds === [] ? ['parts' => $this->parts] : ['holds' => $this->holds]
            ) + ($this->actions === [] ? [] : ['actions' => $this->actions]);
    }

    public function called(string $name, string $about): self
    {
        return new self(
            $this->kind,
            $name,
            $about,
            $this->game,
            $this->devices,
            $this->parts,
            $this->actions,
            $this->holds,
        );
    }

    /** @return list<string> what it needs, in words: "a throttle", "Drop a sack" */
    public function needs(): array
    {
        $devices = $this->kind === ReadyShape::class ? [] : array_values(array_unique($this->devices));

        return [
            ...array_map(Article::before(...), $devices),
            ...array_values(
                array_map(
                    fn (array $action) => $action['name'],
                    array_intersect_key($this->actions, array_flip(self::namesIn($this->parts, Id::ACTION))),
                ),
            ),
        ];
    }

    private static function named(PartPath $path, InputPositions $places): PartPath
    {
        return new PartPath(
            $path->section,
            $places->named($path->key) ?? $path->key,
            $path->inner === null ? null : $places->named($path->inner) ?? $path->inner,
        );
    }

    /**
     * @param array<array-key, mixed> $said
     *
     * @return array<string, mixed> with inputs and lamps as a file calls them
     */
    private static function renamed(string $section, array $said, InputPositions $places): array
    {
        /** @var array<string, mixed> */
        return PartNames::renamed(
            $section,
            $said,
            fn (string $sort, string $name): string => in_array($sort, PartNames::OF_RIG, true)
                ? $places->named($name)
                ?? $name
                : $name,
        );
    }

    /**
     * @param array<string, array<string, mixed>> $parts in the open format, by path
     *
     * @return list<string> what they name of these sorts, each once
     */
    private static function namesIn(array $parts, string ...$sorts): array
    {
        $names = [];
        foreach (Keys::each($parts) as $path => $said) {
            array_push($names, ...PartNames::in(PartPath::of($path)->section, $said, ...$sorts));
        }

        return array_values(array_unique($names));
    }

    /**
     * @param array<string, array<string, mixed>> $parts
     *
     * @return array<string, array{name: string, role: string, variable: string}>
     */
    private static function told(BindingSet $set, array $parts): array
    {
        $names = self::namesIn($parts, Id::ACTION);
        $variables = self::namesIn($parts, Id::VARIABLE);
        $actions = [];
        foreach ($set->catalogue->actions ?? [] as $action) {
            if (in_array($action->id, $names, true) || in_array($action->effect->variable, $variables, true)) {
                $actions[$action->id] = [
                    'name' => $action->name,
                    'role' => $action->role,
                    'variable' => $action->effect->variable,
                ];
            }
        }

        return $actions;
    }
}
