<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\CatalogueRecord;
use App\Models\DeviceRecord;
use App\Models\SetRecord;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\Library;
use Nailrod\Core\Set\SetDocument;

/** The documents kept in the database. */
final class DatabaseLibrary implements Library
{
    public function set(string $id): ?SetDocument
    {
        return SetRecord::query()->with('head')->find($id)?->head->set();
    }

    public function device(string $id): ?Device
    {
        return DeviceRecord::query()->find($id)?->device();
    }

    public function layout(string $id): ?KeyLayout
    {
        return Layouts::find($id);
    }

    public function catalogue(string $id): ?Catalogue
    {
        return CatalogueRecord::query()->with('head')->find($id)?->catalogue();
    }
}
