<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Shelf;

use Nailrod\Core\Exchange\NameMatch;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartNames;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Section\Sections;
use Nailrod\Core\Set\SetDocument;

/**
 * A ready thing in the set that takes it: devices by their kind, controls by their kind and number, actions by role,
 * else by name. What does not fit is left out and told; what is here already stays as it is.
 */
final readonly class ShelfFit
{
    /** Sections whose parts get an id of their own here, and the sort as which others name them. */
    private const OWN = [
        'layers' => Id::LAYER,
        'macros' => Id::MACRO,
        'stops' => Id::STOP,
        'flags' => Id::FLAG,
        'lamps' => '',
        'made' => '',
    ];

    private NameMatch $match;

    private InputPositions $places;

    /**
     * @var array<string, string> device here that each device of the file is taken for, by its id there; empty for none
     */
    public array $devices;

    /** @var array<string, string> the axis that was chosen, in the place of the one that a shape was made for */
    private array $instead;

    /** @var array<string, array<string, string>> ids here, by section and id there */
    private array $ids;

    /**
     * @param array<string, string> $devices that were chosen, by id in the file
     * @param ?string               $axis    of a shape: the axis that takes it; null for the one that is most alike
     */
    public function __construct(
        private BindingSet $set,
        private ShelfItem $item,
        array $devices = [],
        ?string $axis = null,
    ) {
        $this->instead = $axis === null || ! isset($set->rig->axes[$axis]) ? [] : array_fill_keys(
            array_map(
                fn (PartPath $path) => $path->key,
                array_filter(
                    array_map(PartPath::of(...), Keys::of($item->parts)),
                    fn (PartPath $path) => $path->section === 'axes',
                ),
            ),
            $axis,
        );
        $this->match = new NameMatch($set, $item->game, $item->actions, []);
        $taken = [];
        foreach ($item->devices as $id => $kind) {
            $asked = $devices[$id] ?? null;
            $alike = array_values(array_filter(
                $set->rig->devices,
                fn ($device) => $device->kind === $kind && ! in_array($device->id, $taken, true),
            ));
            $taken[$id] = $asked !== null && (
                $asked === '' || isset($set->rig->devices[$asked])
            ) ? $asked : $alike[0]->id ?? '';
        }
        $this->devices = $taken;
        $this->places = InputPositions::taken($set, $taken);
        $this->ids = $this->freeIds();
    }

    /** @return array<string, array<string, string>> */
    private function freeIds(): array
    {
        $ids = [];
        foreach (Keys::of($this->item->parts) as $path) {
            $path = PartPath::of($path);
            if (isset(self::OWN[$path->section])) {
                $ids[$path->section][$path->key] = Ids::free(
                    $path->key,
                    'part',
                    fn (string $id): bool => $this->set->merged->value(new PartPath($path->section, $id)) !== null
                        || in_array($id, $ids[$path->section] ?? [], true),
                );
            }
        }

        return $ids;
    }

    /** @return list<ShelfRow> one for each part, in their order */
    public function rows(): array
    {
        $rows = [];
        foreach (Keys::each($this->item->parts) as $path => $said) {
            $here = $this->path(PartPath::of($path));
            $lacks = $this->lacks(PartPath::of($path), $here, $said);
            $rows[] = new ShelfRow(
                $this->wasInWords(PartPath::of($path), $said),
                $lacks === '' && $here !== null ? $this->hereInWords($here, $said) : '',
                $lacks,
            );
        }

        return $rows;
    }

    /** How many parts fit. */
    public function fits(): int
    {
        return count(array_filter($this->rows(), fn (ShelfRow $row) => $row->lacks === ''));
    }

    /**
     * All that fits is taken.
     *
     * @throws FormatError if nothing does
     */
    public function take(): SetDocument
    {
        $own = $this->set->merged->own;
        $some = false;
        foreach (Keys::each($this->item->parts) as $path => $said) {
            $here = $this->path(PartPath::of($path));
            if ($here !== null && $this->lacks(PartPath::of($path), $here, $said) === '') {
                $own = $own->with($here, $this->mapped($here->section, $said));
                $some = true;
            }
        }

        return $some ? $own : throw FormatError::told(
            $this->item->name,
            'nothing that fits here',
            'something that this rig and this game have',
        );
    }

    private function path(PartPath $path): ?PartPath
    {
        $key = match ($path->section) {
            'axes' => $this->refHere($path->key),
            'cells', 'chords' => $this->ids['layers'][$path->key] ?? $path->key,
            default => $this->ids[$path->section][$path->key] ?? $path->key,
        };
        $inner = $path->section === 'cells' ? $this->refHere((string) $path->inner) : $path->inner;

        return $key === null || (
            $path->section === 'cells' && $inner === null
        ) ? null : new PartPath($path->section, $key, $inner);
    }

    /**
     * @param array<string, mixed> $said
     * @param list<string>         $asked see comes()
     *
     * @return string why it is not taken; empty if it is
     */
    private function lacks(PartPath $there, ?PartPath $here, array $said, array $asked = []): string
    {
        $lacks = $here === null ? [
            InputPositions::inWords($there->section === 'cells' ? (string) $there->inner : $there->key),
        ] : [];
        foreach (PartNames::all($there->section, $said) as [$sort, $name]) {
            $section = array_search($sort, self::OWN, true);
            $lacking = match (true) {
                $sort === Id::ACTION => isset($this->match->actions[$name])
                    ? ''
                    : $this->item->actions[$name]['name']
                    ?? 'an action',
                $sort === Id::VARIABLE => isset($this->match->variables[$name])
                    ? ''
                    : $this->match->valueInWords($name),
                in_array($sort, PartNames::OF_RIG, true) => ! InputPositions::isOne($name)
                    || $this->refHere($name) !== null
                    ? ''
                    : InputPositions::inWords($name),
                $section !== false => $this->comes($section, $name, $asked)
                    || $this->set->merged->value(new PartPath($section, $name)) !== null
                    ? ''
                    : 'a '
                    .$sort,
                default => '',
            };
            $lacks = $lacking === '' ? $lacks : [...$lacks, $lacking];
        }
        if ($lacks === [] && $here?->section === 'axes' && ! $this->canBeShaped($here, $said)) {
            $lacks[] = 'an axis that can be shaped so';
        }
        if ($lacks !== []) {
            return implode(', ', array_unique($lacks)).(count(array_unique($lacks)) === 1 ? ' is' : ' are').' not here';
        }

        return $here?->section === 'cells'
            && $this->set->merged->value($here) !== null
            ? $this->set->rig->fullNameOf((string) $here->inner)
            .' does something already'
            : '';
    }

    /**
     * Does a part that comes along fit here too?
     *
     * @param list<string> $asked paths of parts that are looked at already: what names
     *                            itself in a circle does not keep itself out
     */
    private function comes(string $section, string $id, array $asked): bool
    {
        $path = new PartPath($section, $id);
        $said = $this->item->parts[(string) $path] ?? null;

        return $said !== null && (
            in_array((string) $path, $asked, true) || $this->lacks(
                $path,
                $this->path($path),
                $said,
                [...$asked, (string) $path],
            ) === ''
        );
    }

    /** Could this axis take a shape? */
    public function fitsAxis(string $axis): bool
    {
        foreach (Keys::each($this->item->parts) as $path => $said) {
            $path = PartPath::of($path);
            if ($path->section === 'axes' && ! $this->canBeShaped(new PartPath('axes', $axis, $path->inner), $said)) {
                return false;
            }
        }

        return true;
    }

    /**
     * What is for an axis that rests in its middle is nothing for one that does not.
     *
     * @param array<string, mixed> $said
     */
    private function canBeShaped(PartPath $here, array $said): bool
    {
        $class = AxisParts::all()[(string) $here->inner] ?? null;
        $axis = $this->set->rig->axes[$here->key] ?? null;
        try {
            if ($class !== null && $axis !== null) {
                $class::read(Node::of($said), $axis);
            }

            return true;
        } catch (FormatError) {
            return false;
        }
    }

    private function refHere(string $named): ?string
    {
        return $this->instead[$named] ?? $this->places->ref($named);
    }

    /**
     * @param array<string, mixed> $said
     *
     * @return array<string, mixed> with the names of this set in the place of those of the file
     */
    private function mapped(string $section, array $said): array
    {
        /** @var array<string, mixed> */
        return PartNames::renamed($section, $said, function (string $sort, string $name): string {
            $of = array_search($sort, self::OWN, true);

            return match (true) {
                $of !== false => $this->ids[$of][$name] ?? $name,
                in_array($sort, PartNames::OF_RIG, true) => InputPositions::isOne($name)
                    ? $this->refHere($name)
                    ?? $name
                    : $name,
                default => $this->match->here($sort, $name),
            };
        });
    }

    /** @param array<string, mixed> $said */
    private function wasInWords(PartPath $path, array $said): string
    {
        [$one] = Sections::all()[$path->section]::called();
        $name = is_string($said['name'] ?? null) ? $said['name'] : '';
        $of = match ($path->section) {
            'cells' => InputPositions::inWords((string) $path->inner),
            'axes' => str_replace('_', ' ', (string) $path->inner),
            'lamps' => implode(
                ' to ',
                array_map(InputPositions::inWords(...), self::ends(PartNames::in('lamps', $said, Reference::LAMP))),
            ),
            default => $name,
        };
        $does = array_map(
            fn (string $id) => $this->item->actions[$id]['name'] ?? $id,
            PartNames::in($path->section, $said, Id::ACTION),
        );

        $does = ($said['nothing'] ?? false) === true ? ['nothing'] : $does;

        return ucfirst(
            trim((in_array($path->section, ['cells', 'lamps', 'axes', 'made'], true) ? '' : $one.' ').$of),
        ).($does === [] ? '' : ': '.implode(', ', $does));
    }

    /** @param array<string, mixed> $said */
    private function hereInWords(PartPath $here, array $said): string
    {
        $where = match ($here->section) {
            'cells' => $this->set->rig->fullNameOf((string) $here->inner),
            'axes' => $this->set->rig->fullNameOf($here->key),
            'lamps' => implode(
                ', ',
                array_map(
                    fn (string $lamp) => $this->set->rig->deviceNameOf($lamp).' '.$this->set->rig->lampNameOf($lamp),
                    self::ends(PartNames::in('lamps', $this->mapped('lamps', $said), Reference::LAMP)),
                ),
            ),
            default => 'new',
        };
        $does = array_map(
            fn (string $id) => $this->match->actions[$id]->name ?? $id,
            PartNames::in($here->section, $said, Id::ACTION),
        );
        $does = ($said['nothing'] ?? false) === true ? ['nothing'] : $does;

        return $where.($does === [] ? '' : ': '.implode(', ', $does));
    }

    /**
     * @param list<string> $lamps
     *
     * @return list<string> the first and the last of many
     */
    private static function ends(array $lamps): array
    {
        return count($lamps) > 3 ? [$lamps[0], $lamps[count($lamps) - 1]] : $lamps;
    }
}
