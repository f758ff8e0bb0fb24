<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

/**
 * What those parts of a device change that it does not keep: stops, flags, macros, the live layer, what other contacts
 * do. What depends on any of it the device cannot keep either, since alone it would do something else.
 */
final readonly class Unkept
{
    /**
     * @param array<string, string> $parts  who changes a stop, a flag or a macro, by its sort and id: "stop cruise"
     * @param array<string, string> $refs   why a contact cannot do by itself what it does, by reference
     * @param ?string               $layers who decides which layer is live
     * @param ?string               $all    who lets go of everything
     */
    public function __construct(
        public array $parts = [],
        public array $refs = [],
        public ?string $layers = null,
        public ?string $all = null,
    ) {}

    public function part(string $sort, string $id, string $who): self
    {
        return new self($this->parts + [$sort.' '.$id => $who], $this->refs, $this->layers, $this->all);
    }

    public function ref(string $ref, string $why): self
    {
        return new self($this->parts, $this->refs + [$ref => $why], $this->layers, $this->all);
    }

    public function layers(string $who): self
    {
        return new self($this->parts, $this->refs, $this->layers ?? $who, $this->all);
    }

    public function all(string $who): self
    {
        return new self($this->parts, $this->refs, $this->layers, $this->all ?? $who);
    }

    public function changes(string $sort, string $id): bool
    {
        return isset($this->parts[$sort.' '.$id]);
    }
}
