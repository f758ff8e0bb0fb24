<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\Section\Parts;
use Nailrod\Core\Set\Section\Sections;

/**
 * What one set says itself, in the open format `nailrod-set`, version 1 (`schema/set.schema.json`). Immutable; every
 * change gives a new document that has been read again from the ground up.
 *
 * A *part* is the smallest thing that a set says or inherits, named by its path: `controls/fennel/switch-1`,
 * `layers/water`,
 * `axes/fennel/left-lever/curve`, `made/fuel-cut`, `stops/cruise`, `cells/base/fennel/thumb-left`, `ways/power`. A part
 * that is null takes away what the parent says.
 */
final class SetDocument
{
    public const FORMAT = 'nailrod-set';

    private const HEADS = ['format', 'version', 'id', 'name', 'parent', 'simulator', 'devices'];

    /** The document on one line, once it was asked for: whether it fits is asked before it is kept. */
    private ?string $compact = null;

    /** @var array<string, mixed> sections that were asked for, of what is packed */
    private array $sections = [];

    /**
     * @param ?list<string>        $devices ids in file order; null if the parent says
     * @param ?array<string, mixed> $raw the document as it stands in the file; null as long as only its text is at hand
     * @param ?array<string, string> $packed its sections in PHP's own writing, each by itself, where it was read back
     *     from what was compiled
     * @param ?array<string, array<string, bool>> $cells beside what is packed, the cells that it says something of, by
     *     layer and reference; false where it says that there is none
     */
    private function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly ?string $parent,
        public readonly ?string $simulator,
        public readonly ?array $devices,
        private ?array $raw,
        private readonly ?array $packed = null,
        private readonly ?array $cells = null,
    ) {}

    /** @return array<string, mixed> */
    public function __serialize(): array
    {
        return [
            'cells' => $this->saidCells(),
            'id' => $this->id,
            'name' => $this->name,
            'parent' => $this->parent,
            'simulator' => $this->simulator,
            'devices' => $this->devices,
            'packed' => $this->packed ?? array_map(serialize(...), $this->raw ?? []),
        ];
    }

    /**
     * @param array{id: string, name: string, parent: ?string, simulator: ?string, devices: ?list<string>,
     *     packed: array<string, string>, cells: array<string, array<string, bool>>} $written
     */
    public function __unserialize(array $written): void
    {
        self::__construct(
            $written['id'],
            $written['name'],
            $written['parent'],
            $written['simulator'],
            $written['devices'],
            null,
            $written['packed'],
            $written['cells'],
        );
    }

    /** @return array<string, array<string, bool>> as $cells of the constructor */
    private function saidCells(): array
    {
        return $this->cells ?? Section\Cells::said($this->section(Section\Cells::name()));
    }

    /** @return array<string, mixed> */
    private function raw(): array
    {
        if ($this->raw === null) {
            // What was asked for already need not be read again.
            $raw = [];
            foreach ($this->packed ?? [] as $section => $packed) {
                $raw[$section] = $this->sections[$section] ?? self::unpacked($packed);
            }
            $this->raw = $raw;
            $this->sections = [];
        }

        return $this->raw;
    }

    private static function unpacked(string $packed): mixed
    {
        return unserialize($packed, ['allowed_classes' => false]);
    }

    public static function fromJson(string $text): self
    {
        return self::read(Node::of(Json::decode($text)));
    }

    /**
     * A document that was read before, as this class wrote it: its parts are not looked at again.
     *
     * @throws FormatError
     */
    public static function fromOwnJson(string $text): self
    {
        return self::head(Node::of(Json::decode($text)));
    }

    public static function read(Node $node): self
    {
        foreach (Sections::names() as $section) {
            if ($node->has($section)) {
                Parts::check($section, $node->get($section));
            }
        }

        return self::head($node);
    }

    private static function head(Node $node): self
    {
        $node->only([...self::HEADS, ...Sections::names()]);
        $node->get('format')->oneOf([self::FORMAT]);
        $node->get('version')->int(1, 1);
        $devices = $node->maybe('devices');

        return new self(
            $node->get('id')->id(),
            $node->get('name')->string(60),
            $node->maybe('parent')?->id(),
            $node->maybe('simulator')?->id(),
            $devices === null ? null : array_map(fn (Node $d) => $d->id(), $devices->list(64)),
            $node->plain(),
        );
    }

    public function toJson(): string
    {
        return Json::encode(Parts::toWrite($this->raw()));
    }

    /** The same on one line, to be kept. */
    public function toCompactJson(): string
    {
        return $this->compact ??= Json::compact(Parts::toWrite($this->raw()));
    }

    /**
     * Every part that this set says itself.
     *
     * @return array<string, PartValue> by path, in file order
     */
    public function parts(): array
    {
        return array_merge(...array_map($this->partsOf(...), Sections::names()));
    }

    /** @return array<string, PartValue> what the set itself says in one section, by path, in file order */
    public function partsOf(string $section): array
    {
        $parts = [];
        foreach (Keys::each($this->section($section)) as $key => $value) {
            if (Sections::all()[$section]::depth() === 1) {
                $parts[$section.'/'.$key] = new PartValue(new PartPath($section, (string) $key), $value);
            } elseif (is_array($value)) {
                foreach ($value as $inner => $part) {
                    $path = new PartPath($section, (string) $key, (string) $inner);
                    $parts[(string) $path] = new PartValue($path, $part);
                }
            }
        }

        return $parts;
    }

    /** What the set itself says of a part; null if it says nothing of it, or that it is gone. */
    public function value(PartPath $path): mixed
    {
        $section = $this->section($path->section);
        $group = $section[$path->key] ?? null;

        return $path->inner === null ? $group : (is_array($group) ? $group[$path->inner] ?? null : null);
    }

    /**
     * All that the set itself says in a section, as it stands in the file: by key, in sections of depth 2 then by inner
     * key.
     *
     * @return array<array-key, mixed>
     */
    public function said(string $section): array
    {
        return $this->section($section);
    }

    public function says(PartPath $path): bool
    {
        if ($this->cells !== null && $path->section === 'cells') {
            return isset($this->cells[$path->key][$path->inner]);
        }
        $section = $this->section($path->section);
        if ($path->inner === null) {
            return array_key_exists($path->key, $section);
        }

        return is_array($section[$path->key] ?? null) && array_key_exists($path->inner, $section[$path->key]);
    }

    /** Does the set itself say that there is such a part, and not that it is gone? */
    public function has(PartPath $path): bool
    {
        return $this->cells !== null && $path->section === 'cells'
            ? $this->cells[$path->key][$path->inner]
            ?? false
            : $this->value($path) !== null;
    }

    /**
     * The document with one part put in place.
     *
     * @param array<string, mixed>|null $value null takes away what the parent says
     *
     * @throws FormatError if the part is not as the format wants it
     */
    public function with(PartPath $path, ?array $value): self
    {
        $raw = $this->raw();
        $section = $this->section($path->section);
        if ($path->inner === null) {
            $section[$path->key] = $value;
        } else {
            $group = isset($section[$path->key]) && is_array($section[$path->key]) ? $section[$path->key] : [];
            $group[$path->inner] = $value;
            $section[$path->key] = $group;
        }
        $raw[$path->section] = $section;
        Parts::checkCount(
            $path->section,
            Node::of($path->inner === null ? $section : $section[$path->key], $path->section),
        );
        // All else was read when this document was made.
        Parts::check(
            $path->section,
            Node::of([$path->key => $path->inner === null ? $value : [$path->inner => $value]], $path->section),
        );

        return self::head(Node::of(self::ordered($raw)));
    }

    public function renamed(string $name): self
    {
        return self::head(Node::of(self::ordered(['name' => $name] + $this->raw())));
    }

    /**
     * The same under another id and name, below another parent.
     *
     * @param ?string $parent null for a root
     */
    public function placed(string $id, string $name, ?string $parent): self
    {
        $raw = array_diff_key($this->raw(), ['parent' => 0]);

        return self::head(Node::of(
            self::ordered(['id' => $id, 'name' => $name] + ($parent === null ? [] : ['parent' => $parent]) + $raw),
        ));
    }

    /** All that is said of one device is said of another. */
    public function withDevice(string $old, string $new): self
    {
        $raw = Parts::ofDevice($this->raw(), $old, $new);
        if ($this->devices !== null) {
            $raw['devices'] = array_values(
                array_unique(array_map(fn (string $id) => $id === $old ? $new : $id, $this->devices)),
            );
        }

        return self::head(Node::of($raw));
    }

    /** @param ?list<string> $devices null if the parent says */
    public function withDevices(?array $devices): self
    {
        $raw = array_diff_key($this->raw(), ['devices' => 0]) + ($devices === null ? [] : ['devices' => $devices]);

        return self::head(Node::of(self::ordered($raw)));
    }

    /** The document without this part: what the parent says holds again. */
    public function without(PartPath $path): self
    {
        $raw = $this->raw();
        $section = $this->section($path->section);
        if ($path->inner === null) {
            unset($section[$path->key]);
        } elseif (isset($section[$path->key]) && is_array($section[$path->key])) {
            unset($section[$path->key][$path->inner]);
            if ($section[$path->key] === []) {
                unset($section[$path->key]);
            }
        }
        $raw[$path->section] = $section;
        if ($section === []) {
            unset($raw[$path->section]);
        }

        return self::head(Node::of($raw));
    }

    /** @return array<array-key, mixed> */
    private function section(string $section): array
    {
        // One is asked for far more often than all.
        $value = $this->raw === null && $this->packed !== null
            ? $this->sections[$section] ??= (
                isset($this->packed[$section]) ? self::unpacked($this->packed[$section]) : []
            )
            : $this->raw()[$section] ?? [];

        return is_array($value) ? $value : [];
    }

    /**
     * @param array<string, mixed> $raw
     *
     * @return array<string, mixed> its sections in the order of the format
     */
    private static function ordered(array $raw): array
    {
        $order = array_flip([...self::HEADS, ...Sections::names()]);
        uksort($raw, fn (string $a, string $b) => ($order[$a] ?? 99) <=> ($order[$b] ?? 99));

        return $raw;
    }
}
