<?php

declare(strict_types=1);

namespace Nailrod\Core\Memory;

use Nailrod\Core\Device\Device;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\ActionOutput;
use Nailrod\Core\Output\AxisVariable;
use Nailrod\Core\Output\OnOffVariable;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\SetVariable;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\SetDocument;

/**
 * The part of a set that one device can do by itself: its own axes and contacts, actions replaced by their ways.
 * Variables are left out, since the simulator is not at the other end of its cable. It is a set document that needs no
 * parent, kept as compact JSON.
 */
final readonly class DeviceMapping
{
    /** @param list<string> $leftOut one sentence for each cell that the device cannot do by itself */
    private function __construct(public SetDocument $document, public array $leftOut) {}

    public static function of(BindingSet $set, Device $device): self
    {
        $own = $device->id.'/';
        $document = SetDocument::read(Node::of([
            'format' => SetDocument::FORMAT, 'version' => 1, 'id' => $set->merged->own->id, 'name' => $set->merged->own->name, 'devices' => [$device->id],
        ]));
        $leftOut = [];
        foreach ($set->merged->parts as $part) {
            $path = $part->path;
            $value = match ($path->section) {
                'layers' => Node::of($part->value)->plain(),
                'axes' => str_starts_with($path->key, $own) ? Node::of($part->value)->plain() : null,
                'stops' => self::stop($part, $own),
                'cells' => str_starts_with((string) $path->inner, $own) ? self::cell($set, $path, $leftOut) : null,
                default => null,
            };
            if ($value !== null) {
                $document = $document->with($path, $value);
            }
        }

        return new self($document, $leftOut);
    }

    /** A mapping that says nothing, to compare with. */
    public function empty(): SetDocument
    {
        $document = $this->document;
        foreach ($document->parts() as $part) {
            $document = $document->without($part->path);
        }

        return $document;
    }

    public static function decode(string $content): SetDocument
    {
        return SetDocument::fromJson($content);
    }

    public function encode(): string
    {
        return Json::compact(Json::decode($this->document->toJson()));
    }

    /** @return ?array<string, mixed> */
    private static function stop(PartValue $part, string $own): ?array
    {
        $stop = Node::of($part->value)->plain();
        $axes = array_values(array_filter(
            array_map(fn (Node $axis) => $axis->string(), Node::of($stop['axes'])->list()),
            fn (string $axis) => str_starts_with($axis, $own),
        ));

        return $axes === [] ? null : ['axes' => $axes] + $stop;
    }

    /**
     * @param list<string> $leftOut
     *
     * @return ?array<string, mixed>
     */
    private static function cell(BindingSet $set, PartPath $path, array &$leftOut): ?array
    {
        $ref = (string) $path->inner;
        $cell = $set->cell($path->key, $ref);
        if ($cell === null) {
            return null;
        }
        if ($cell->isNothing()) {
            return ['nothing' => true];
        }
        $outputs = [];
        foreach ($cell->outputs as $output) {
            $way = $output instanceof ActionOutput ? $set->wayOf($output->action) : $output;
            $reason = self::whyNot($way);
            if ($way !== null && $reason === null) {
                $outputs[] = $way->toArray();
            } else {
                $leftOut[] = sprintf('%s, layer %s: %s', $set->rig->nameOf($ref), $set->layers[$path->key]->name, $reason);
            }
        }
        if ($outputs === []) {
            return null;
        }

        return ($cell->behaviour === null ? [] : ['behaviour' => $cell->behaviour->toArray()]) + ['outputs' => $outputs];
    }

    private static function whyNot(?Output $way): ?string
    {
        return match (true) {
            $way === null => 'its action has no way yet',
            $way instanceof SetVariable, $way instanceof OnOffVariable, $way instanceof AxisVariable => $way->inWords().' can only be written by Nailrod itself',
            default => null,
        };
    }
}
