<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Behaviour\NeedsAllOutputs;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\PartNames;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Played;
use Nailrod\Core\Set\SetDocument;

/**
 * What of a set a device keeps, and what it does not. Closed both ways: a part is kept only if all that it names is
 * kept, and every part of the device that can change, delay or hide its result. Where what a layer says is not kept,
 * the mapping says that nothing happens there, so that the base layer does not show through.
 */
final readonly class Split
{
    private const PLAYED = ['cells', 'chords', 'macros', 'lamps'];

    private DeviceAlone $alone;

    private DeviceMacros $macros;

    private Dropped $dropped;

    private PlainParts $plain;

    /** @param BindingSet $set as it is played */
    private function __construct(
        private BindingSet $kept,
        private BindingSet $set,
        private Device $device,
        Unkept $unkept,
    ) {
        $alone = new DeviceAlone($this->set, $device, null, $unkept);
        $this->macros = DeviceMacros::of($this->set, $device, $alone);
        $this->alone = $alone->holding($this->macros->held);
        $this->dropped = new Dropped($this->set, $unkept);
        $this->plain = new PlainParts($this->set, $device, $this->alone->parts, $this->dropped);
    }

    /**
     * @return array{SetDocument, list<string>, array<string, string>, list<string>} what the device keeps; a sentence
     *    for each thing that Nailrod does; why it does not hold macros, by id; a sentence for each thing that is left
     * to
     *    the game
     */
    public static function of(BindingSet $kept, Device $device): array
    {
        $set = Played::of($kept);
        $unkept = new Unkept;
        do {
            $before = $unkept;
            $split = new self($kept, $set, $device, $before);
            $document = $split->document();
            $unkept = $split->dropped->unkept;
        } while ($unkept != $before);

        return [$document, $split->dropped->said, $split->macros->reasons, $split->dropped->toGame];
    }

    private function document(): SetDocument
    {
        $document = SetDocument::read(Node::of([
            'format' => SetDocument::FORMAT,
            'version' => 1,
            'id' => $this->set->merged->own->id,
            'name' => $this->set->merged->own->name,
            'devices' => [$this->device->id],
        ]));
        foreach ($this->macros->reasons as $id => $reason) {
            $this->dropped->say('Macro '.$this->set->macros[$id]->name, $reason);
        }
        foreach ($this->set->merged->parts() as $part) {
            $path = $part->path;
            $value = match ($path->section) {
                'layers' => $this->alone->parts->keepsLayers()
                    && $this->alone->parts->whyNotLayer($path->key) === null
                    ? Node::of($part->value)
                    ->plain() : null,
                'flags' => Node::of($part->value)->plain(),
                'settings' => $path->key === $this->device->id ? $this->plain->setting($path) : null,
                'controls' => $path->key === $this->device->id ? Node::of($part->value)->plain() : null,
                'axes' => $this->alone->isOwn($path->key) ? $this->plain->shape($path) : null,
                'made' => $this->plain->made($path->key),
                'macros' => $this->macros->held[$path->key] ?? null,
                'lamps' => $this->lamp($path->key),
                'chords' => $this->chord($path),
                'stops' => $this->kept->isAside($path) ? null : $this->stop($path),
                'cells' => $this->alone->isOwn((string) $path->inner) ? $this->cell($path) : null,
                default => null,
            };
            $document = $value === null ? $document : $document->with($path, $this->plain->named($value));
        }

        return self::needed($this->plain->turned($document));
    }

    /**
     * Layers that nothing in the device leads to, flags that nothing names and macros that nothing plays take no room.
     */
    private static function needed(SetDocument $document): SetDocument
    {
        $layers = [Layer::BASE];
        do {
            $before = count($layers);
            $named = [];
            foreach (self::PLAYED as $section) {
                foreach ($document->partsOf($section) as $part) {
                    if ($section === 'macros' || $section === 'lamps' || in_array($part->path->key, $layers, true)) {
                        $named += self::names($section, Node::of($part->value)->plain());
                    }
                }
            }
            $layers = array_values(
                array_unique(
                    [
                        ...$layers,
                        ...array_filter(
                            array_map(fn (array $one) => $one[0] === Id::LAYER ? $one[1] : null, array_values($named)),
                        ),
                    ],
                ),
            );
        } while (count($layers) > $before);
        $isEmpty = array_filter(
            $document->parts(),
            fn (PartValue $part) => ! in_array($part->path->section, ['layers', 'flags', 'macros'], true),
        ) === [];
        foreach ($document->parts() as $part) {
            $isNeeded = match ($part->path->section) {
                'layers' => ! $isEmpty && in_array($part->path->key, $layers, true),
                'cells', 'chords' => in_array($part->path->key, $layers, true),
                'flags' => isset($named[Id::FLAG.' '.$part->path->key]),
                'macros' => isset($named[Id::MACRO.' '.$part->path->key]),
                default => true,
            };
            $document = $isNeeded ? $document : $document->without($part->path);
        }

        return $document;
    }

    /**
     * @param array<array-key, mixed> $said
     *
     * @return array<string, array{string, string}> what it names, sort and name by both
     */
    private static function names(string $section, array $said): array
    {
        $named = [];
        foreach (PartNames::all($section, $said) as [$sort, $name]) {
            $named[$sort.' '.$name] = [$sort, $name];
        }

        return $named;
    }

    /** @return ?array<string, mixed> */
    private function stop(PartPath $path): ?array
    {
        $said = Node::of($this->set->merged->value($path))->plain();
        $axes = array_values(array_filter($this->set->stops[$path->key]->axes ?? [], $this->alone->isOwn(...)));
        if ($axes === []) {
            return null;
        }
        $why = $this->alone->whyNotStop($path->key);
        if ($why !== null) {
            $this->dropped->say('Stop '.$this->set->stops[$path->key]->name, $why);
            $this->dropped->unkept = $this->dropped->unkept->part(NamesPart::STOP, $path->key, $why);

            return null;
        }

        return ['axes' => $axes] + $said;
    }

    /** @return ?array<string, mixed> */
    private function cell(PartPath $path): ?array
    {
        $ref = (string) $path->inner;
        $cell = $this->set->cell($path->key, $ref);
        $layer = $this->alone->parts->whyNotLayer($path->key);
        if ($cell === null || $cell->isNothing()) {
            return $cell === null || $layer !== null
                || $this->alone->parts->whyNotRead($ref) !== null
                ? null
                : ['nothing' => true];
        }
        $what = sprintf('%s, layer %s', $this->set->rig->nameOf($ref), $this->set->layers[$path->key]->name);
        $depends = $layer ?? $this->alone->whyNotCell($ref, $cell);
        if ($depends !== null || (
            $cell->behaviour instanceof PlaysItsMacro && ! isset($this->macros->held[$cell->behaviour->macro()])
        )) {
            $this->dropped->say($what, $depends ?? 'its macro is not on the device');

            return $this->none($path, $ref, $cell);
        }
        $outputs = $lost = [];
        foreach ($cell->outputs as $output) {
            $way = $this->set->leaving($output);
            $reason = $this->alone->whyNot($way);
            if ($way !== null && $reason === null) {
                $outputs[] = $way->toArray();
            } else {
                $lost[] = $output;
                $way === null ? $this->dropped->toGame($what, $output) : $this->dropped->say($what, (string) $reason);
            }
        }
        if (
            (
                $outputs === [] && ! $cell->behaviour instanceof PlaysItsMacro
            ) || ($cell->behaviour instanceof NeedsAllOutputs && $lost !== [])
        ) {
            return $this->none($path, $ref, $cell);
        }
        foreach ($lost as $output) {
            $this->dropped->output($this->set->rig->nameOf($ref), $output);
        }

        return (
            $cell->behaviour === null ? [] : ['behaviour' => $cell->behaviour->toArray()]
        ) + ($outputs === [] ? [] : ['outputs' => $outputs]) + ($cell->over?->toArray() ?? []) + (
            $cell->when === null ? [] : ['when' => $cell->when->toArray()]
        );
    }

    /** @return ?array<string, mixed> nothing happens where the base layer would show through */
    private function none(PartPath $path, string $ref, Cell $cell): ?array
    {
        $this->dropped->cell($ref, $cell);

        $hides = $path->key !== Layer::BASE && $this->set->cell(Layer::BASE, $ref) !== null;

        return $hides && $this->alone->parts->whyNotLayer($path->key) === null
            && $this->alone->parts->whyNotRead($ref) === null
            ? ['nothing' => true]
            : null;
    }

    /** @return ?array<string, mixed> */
    private function lamp(string $id): ?array
    {
        $rule = $this->set->lamps[$id] ?? null;
        $lamps = $rule?->lamps() ?? [];
        if ($rule === null || array_filter($lamps, $this->alone->isOwn(...)) === []) {
            return null;
        }
        $reason = $this->alone->parts->whyNotLamp($id) ?? $rule->whyNotOn($this->alone);
        if ($reason !== null) {
            $this->dropped->say($this->set->rig->lampNameOf($lamps[0]), $reason);

            return null;
        }

        return $rule->toArray();
    }

    /** @return ?array<string, mixed> */
    private function chord(PartPath $path): ?array
    {
        $chord = $this->set->chords[$path->key][(string) $path->inner] ?? null;
        if ($chord === null || array_filter($chord->of, $this->alone->isOwn(...)) === []) {
            return null;
        }
        $outputs = [];
        foreach ($chord->outputs as $output) {
            $way = $this->set->leaving($output);
            $reason = $this->alone->parts->whyNotLayer($path->key)
                ?? $this->alone->parts->whyNotChord($path->key, (string) $path->inner)
                ?? $this->alone->whyNotChord($chord)
                ?? $this->alone->whyNot($way);
            if ($way === null || $reason !== null) {
                $what = $chord->name.', layer '.$this->set->layers[$path->key]->name;
                $way === null ? $this->dropped->toGame($what, $output) : $this->dropped->say($what, (string) $reason);
                $this->dropped->chord($chord);

                return null;
            }
            $outputs[] = $way->toArray();
        }
        $said = Node::of($this->set->merged->value($path))->plain();

        return ['outputs' => $outputs] + ($chord->when === null ? array_diff_key($said, ['when' => 0]) : $said);
    }
}
