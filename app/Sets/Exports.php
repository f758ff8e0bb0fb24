<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\CatalogueRecord;
use App\Models\DeviceRecord;
use Nailrod\Core\Engine\Simulator\GameBindings;
use Nailrod\Core\Exchange\KeyList;
use Nailrod\Core\Exchange\Summary;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetBundle;
use Nailrod\Core\Set\SetDocument;

/** What leaves as a file, and the ways that come back in one. */
final class Exports
{
    public function __construct(private readonly SetStore $sets) {}

    /** The set with its parents, its devices and its simulator: a file that stands alone. */
    public function bundle(string $set): string
    {
        $merged = $this->current($set)->merged;
        $devices = array_map(
            fn (string $id) => DeviceRecord::query()->findOrFail($id)->document,
            array_values(array_filter($merged->devices, fn (string $id) => DeviceRecord::query()->find($id) !== null)),
        );
        $catalogue = $merged->simulator === null ? null : CatalogueRecord::query()
            ->with('head')
            ->find($merged->simulator);

        return SetBundle::write(
            $merged->chain,
            array_map(Json::decode(...), $devices),
            $catalogue === null ? [] : [Json::decode($catalogue->head->document)],
        );
    }

    /** What the game is told in its own settings. */
    public function bindings(string $set): string
    {
        $current = $this->current($set);

        return GameBindings::of($current, self::gameOf($current))->toJson();
    }

    public function keys(string $set): string
    {
        $current = $this->current($set);

        return KeyList::write($current, self::gameOf($current));
    }

    public function summary(string $set): string
    {
        return Summary::of($this->current($set));
    }

    /** The ways of a binding list or of a key list, taken into a set. */
    public static function withWays(BindingSet $base, string $text): SetDocument
    {
        $catalogue = self::gameOf($base);
        $ways = str_starts_with(ltrim($text), '{')
            ? GameBindings::read($text, $catalogue)->ways
            : KeyList::read($text, $catalogue);
        $own = $base->merged->own;
        foreach (Keys::each($ways) as $action => $way) {
            $own = $way == $base->wayOf((string) $action) ? $own : $own->with(
                PartPath::way((string) $action),
                $way->toArray(),
            );
        }

        return $own;
    }

    private function current(string $set): BindingSet
    {
        return $this->sets->current($this->sets->open($set));
    }

    private static function gameOf(BindingSet $set): Catalogue
    {
        return $set->catalogue ?? throw FormatError::told(
            'simulator',
            'none in '.$set->merged->own->name,
            'a set for a game, since this list is of its actions',
        );
    }
}
