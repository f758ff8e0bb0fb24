<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\Library;
use Nailrod\Core\Set\SetDocument;

/** A place where nothing is at hand but the keyboard layouts that ship with the application. */
final class NoLibrary implements Library
{
    public function set(string $id): ?SetDocument
    {
        return null;
    }

    public function device(string $id): ?Device
    {
        return null;
    }

    public function catalogue(string $id): ?Catalogue
    {
        return null;
    }

    public function layout(string $id): ?KeyLayout
    {
        return KeyLayout::fromJson((string) file_get_contents(__DIR__.'/../../../layouts/'.$id.'.layout.json'));
    }
}
