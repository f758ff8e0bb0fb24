<?php

declare(strict_types=1);

namespace App\View;

/** A place as the head lists it: where it is, what it is called, who shows it. */
final readonly class PlaceEntry
{
    /**
     * @param string                      $address within a set: "rig", or "rig?do=try" for one that shares its page
     * @param string                      $group   one of Places::GROUPS
     * @param array{class-string, string} $shownBy controller and method of its page
     * @param bool                        $isOfRig does it change what the rig is, which the root of a set says?
     */
    public function __construct(
        public string $address,
        public string $label,
        public string $group,
        public array $shownBy,
        public bool $isOfRig = false,
    ) {}

    /** "rig" of "rig?do=try". */
    public function page(): string
    {
        return explode('?', $this->address, 2)[0];
    }
}
