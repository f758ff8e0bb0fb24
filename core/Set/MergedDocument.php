<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Node;

/** A set and its parents laid over each other, every part knowing the set it comes from. */
final readonly class MergedDocument
{
    /**
     * @param SetDocument              $own     the set itself, the last of the chain
     * @param list<SetDocument>        $chain   root first
     * @param list<string>             $devices
     * @param array<string, PartValue> $parts   by path
     * @param array<string, string>    $origins id of the set that says it, by path
     * @param array<string, array<string, PartValue>> $sections the parts by section, then by path
     */
    private function __construct(
        public SetDocument $own,
        public array $chain,
        public ?string $simulator,
        public array $devices,
        public array $parts,
        public array $origins,
        private array $sections,
    ) {}

    /** @param non-empty-list<SetDocument> $chain the root first, the set itself last */
    public static function of(array $chain): self
    {
        $parts = $origins = $devices = [];
        $simulator = null;
        foreach ($chain as $document) {
            $simulator = $document->simulator ?? $simulator;
            $devices = $document->devices ?? $devices;
            foreach ($document->parts() as $path => $part) {
                if ($part->value === null) {
                    unset($parts[$path], $origins[$path]);
                } else {
                    $parts[$path] = $part;
                    $origins[$path] = $document->id;
                }
            }
        }

        return new self($chain[count($chain) - 1], $chain, $simulator, $devices, $parts, $origins, self::bySection($parts));
    }

    /**
     * @return array<string, PartValue> the parts of one section, by path
     */
    public function section(string $section): array
    {
        return $this->sections[$section] ?? [];
    }

    /**
     * @param array<string, PartValue> $parts
     *
     * @return array<string, array<string, PartValue>>
     */
    private static function bySection(array $parts): array
    {
        $sections = [];
        foreach ($parts as $path => $part) {
            $sections[$part->path->section][$path] = $part;
        }

        return $sections;
    }

    /** @return list<SetDocument> the documents say it all; what is merged of them is made anew */
    public function __serialize(): array
    {
        return $this->chain;
    }

    /** @param list<SetDocument> $chain */
    public function __unserialize(array $chain): void
    {
        assert($chain !== []);
        $merged = self::of($chain);
        $this->own = $merged->own;
        $this->chain = $merged->chain;
        $this->simulator = $merged->simulator;
        $this->devices = $merged->devices;
        $this->parts = $merged->parts;
        $this->origins = $merged->origins;
        $this->sections = $merged->sections;
    }

    public function value(PartPath $path): mixed
    {
        return ($this->parts[(string) $path] ?? null)?->value;
    }

    /** The set that says this part; null if nobody does. */
    public function origin(PartPath $path): ?string
    {
        return $this->origins[(string) $path] ?? null;
    }

    public function isInherited(PartPath $path): bool
    {
        $origin = $this->origin($path);

        return $origin !== null && $origin !== $this->own->id;
    }

    /** Is the set of this id among the parents? */
    public function inheritsFrom(string $set): bool
    {
        return in_array($set, array_map(fn (SetDocument $document) => $document->id, array_slice($this->chain, 0, -1)), true);
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

    /** The merged set as one document that needs no parent. */
    public function flattened(): SetDocument
    {
        $raw = ['format' => SetDocument::FORMAT, 'version' => 1, 'id' => $this->own->id, 'name' => $this->own->name, 'devices' => $this->devices];
        if ($this->simulator !== null) {
            $raw['simulator'] = $this->simulator;
        }
        $flat = SetDocument::read(Node::of($raw));
        foreach ($this->parts as $part) {
            if (is_array($part->value)) {
                $flat = $flat->with($part->path, Node::of($part->value)->plain());
            }
        }

        return $flat;
    }
}
