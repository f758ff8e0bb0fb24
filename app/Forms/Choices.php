<?php

declare(strict_types=1);

namespace App\Forms;

use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Set\BindingSet;

/** What of a set, its rig and its simulator a field can be given, in words by what stands in the file. */
final readonly class Choices
{
    public function __construct(private BindingSet $set) {}

    /**
     * What can be named by an id of this sort; of variables those that can be written, or all where one is only read.
     *
     * @return array<string, string>
     */
    public function ids(Id $type): array
    {
        return match ($type->sort) {
            Id::LAYER => Options::names($this->set->layers),
            Id::STOP => array_map(fn ($stop) => $stop->name, $this->set->stops),
            Id::FLAG => $this->set->flags,
            Id::MACRO => Options::names($this->set->macros),
            Id::VARIABLE => Options::variables($this->set->catalogue, $type->isRead),
            default => $this->set->catalogue === null ? [] : array_map(
                fn ($action) => $action->name,
                $this->set->catalogue->actions,
            ),
        };
    }

    /**
     * What a form has that cannot be chosen any more, in words: an input that is not wired, or one of a device that is
     * gone.
     */
    public function named(string $ref): string
    {
        $rig = $this->set->rig;

        return $rig->has($ref) ? $rig->fullNameOf($ref, ' · ').', not wired' : $ref;
    }

    /**
     * Inputs that are not wired cannot be chosen.
     *
     * @param string $sort one of Reference's
     *
     * @return array<string, string>
     */
    public function references(string $sort): array
    {
        $rig = $this->set->rig;
        if ($sort !== Reference::LAMP) {
            $refs = array_map(
                strval(...),
                array_keys(
                    array_diff_key($sort === Reference::AXIS ? $rig->axes : $rig->contacts, $this->set->unwired()),
                ),
            );

            return array_combine($refs, array_map(fn (string $ref) => $rig->fullNameOf($ref, ' · '), $refs));
        }
        $lamps = [];
        foreach ($rig->devices as $device) {
            foreach ($device->lamps as $lamp) {
                $lamps[$device->id.'/'.$lamp->id] = $device->name.' · '.$lamp->name;
            }
        }

        return $lamps;
    }

    /**
     * The axes or contacts of one device, for a list that knows all others by `data-any`.
     *
     * @param string $sort one of Reference's
     * @param string $own  what is chosen now, though it may be of another device; empty for nothing
     *
     * @return array<string, string>
     */
    public function near(string $sort, string $device, string $own = ''): array
    {
        $rig = $this->set->rig;
        $near = [];
        $unwired = $this->set->unwired();
        foreach (array_keys($sort === Reference::AXIS ? $rig->axes : $rig->contacts) as $ref) {
            if (str_starts_with((string) $ref, $device.'/') && ! isset($unwired[$ref])) {
                $near[(string) $ref] = $rig->nameOf((string) $ref);
            } elseif ($ref === $own) {
                $near[$own] = $rig->fullNameOf($own, ' · ');
            }
        }

        return $near;
    }
}
