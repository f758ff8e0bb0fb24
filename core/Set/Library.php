<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Rig\Device\Device;

/** Where the documents that a set refers to come from. Null where there is none of that id. */
interface Library
{
    public function set(string $id): ?SetDocument;

    public function device(string $id): ?Device;

    public function catalogue(string $id): ?Catalogue;

    public function layout(string $id): ?KeyLayout;
}
