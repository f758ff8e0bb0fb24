<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Rotation;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Rig\Device\Setting;
use Nailrod\Core\Set\Section\Aside;
use Nailrod\Core\Set\Section\Sections;

/**
 * A set and its parents laid over each other, every part knowing the set it comes from. What is merged is made when it
 * is asked for.
 */
final class MergedDocument
{
    /** The set itself, the last of the chain. */
    public readonly SetDocument $own;

    public readonly ?string $simulator;

    /** @var list<string> */
    public readonly array $devices;

    /** @var array<string, array<string, PartValue>> by section, then by path */
    private array $sections = [];

    /** @param non-empty-list<SetDocument> $chain root first */
    private function __construct(public readonly array $chain)
    {
        $devices = [];
        $simulator = null;
        foreach ($chain as $document) {
            $simulator = $document->simulator ?? $simulator;
            $devices = $document->devices ?? $devices;
        }
        $this->own = $chain[count($chain) - 1];
        $this->simulator = $simulator;
        $this->devices = $devices;
    }

    /** @param non-empty-list<SetDocument> $chain the root first, the set itself last */
    public static function of(array $chain): self
    {
        return new self($chain);
    }

    /** @return array<string, PartValue> the parts of one section, by path */
    public function section(string $section): array
    {
        if (! isset($this->sections[$section])) {
            $parts = [];
            foreach ($this->chain as $document) {
                foreach ($document->partsOf($section) as $path => $part) {
                    if ($part->value === null) {
                        unset($parts[$path]);
                    } else {
                        $parts[$path] = $part;
                    }
                }
            }
            $this->sections[$section] = $parts;
        }

        return $this->sections[$section];
    }

    /**
     * What holds in a section of depth 2, as it stands in the files: values by inner key, by key.
     *
     * @return array<string, array<string, mixed>>
     */
    public function groups(string $section): array
    {
        /** @var array<string, array<string, mixed>> $groups */
        $groups = [];
        foreach ($this->chain as $document) {
            foreach (Keys::each($document->said($section)) as $key => $group) {
                foreach (is_array($group) ? $group : [] as $inner => $value) {
                    if ($value === null) {
                        unset($groups[(string) $key][(string) $inner]);
                        if (($groups[(string) $key] ?? null) === []) {
                            unset($groups[(string) $key]);
                        }
                    } else {
                        $groups[(string) $key][(string) $inner] = $value;
                    }
                }
            }
        }

        return $groups;
    }

    /** Does every document of the chain say the same of a key of a section as that of another state of the set? */
    public function saysAlike(self $other, string $section, string $key): bool
    {
        foreach ($this->chain as $i => $document) {
            if (! isset($other->chain[$i]) || ($document->said($section)[$key] ?? null) !== (
                $other->chain[$i]->said($section)[$key] ?? null
            )) {
                return false;
            }
        }

        return count($this->chain) === count($other->chain);
    }

    /** @return array<string, PartValue> all parts by path, those of a parent before its child's own */
    public function parts(): array
    {
        return array_merge(...array_map($this->section(...), Sections::names()));
    }

    /** What holds of this part; null if nobody says it, or it is taken away. */
    public function value(PartPath $path): mixed
    {
        return $this->sayer($path)?->value($path);
    }

    /** Did a parent say this part, and a set below it that it is gone? */
    public function isTakenAway(PartPath $path): bool
    {
        return $this->sayer($path) !== null && $this->value($path) === null;
    }

    /** Is this part set aside: kept, doing nothing, and in nobody's way? */
    public function isAside(PartPath $part): bool
    {
        return $this->value(Aside::path($part)) !== null;
    }

    /** The set that says this part; null if nobody does. */
    public function origin(PartPath $path): ?string
    {
        $sayer = $this->sayer($path);

        return $sayer?->has($path) === true ? $sayer->id : null;
    }

    public function nameOf(string $set): string
    {
        foreach ($this->chain as $document) {
            if ($document->id === $set) {
                return $document->name;
            }
        }

        return $set;
    }

