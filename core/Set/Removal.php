<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\Section\Sections;

/**
 * Takes something of a set away together with every word that names it, so that no name leads nowhere. Each section
 * says what is left of its parts. It looks at the document, not at what the rig has of it just now.
 */
final readonly class Removal
{
    use SaysParts;

    public function __construct(private BindingSet $set) {}

    /** What can be named and goes with it takes along what names that. */
    public function of(Gone $gone): SetDocument
    {
        do {
            $before = $gone;
            $own = $this->own();
            foreach ($this->set->merged->parts() as $part) {
                $section = Sections::all()[$part->path->section];
                if ($section::isUnheard($part->path, $gone)) {
                    $own = $own->without($part->path);

                    continue;
                }
                $value = Node::of($part->value);
                $left = $section::without($part->path, $value, $gone);
                if ($left === null) {
                    $own = $this->takeAway($own, $part->path);
                    $gone = $gone->and($part->path);
                } elseif ($left != $value->plain()) {
                    $own = $own->with($part->path, $left);
                }
            }
        } while ($gone != $before);

        return $own;
    }
}
