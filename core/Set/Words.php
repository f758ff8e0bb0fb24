<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Axis\Calibration;
use Nailrod\Core\Axis\DeadZones;
use Nailrod\Core\Axis\Expo;
use Nailrod\Core\Axis\Percent;
use Nailrod\Core\Axis\Range;
use Nailrod\Core\Axis\Stop;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Layer\Layer;
use Nailrod\Core\Output\ActionOutput;
use Nailrod\Core\Output\HoldLayer;
use Nailrod\Core\Output\OpenStop;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\Outputs;

/** Parts of a set, and changes of them, in plain words. */
final readonly class Words
{
    private const PART_NAMES = ['calibrate' => 'calibration', 'dead_zones' => 'dead zones', 'curve' => 'curve', 'range' => 'range'];

    public function __construct(private BindingSet $set) {}

    /** What the part is about: "Left lever, dead zones", "Switch 2 up in On water". */
    public function subject(PartPath $path): string
    {
        return match ($path->section) {
            'layers' => 'Layer '.$path->key,
            'stops' => 'Stop '.$path->key,
            'ways' => 'The way to '.($this->set->catalogue?->action($path->key)->name ?? $path->key),
            'axes' => $this->set->rig->nameOf($path->key).', '.(self::PART_NAMES[(string) $path->inner] ?? $path->inner),
            default => $this->set->rig->nameOf((string) $path->inner).' in '.($this->set->layers[$path->key]->name ?? $path->key),
        };
    }

    /** What is said of it. */
    public function value(?PartValue $part): string
    {
        if ($part === null) {
            return 'not said here';
        }
        if ($part->value === null) {
            return 'taken away';
        }
        $node = Node::of($part->value);

        return match ($part->path->section) {
            'layers' => 'named "'.Layer::read($part->path->key, $node)->name.'"',
            'stops' => $this->stop(Stop::read($part->path->key, $node)),
            'ways' => Outputs::read($node)->inWords(),
            'axes' => $this->axisPart($part->path, $node),
            default => $this->cell(Cell::read($node)),
        };
    }

    public function cell(?Cell $cell): string
    {
        if ($cell === null) {
            return '';
        }
        if ($cell->isNothing()) {
            return 'nothing';
        }
        $outputs = implode(' and ', array_map($this->output(...), $cell->outputs));
        $behaviour = $cell->behaviour;

        return $behaviour === null || $behaviour::kind() === 'follow' ? $outputs : $outputs.' · '.$behaviour->inWords();
    }

    /** The same for a small place: the behaviour is said only where it is not what is usual for the action. */
    public function brief(Cell $cell): string
    {
        $output = $cell->outputs[0] ?? null;
        $action = $output instanceof ActionOutput ? $this->set->catalogue?->action($output->action) : null;

        return $action !== null && $cell->behaviour !== null && $action->usualBehaviour()->toArray() == $cell->behaviour->toArray()
            ? implode(' and ', array_map($this->output(...), $cell->outputs))
            : $this->cell($cell);
    }

    /** A cell read back as one plain sentence: what the hand does, where, and what comes of it. */
    public function sentenceOf(string $layer, string $ref): string
    {
        $name = $this->set->rig->nameOf($ref);
        $where = $this->set->layers[$layer]->name ?? $layer;
        $cell = $this->set->cell($layer, $ref);
        if ($cell === null) {
            $below = $layer === Layer::BASE ? null : $this->set->cell(Layer::BASE, $ref);
            $base = $this->set->layers[Layer::BASE]->name;

            return match (true) {
                $below === null => sprintf('%s does nothing in %s yet.', $name, $where),
                $below->isNothing() => sprintf('%s says nothing of %s, and %s says that nothing happens.', $where, $name, $base),
                default => sprintf('%s says nothing of %s, so it does as in %s: %s.', $where, $name, $base, $this->cell($below)),
            };
        }
        if ($cell->isNothing()) {
            return sprintf('Nothing happens when %s is used in %s.', $name, $where);
        }
        $outputs = implode(' and ', array_map($this->reached(...), $cell->outputs));

        return isset($this->set->rig->axes[$ref])
            ? sprintf('%s drives %s in %s.', $name, $outputs, $where)
            : sprintf('When %s closes in %s: %s, %s.', $name, $where, $outputs, $cell->behaviour?->inWords() ?? '');
    }

    private function reached(Output $output): string
    {
        $way = $output instanceof ActionOutput ? $this->set->wayOf($output->action) : null;

        return $this->output($output).($output instanceof ActionOutput ? ($way === null ? ' (no way yet)' : ' by '.$way->inWords()) : '');
    }

    public function output(Output $output): string
    {
        return match (true) {
            $output instanceof ActionOutput => $this->set->catalogue?->action($output->action)->name ?? $output->action,
            $output instanceof HoldLayer => 'hold '.($this->set->layers[$output->layer]->name ?? $output->layer),
            $output instanceof OpenStop => 'open '.($this->set->stops[$output->stop]->name ?? $output->stop),
            default => $output->inWords(),
        };
    }

    /** @param list<PartChange> $changes */
    public function sentence(array $changes): string
    {
        if ($changes === []) {
            return 'Nothing changed.';
        }
        $parts = [];
        foreach ($changes as $change) {
            $parts[] = $this->subject($change->path).': '.$this->value($change->before).' → '.$this->value($change->after);
        }

        return mb_strimwidth(implode('; ', $parts), 0, 480, '...');
    }

    private function stop(Stop $stop): string
    {
        return sprintf('%s, %s %s, %s, on %s', $stop->name, $stop->side->value, Percent::of($stop->at), $stop->opening->value, implode(' and ', array_map($this->set->rig->nameOf(...), $stop->axes)));
    }

    private function axisPart(PartPath $path, Node $node): string
    {
        $axis = $this->set->rig->axes[$path->key] ?? null;
        if ($axis === null) {
            return (string) json_encode($node->value);
        }
        $words = match ($path->inner) {
            'calibrate' => Calibration::read($node, $axis)->inWords(),
            'dead_zones' => DeadZones::read($node, $axis->centred)->inWords(),
            'curve' => Expo::read($node, $axis->centred)->inWords(),
            default => Range::read($node)->inWords(),
        };

        return $words === '' ? 'as it comes' : lcfirst(rtrim($words, '.'));
    }
}