    /**
     * The merged set as one document that needs no parent, and plays the same: what only a chain can say is said
     * otherwise.
     */
    public function flattened(): SetDocument
    {
        $raw = [
            'format' => SetDocument::FORMAT,
            'version' => 1,
            'id' => $this->own->id,
            'name' => $this->own->name,
            'devices' => $this->devices,
        ];
        if ($this->simulator !== null) {
            $raw['simulator'] = $this->simulator;
        }
        $groups = $alone = [];
        foreach (
            array_filter(
                $this->parts(),
                fn (PartValue $part): bool => is_array($part->value) && $this->isPlayed($part->path),
            ) as $part
        ) {
            if ($part->path->inner === null) {
                $alone[$part->path->section][$part->path->key] = Node::of($part->value)->plain();
            } else {
                $groups[$part->path->section][$part->path->key][$part->path->inner] = Node::of($part->value)->plain();
            }
        }

        $groups[Section\Cells::name()] = array_filter($this->withoutAsOfAs($groups[Section\Cells::name()] ?? []));

        // Read at once: put in one by one, each part would be a document of its own.
        return SetDocument::read(Node::of($raw + $alone + array_filter($groups)));
    }

    /**
     * Does a part do anything: its layer has not been taken away, and no nearer set says the same by another section?
     */
    private function isPlayed(PartPath $path): bool
    {
        if (in_array($path->section, ['cells', 'chords'], true)) {
            return $path->key === Layer::BASE || ! $this->isTakenAway(PartPath::layer($path->key));
        }
        if ($path->section !== 'settings' || $path->inner !== Setting::ROTATION) {
            return true;
        }
        // In one set the setting counts before the rotation of the axis; of two sets the nearer one.
        $said = array_filter(
            array_keys($this->section('axes')),
            fn (string $axis): bool => str_starts_with($axis, 'axes/'.$path->key.'/')
                && str_ends_with($axis, '/'.Rotation::part()),
        );
        foreach (array_map(PartPath::of(...), array_map(strval(...), $said)) as $axis) {
            foreach (array_reverse($this->chain) as $document) {
                if ($document->says($path)) {
                    break;
                }
                if ($document->says($axis)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * A contact that does as one that does as a third does nothing while that is so; one set must not say it, but a
     * chain comes to it.
     *
     * @param array<string, array<string, mixed>> $cells by layer and reference
     *
     * @return array<string, array<string, mixed>>
     */
    private function withoutAsOfAs(array $cells): array
    {
        $as = fn (mixed $cell): ?string => is_array($cell) && is_string($cell['as'] ?? null) ? $cell['as'] : null;
        $base = $cells[Layer::BASE] ?? [];
        $layers = array_unique([
            Layer::BASE,
            ...array_map(fn (PartValue $part): string => $part->path->key, array_values($this->section('layers'))),
        ]);
        $said = $cells;
        foreach ($layers as $layer) {
            $own = $said[$layer] ?? [];
            foreach ($own + $base as $ref => $cell) {
                $other = $as($cell);
                if ($other === null) {
                    continue;
                }
                $isThird = $as($own[$other] ?? $base[$other] ?? null) !== null;
                if ($isThird) {
                    $cells[$layer][$ref] = ['nothing' => true];
                } elseif ($layer !== Layer::BASE && ! isset($own[$ref]) && $as($base[$other] ?? null) !== null) {
                    // The base layer says by now that nothing happens.
                    $cells[$layer][$ref] = $cell;
                }
            }
        }

        return $cells;
    }

    /** @return array<string, mixed> the documents say it all */
    public function __serialize(): array
    {
        return ['chain' => $this->chain];
    }

    /** @param array{chain: non-empty-list<SetDocument>} $written */
    public function __unserialize(array $written): void
    {
        self::__construct($written['chain']);
    }

    /** The last of the chain that says anything of a part. */
    private function sayer(PartPath $path): ?SetDocument
    {
        for ($at = count($this->chain) - 1; $at >= 0; $at--) {
            if ($this->chain[$at]->says($path)) {
                return $this->chain[$at];
            }
        }

        return null;
    }
}
