<?php

declare(strict_types=1);

namespace App\Sets;

use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\KeyLayout;

/** The keyboard layouts that ship with the app, as files in `layouts/`. */
final class Layouts
{
    public static function find(string $id): ?KeyLayout
    {
        $file = base_path('layouts/'.basename($id).'.layout.json');

        return is_file($file) ? KeyLayout::fromJson((string) file_get_contents($file)) : null;
    }

    /**
     * What they are called, without reading their keys.
     *
     * @return array<string, string> by id, by name
     */
    public static function names(): array
    {
        $names = [];
        foreach (glob(base_path('layouts/*.layout.json')) ?: [] as $file) {
            $layout = Node::of(Json::decode((string) file_get_contents($file)));
            $names[$layout->get('id')->id()] = $layout->get('name')->string();
        }
        asort($names);

        return $names;
    }

    /** @return array<string, KeyLayout> by id, by name */
    public static function all(): array
    {
        $all = [];
        foreach (glob(base_path('layouts/*.layout.json')) ?: [] as $file) {
            $layout = KeyLayout::fromJson((string) file_get_contents($file));
            $all[$layout->id] = $layout;
        }
        uasort($all, fn (KeyLayout $a, KeyLayout $b) => $a->name <=> $b->name);

        return $all;
    }
}
