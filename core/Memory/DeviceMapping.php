<?php

declare(strict_types=1);

namespace Nailrod\Core\Memory;

use Nailrod\Core\Axis\Measured;
use Nailrod\Core\Behaviour\PlacesOutputs;
use Nailrod\Core\Behaviour\PlaysItsMacro;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Macro\Macro;
use Nailrod\Core\Made\Made;
use Nailrod\Core\Output\PlaysMacro;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Played;
use Nailrod\Core\Set\References;
use Nailrod\Core\Set\Section\Aside;
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
        $reasons = [];
        $leftOut = self::aside($kept, new DeviceAlone($kept, $device->id.'/'));
        $macros = self::macros($set, $device, $alone, $reasons);
        $alone = $alone->holding($macros);
        foreach ($reasons as $id => $reason) {
            $leftOut[] = 'Macro '.$set->macros[$id]->name.': '.$reason;
        }
        foreach ($set->merged->parts() as $part) {
            $path = $part->path;
            $value = match ($path->section) {
                'layers', 'flags' => Node::of($part->value)->plain(),
                'controls' => $path->key === $device->id ? Node::of($part->value)->plain() : null,
                'axes' => $path->inner !== Measured::part() && $alone->isOwn($path->key) ? Node::of($part->value)->plain() : null,
                'made' => isset($set->made[$path->key]) && $alone->isOwn(Made::DEVICE.'/'.$path->key) ? Node::of($part->value)->plain() : null,
                'macros' => $macros[$path->key] ?? null,
                'lamps' => self::lamp($set, $path->key, $alone, $leftOut),
                'chords' => self::chord($set, $path, $alone, $leftOut),
                'stops' => $kept->isAside($path) ? null : self::stop($part, $alone),
                'cells' => $alone->isOwn((string) $path->inner) ? self::cell($set, $alone, $path, $macros, $leftOut) : null,
                default => null,
            };
            if ($value !== null) {
                $document = $document->with($path, $value);
            }
        }

        return new self($document, $leftOut);
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

    public static function decode(string $content): SetDocument
    {
        return SetDocument::fromJson($content);
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
        $depends = match (true) {
            ($set->rig->contacts[$ref]->rotary ?? null) !== null => 'the device has no '.($set->rig->contacts[$ref]->isTick() ? 'ticks of a dial' : 'places of an encoder'),
            $cell->as !== null => 'it does as '.$set->rig->nameOf($cell->as).' does, which the device cannot',
            $cell->otherwise !== null => 'the device has nothing that it does otherwise',
            default => $alone->whyNotWhen($cell->when),
        };
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
     * The macros that contacts of the device play, with actions replaced by their ways and texts by keys, as many as it holds.
     *
     * @param array<string, string> $reasons why a macro is left out, by id
     *
     * @return array<string, array<string, mixed>> by id
     */
    private static function macros(BindingSet $set, Device $device, DeviceAlone $alone, array &$reasons): array
    {
        $macros = [];
        foreach (self::played($set, $alone) as $id) {
            $macro = $set->macros[$id]->played($set->layouts);
            $most = $device->limits->macros ?? null;
            $reason = match (true) {
                ! $alone->canPlay($id) => 'it does what only Nailrod itself can do',
                ($depends = $alone->whyNotWhen($macro->when)) !== null => $depends,
                count($macro->steps) > Macro::MOST_STEPS => sprintf('it has %d steps, the device takes %d', count($macro->steps), Macro::MOST_STEPS),
                $most !== null && count($macros) >= $most => sprintf('the device has room for %d', $most),
                default => null,
            };
            if ($reason !== null) {
                $reasons[$id] = $reason;

                continue;
            }
            $steps = [];
            foreach ($macro->steps as $step) {
                $way = $set->leaving($step->output);
                $steps[] = ($way === null ? [] : ['output' => $way->toArray()]) + $step->toArray();
            }
            $macros[$id] = ['steps' => $steps] + $macro->toArray();
        }

        return $macros;
    }

    /** @return array<string, string> why the device cannot keep macros that its contacts play, by id */
    public static function macrosLeftOut(BindingSet $kept, Device $device): array
    {
        $set = Played::of($kept);
        $reasons = [];
        self::macros($set, $device, new DeviceAlone($set, $device->id.'/'), $reasons);

        return $reasons;
    }

    /** @return list<string> ids of the macros that contacts of the device play, start or stop, in file order */
    private static function played(BindingSet $set, DeviceAlone $alone): array
    {
        $played = [];
        foreach ((new References($set))->ofContacts() as $use) {
            if (($use->does instanceof PlaysItsMacro || $use->does instanceof PlaysMacro) && $alone->isOwn($use->ref)) {
                $played[$use->does->macro()] = true;
            }
        }

        return array_values(array_filter(Keys::of($set->macros), fn (string $id) => isset($played[$id])));
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
        $cannot = match (true) {
            $away !== [] => $set->rig->fullNameOf(array_values($away)[0]).' is on another device',
            $chord->held > 0 => 'the device does not wait for a while before a chord comes on',
            default => null,
        };
        $outputs = [];
        foreach ($chord->outputs as $output) {
            $way = $set->leaving($output);
            $reason = $cannot ?? $alone->whyNot($way) ?? $alone->whyNotWhen($chord->when);
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
