<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\Section\Aside;

/** What is set aside, and taken up again. */
final readonly class AsideEdits
{
    use SaysParts;

    public function __construct(private BindingSet $set) {}

    /** Set aside, or taken up again if it is. */
    public function turn(PartPath $path): SetDocument
    {
        return $this->set->isAside($path) ? $this->takeUp($path) : $this->setAside($path);
    }

    /**
     * Kept, and doing nothing.
     *
     * @throws FormatError if there is no such part, or none that can be set aside
     */
    public function setAside(PartPath $path): SetDocument
    {
        if (
            ! in_array($path->section, Aside::SECTIONS, true) || $this->set->merged->value($path) === null || (
                $this->set->made[$path->section === 'made' ? $path->key : ''] ?? null
            )?->contacts() === []
        ) {
            throw FormatError::told(
                $path->section,
                'nothing that can be set aside',
                'an assignment, a stop, a threshold, zones, directions, a lamp rule or a macro of the set',
            );
        }

        return $this->own()->with(Aside::path($path), Aside::resting());
    }

    /** It does again what it says. */
    public function takeUp(PartPath $path): SetDocument
    {
        return $this->takeAway($this->own(), Aside::path($path));
    }
}
