<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Rig\Device\Device;

/** A library in which documents that are not kept yet stand in for those of their ids. */
final readonly class Drafts implements Library
{
    /** @param array<string, SetDocument> $sets by id */
    public function __construct(private Library $kept, private array $sets, private ?Catalogue $catalogue = null) {}

    public static function of(Library $kept, SetDocument $set): self
    {
        return new self($kept, [$set->id => $set]);
    }

    public function set(string $id): ?SetDocument
    {
        return $this->sets[$id] ?? $this->kept->set($id);
    }

    public function device(string $id): ?Device
    {
        return $this->kept->device($id);
    }

    public function catalogue(string $id): ?Catalogue
    {
        return $this->catalogue?->id === $id ? $this->catalogue : $this->kept->catalogue($id);
    }

    public function layout(string $id): ?KeyLayout
    {
        return $this->kept->layout($id);
    }
}
