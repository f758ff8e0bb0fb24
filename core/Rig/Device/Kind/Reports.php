<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** What a control reports, by how many of each sort. */
final readonly class Reports
{
    /**
     * @param int $axes     how many axes
     * @param int $contacts how many contacts that the device itself reports; the directions of a hat are not counted
     */
    public function __construct(public int $axes, public int $contacts, public bool $hat, public bool $encoder) {}

    public function areContacts(int ...$counts): bool
    {
        return $this->axes === 0 && in_array($this->contacts, $counts, true);
    }

    public function inWords(): string
    {
        return sprintf(
            '%d axes, %d contacts%s%s',
            $this->axes,
            $this->contacts,
            $this->hat ? ', a hat' : '',
            $this->encoder ? ', an encoder' : '',
        );
    }
}
