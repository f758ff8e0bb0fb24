<?php

declare(strict_types=1);

namespace Nailrod\Core\Memory;

use Nailrod\Core\Axis\Measured;
use Nailrod\Core\Behaviour\PlacesOutputs;
use Nailrod\Core\Behaviour\PlaysItsMacro;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Device\Rig;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Made\Made;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\PartChange;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Played;
use Nailrod\Core\Set\Section\Aside;
use Nailrod\Core\Set\Section\Sections;
use Nailrod\Core\Set\SetDiff;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Words;

/**
 * The part of a set that one device can do by itself: its own axes and contacts, actions replaced by their ways.
 * Variables and the mouse are left out, since the simulator is not at the other end of its cable, and so is what other
 * devices have a part in: their stops, their lamps, flags that only they raise. It is a set document that needs no parent,
 * kept as compact JSON.
 */
final readonly class DeviceMapping
{
    /** @param list<string> $leftOut one sentence for each cell that the device cannot do by itself */
    private function __construct(public SetDocument $document, public array $leftOut) {}

    public static function of(BindingSet $kept, Device $device): self
    {
        $set = Played::of($kept);
        $alone = new DeviceAlone($set, $device->id.'/');
        $document = SetDocument::read(Node::of([
            'format' => SetDocument::FORMAT, 'version' => 1, 'id' => $set->merged->own->id, 'name' => $set->merged->own->name, 'devices' => [$device->id],
        ]));
        $leftOut = self::aside($kept, new DeviceAlone($kept, $device->id.'/'));
        $macros = DeviceMacros::of($set, $device);
        $alone = $alone->holding($macros->held);
        foreach ($macros->reasons as $id => $reason) {
            $leftOut[] = 'Macro '.$set->macros[$id]->name.': '.$reason;
        }
        foreach ($set->merged->parts() as $part) {
            $path = $part->path;
            $value = match ($path->section) {
                'layers', 'flags' => Node::of($part->value)->plain(),
                'controls' => $path->key === $device->id ? Node::of($part->value)->plain() : null,
                'axes' => $path->inner !== Measured::part() && $alone->isOwn($path->key) ? Node::of($part->value)->plain() : null,
                'made' => isset($set->made[$path->key]) && $alone->isOwn(Made::DEVICE.'/'.$path->key) ? Node::of($part->value)->plain() : null,
                'macros' => $macros->held[$path->key] ?? null,
                'lamps' => self::lamp($set, $path->key, $alone, $leftOut),
                'chords' => self::chord($set, $path, $alone, $leftOut),
                'stops' => $kept->isAside($path) ? null : self::stop($part, $alone),
                'cells' => $alone->isOwn((string) $path->inner) ? self::cell($set, $alone, $path, $macros->held, $leftOut) : null,
                default => null,
            };
            if ($value !== null) {
                $document = $document->with($path, $value);
            }
        }

        return new self(self::withoutIdleMacros($document), $leftOut);
    }

    /** A macro whose contact was left out takes no room. */
    private static function withoutIdleMacros(SetDocument $document): SetDocument
    {
        $named = [];
        foreach ([...$document->partsOf('cells'), ...$document->partsOf('chords')] as $part) {
            $said = Node::of($part->value)->plain();
            array_walk_recursive($said, function (mixed $value, int|string $field) use (&$named): void {
                $named += $field === 'macro' && is_string($value) ? [$value => true] : [];
            });
        }
        foreach ($document->partsOf('macros') as $part) {
            $document = isset($named[$part->path->key]) ? $document : $document->without($part->path);
        }

        return $document;
    }

    /** @return list<string> a sentence for each part of the device's own that is set aside */
    private static function aside(BindingSet $set, DeviceAlone $alone): array
    {
        $words = new Words($set);
        $isOwn = fn (PartPath $path): bool => match ($path->section) {
            'cells' => $alone->isOwn((string) $path->inner),
            'stops' => $alone->hasStop($path->key),
            'made' => $alone->isOwn(Made::DEVICE.'/'.$path->key),
            'lamps' => array_filter(($set->lamps[$path->key] ?? null)?->lamps() ?? [], $alone->isOwn(...)) !== [],
            default => false,
        };
        $aside = array_map(fn (PartValue $part) => Aside::target($part->path), array_filter($set->merged->section(Aside::name()), fn (PartValue $part) => $part->value !== null));

        return array_values(array_map(fn (PartPath $path) => $words->subject($path).': it is set aside', array_filter($aside, $isOwn)));
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

    /** @throws FormatError if it is no mapping */
    public static function decode(string $content): SetDocument
    {
        return SetDocument::fromJson($content);
    }

    /**
     * What is stored in a device, said as this version would say it, so that two that mean the same are the same.
     *
     * @throws FormatError if it is no mapping
     */
    public static function read(string $content, Device $device): SetDocument
    {
        $stored = self::decode($content);
        try {
            return self::of(BindingSet::of(MergedDocument::of([$stored]), new Rig([$device]), null), $device)->document;
        } catch (FormatError) {
            return $stored;
        }
    }

    /** @return list<PartChange> in what parts another mapping differs from this one; of which set it is does not count */
    public function since(SetDocument $before): array
    {
        return array_values(array_filter(SetDiff::between($before, $this->document), fn (PartChange $change) => isset(Sections::all()[$change->path->section])));
    }

    public function encode(): string
    {
        return Json::compact(Json::decode($this->document->toJson()));
    }

    /** @return ?array<string, mixed> */
    private static function stop(PartValue $part, DeviceAlone $alone): ?array
    {
        $stop = Node::of($part->value)->plain();
        $axes = array_values(array_filter(
            array_map(fn (Node $axis) => $axis->string(), Node::of($stop['axes'])->list()),
            fn (string $axis) => $alone->isOwn($axis),
        ));

        return $axes === [] ? null : ['axes' => $axes] + $stop;
    }

    /**
     * @param array<string, array<string, mixed>> $macros those that the device holds
     * @param list<string>                        $leftOut
     *
     * @return ?array<string, mixed>
     */
    private static function cell(BindingSet $set, DeviceAlone $alone, PartPath $path, array $macros, array &$leftOut): ?array
    {
        $ref = (string) $path->inner;
        $cell = $set->cell($path->key, $ref);
        if ($cell === null) {
            return null;
        }
        if ($cell->isNothing()) {
            return ['nothing' => true];
        }
        $depends = $alone->whyNotCell($ref, $cell);
        if ($depends !== null || ($cell->behaviour instanceof PlaysItsMacro && ! isset($macros[$cell->behaviour->macro()]))) {
            $leftOut[] = sprintf('%s, layer %s: %s', $set->rig->nameOf($ref), $set->layers[$path->key]->name, $depends ?? 'its macro is not on the device');

            return null;
        }
        $outputs = [];
        foreach ($cell->outputs as $output) {
            $way = $set->leaving($output);
            $reason = $alone->whyNot($way);
            if ($way !== null && $reason === null) {
                $outputs[] = $way->toArray();
            } else {
                $leftOut[] = sprintf('%s, layer %s: %s', $set->rig->nameOf($ref), $set->layers[$path->key]->name, $reason);
            }
        }
        if (($outputs === [] && ! $cell->behaviour instanceof PlaysItsMacro) || ($cell->behaviour instanceof PlacesOutputs && count($outputs) < count($cell->outputs))) {
            return null;
        }

        return ($cell->behaviour === null ? [] : ['behaviour' => $cell->behaviour->toArray()]) + ($outputs === [] ? [] : ['outputs' => $outputs]) + ($cell->over?->toArray() ?? []) + ($cell->when === null ? [] : ['when' => $cell->when->toArray()]);
    }

    /**
     * @param list<string> $leftOut
     *
     * @return ?array<string, mixed>
     */
    private static function lamp(BindingSet $set, string $id, DeviceAlone $alone, array &$leftOut): ?array
    {
        $rule = $set->lamps[$id] ?? null;
        $lamps = $rule?->lamps() ?? [];
        if ($rule === null || array_filter($lamps, fn (string $lamp) => $alone->isOwn($lamp)) === []) {
            return null;
        }
        $reason = $rule->whyNotOn($alone);
        if ($reason !== null) {
            $leftOut[] = $set->rig->lampNameOf($lamps[0]).': '.$reason;

            return null;
        }

        return $rule->toArray();
    }

    /**
     * @param list<string> $leftOut
     *
     * @return ?array<string, mixed>
     */
    private static function chord(BindingSet $set, PartPath $path, DeviceAlone $alone, array &$leftOut): ?array
    {
        $chord = $set->chords[$path->key][(string) $path->inner] ?? null;
        $away = array_filter($chord->of ?? [], fn (string $ref) => ! $alone->isOwn($ref));
        if ($chord === null || count($away) === count($chord->of)) {
            return null;
        }
        $cannot = $alone->whyNotChord($chord);
        $outputs = [];
        foreach ($chord->outputs as $output) {
            $way = $set->leaving($output);
            $reason = $cannot ?? $alone->whyNot($way);
            if ($way === null || $reason !== null) {
                $leftOut[] = $chord->name.', layer '.$set->layers[$path->key]->name.': '.$reason;

                return null;
            }
            $outputs[] = $way->toArray();
        }

        $said = Node::of($set->merged->value($path))->plain();

        return ['outputs' => $outputs] + ($chord->when === null ? array_diff_key($said, ['when' => 0]) : $said);
    }
}
