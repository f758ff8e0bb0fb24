<?php

declare(strict_types=1);

namespace App\View\Make\Shape;

use App\Models\Revision;
use App\Sets\DatabaseLibrary;
use App\View\Place;
use App\View\Plot;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\Drafts;
use Nailrod\Core\Set\PartPath;

/** The other lines on the picture of an axis: as the parent set has it, and as another axis or an earlier revision. */
final readonly class Comparison
{
    /** @param string $with `axis:REF` or `revision:ID`; anything else compares with nothing */
    public function __construct(private Place $place, private AxisInput $axis, public string $with) {}

    /** The same axis as the parent set shapes it, where that differs. */
    public function parentLine(Plot $plot): ?string
    {
        $paths = [];
        foreach (AxisParts::shaping() as $part) {
            $paths[$part] = PartPath::axis($this->axis->ref, $part);
        }
        $chain = $this->place->set->merged->chain;
        if (count($chain) < 2 || array_filter($paths, $this->place->saysItself(...)) === []) {
            return null;
        }
        $parts = [];
        foreach (array_slice($chain, 0, -1) as $document) {
            foreach ($paths as $part => $path) {
                if ($document->says($path)) {
                    $parts[$part] = Node::of($document->value($path));
                }
            }
        }
        $line = $plot->line(Shaping::read($this->axis, array_filter($parts, fn (Node $node) => $node->value !== null)));

        return $line === $plot->line($this->place->set->shapings[$this->axis->ref]) ? null : $line;
    }

    /** @return array<string, string> what the axis can be compared with, in words by what the address says */
    public function choices(): array
    {
        $rig = $this->place->set->rig;
        $comparisons = [];
        foreach (array_slice($this->place->history(13), 1) as $revision) {
            $comparisons['revision:'.$revision->id] = 'before: '.mb_strimwidth($revision->sentence, 0, 60, '…');
        }
        foreach ($rig->axes as $ref => $axis) {
            if ($ref !== $this->axis->ref) {
                $comparisons['axis:'.$ref] = $rig->fullNameOf($ref, ' · ');
            }
        }

        return $comparisons;
    }

    /** The line of what the axis is compared with; null if it is compared with nothing. */
    public function line(Plot $plot): ?string
    {
        [$kind, $of] = [...explode(':', $this->with, 2), ''];
        if ($kind === 'axis' && isset($this->place->set->shapings[$of])) {
            return $plot->line($this->place->set->shapings[$of]);
        }
        $revision = $kind === 'revision' ? Revision::query()
            ->where('set_id', $this->place->record->id)
            ->find((int) $of) : null;
        if ($revision === null) {
            return null;
        }
        try {
            $shaping = (
                new Assembly(Drafts::of(new DatabaseLibrary, $revision->set()))
            )->assemble($revision->set())->shapings[$this->axis->ref] ?? null;
        } catch (FormatError) {
            // It was made for parents or devices that are others by now.
            return null;
        }

        return $shaping === null ? null : $plot->line($shaping);
    }
}
