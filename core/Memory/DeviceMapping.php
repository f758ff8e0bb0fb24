<?php

declare(strict_types=1);

namespace Nailrod\Core\Memory;

use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Behaviour\PlacesOutputs;
use Nailrod\Core\Behaviour\PlayMacro;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Lamp\LampWhen;
use Nailrod\Core\Macro\Macro;
use Nailrod\Core\Made\Made;
use Nailrod\Core\Output\ActionOutput;
use Nailrod\Core\Output\AxisVariable;
use Nailrod\Core\Output\LightLamp;
use Nailrod\Core\Output\MacroOutput;
use Nailrod\Core\Output\MouseButton;
use Nailrod\Core\Output\MouseMovement;
use Nailrod\Core\Output\MouseStep;
use Nailrod\Core\Output\MouseWheel;
use Nailrod\Core\Output\OnOffVariable;
use Nailrod\Core\Output\OpenStop;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\RaiseFlag;
use Nailrod\Core\Output\SetVariable;
use Nailrod\Core\Output\StepVariable;
use Nailrod\Core\Output\SwapVariable;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Condition;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
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

    public static function of(BindingSet $set, Device $device): self
    {
        $own = $device->id.'/';
        $document = SetDocument::read(Node::of([
            'format' => SetDocument::FORMAT, 'version' => 1, 'id' => $set->merged->own->id, 'name' => $set->merged->own->name, 'devices' => [$device->id],
        ]));
        $leftOut = [];
        $macros = self::macros($set, $device, $leftOut);
        foreach ($set->merged->parts() as $part) {
            $path = $part->path;
            $value = match ($path->section) {
                'layers', 'flags' => Node::of($part->value)->plain(),
                'controls' => $path->key === $device->id ? Node::of($part->value)->plain() : null,
                'axes' => $path->inner !== Shaping::MEASURED && self::isOwn($set, $path->key, $own) ? Node::of($part->value)->plain() : null,
                'made' => self::isOwn($set, Made::DEVICE.'/'.$path->key, $own) ? Node::of($part->value)->plain() : null,
                'macros' => $macros[$path->key] ?? null,
                'lamps' => self::lamp($set, $path->key, $own, $leftOut),
                'chords' => self::chord($set, $path, $own, $leftOut),
                'stops' => self::stop($set, $part, $own),
                'cells' => self::isOwn($set, (string) $path->inner, $own) ? self::cell($set, $path, $macros, $leftOut) : null,
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

    /** Is it on the device, or made from nothing but its axes? */
    private static function isOwn(BindingSet $set, string $ref, string $own): bool
    {
        if (! str_starts_with($ref, Made::DEVICE.'/')) {
            return str_starts_with($ref, $own);
        }
        $made = $set->made[explode('.', substr($ref, strlen(Made::DEVICE) + 1))[0]] ?? null;

        return $made !== null && array_filter($made->sources(), fn (string $source) => ! self::isOwn($set, $source, $own)) === [];
    }

    /** @return ?array<string, mixed> */
    private static function stop(BindingSet $set, PartValue $part, string $own): ?array
    {
        $stop = Node::of($part->value)->plain();
        $axes = array_values(array_filter(
            array_map(fn (Node $axis) => $axis->string(), Node::of($stop['axes'])->list()),
            fn (string $axis) => self::isOwn($set, $axis, $own),
        ));

        return $axes === [] ? null : ['axes' => $axes] + $stop;
    }

    /**
     * @param array<string, array<string, mixed>> $macros those that the device holds
     * @param list<string>                        $leftOut
     *
     * @return ?array<string, mixed>
     */
    private static function cell(BindingSet $set, PartPath $path, array $macros, array &$leftOut): ?array
    {
        $ref = (string) $path->inner;
        $cell = $set->cell($path->key, $ref);
        if ($cell === null) {
            return null;
        }
        if ($cell->isNothing()) {
            return ['nothing' => true];
        }
        $own = explode('/', $ref, 2)[0].'/';
        $own = $own === Made::DEVICE.'/' ? explode('/', self::sourceOf($set, $ref), 2)[0].'/' : $own;
        $depends = self::whyNotWhen($set, $cell->when, $own);
        if ($depends !== null || ($cell->behaviour instanceof PlayMacro && ! isset($macros[$cell->behaviour->macro]))) {
            $leftOut[] = sprintf('%s, layer %s: %s', $set->rig->nameOf($ref), $set->layers[$path->key]->name, $depends ?? 'its macro is not on the device');

            return null;
        }
        $outputs = [];
        foreach ($cell->outputs as $output) {
            $way = $output instanceof ActionOutput ? $set->wayOf($output->action) : $output;
            $reason = self::whyNot($set, $way, $own);
            if ($way !== null && $reason === null) {
                $outputs[] = $way->toArray();
            } else {
                $leftOut[] = sprintf('%s, layer %s: %s', $set->rig->nameOf($ref), $set->layers[$path->key]->name, $reason);
            }
        }
        if (($outputs === [] && ! $cell->behaviour instanceof PlayMacro) || ($cell->behaviour instanceof PlacesOutputs && count($outputs) < count($cell->outputs))) {
            return null;
        }

        return ($cell->behaviour === null ? [] : ['behaviour' => $cell->behaviour->toArray()]) + ($outputs === [] ? [] : ['outputs' => $outputs]) + ($cell->over?->toArray() ?? []) + ($cell->when === null ? [] : ['when' => $cell->when->toArray()]);
    }

    /**
     * The macros that contacts of the device play, with actions replaced by their ways and texts by keys, as many as it holds.
     *
     * @param list<string> $leftOut
     *
     * @return array<string, array<string, mixed>> by id
     */
    private static function macros(BindingSet $set, Device $device, array &$leftOut): array
    {
        $macros = [];
        foreach (self::played($set, $device->id.'/') as $id) {
            $macro = $set->macros[$id]->played($set->layouts);
            $most = $device->limits->macros ?? null;
            $reason = match (true) {
                ! self::canPlay($set, $id, $device->id.'/') => 'it does what only Nailrod itself can do',
                ($depends = self::whyNotWhen($set, $macro->when, $device->id.'/')) !== null => $depends,
                count($macro->steps) > Macro::MOST_STEPS => sprintf('it has %d steps, the device takes %d', count($macro->steps), Macro::MOST_STEPS),
                $most !== null && count($macros) >= $most => sprintf('the device has room for %d', $most),
                default => null,
            };
            if ($reason !== null) {
                $leftOut[] = 'Macro '.$macro->name.': '.$reason;

                continue;
            }
            $steps = [];
            foreach ($macro->steps as $step) {
                $way = $step->output instanceof ActionOutput ? $set->wayOf($step->output->action) : $step->output;
                $steps[] = ($way === null ? [] : ['output' => $way->toArray()]) + $step->toArray();
            }
            $macros[$id] = ['steps' => $steps] + $macro->toArray();
        }

        return $macros;
    }

    /** @return list<string> ids of the macros that contacts of the device play, start or stop, in file order */
    private static function played(BindingSet $set, string $own): array
    {
        $played = [];
        $say = function (array $outputs) use (&$played): void {
            foreach ($outputs as $output) {
                if ($output instanceof MacroOutput) {
                    $played[$output->macro] = true;
                }
            }
        };
        foreach ($set->cells as $cells) {
            foreach ($cells as $ref => $cell) {
                if (self::isOwn($set, (string) $ref, $own)) {
                    $played += $cell->behaviour instanceof PlayMacro ? [$cell->behaviour->macro => true] : [];
                    $say($cell->outputs);
                }
            }
        }
        foreach ($set->chords as $chords) {
            foreach ($chords as $chord) {
                $say(self::isOwn($set, $chord->of[0], $own) ? $chord->outputs : []);
            }
        }

        return array_values(array_filter(array_map(strval(...), array_keys($set->macros)), fn (string $id) => isset($played[$id])));
    }

    /**
     * @param list<string> $leftOut
     *
     * @return ?array<string, mixed>
     */
    private static function lamp(BindingSet $set, string $id, string $own, array &$leftOut): ?array
    {
        $rule = $set->lamps[$id] ?? null;
        $lamps = $rule?->lamps() ?? [];
        if ($rule === null || array_filter($lamps, fn (string $lamp) => str_starts_with($lamp, $own)) === []) {
            return null;
        }
        $reason = match (true) {
            ! $rule instanceof LampWhen || $rule->sort === 'variable' => 'only Nailrod itself knows the variable that it shows',
            $rule->sort === 'contact' && ! self::isOwn($set, $rule->name, $own) => 'it shows a contact of another device',
            $rule->sort === 'stop' && ! self::hasStop($set, $rule->name, $own) => 'it shows a stop of another device',
            $rule->sort === 'flag' && ! self::raises($set, $rule->name, $own) => 'it shows a flag that another device raises',
            default => null,
        };
        if ($reason !== null) {
            $leftOut[] = $set->rig->lampNameOf($lamps[0]).': '.$reason;

            return null;
        }

        return $rule->toArray();
    }

    private static function hasStop(BindingSet $set, string $id, string $own): bool
    {
        return array_filter($set->stops[$id]->axes ?? [], fn (string $axis) => self::isOwn($set, $axis, $own)) !== [];
    }

    /** Does a contact of the device raise the flag, by itself or by a macro, or does nobody? */
    private static function raises(BindingSet $set, string $flag, string $own): bool
    {
        $by = [];
        $isIt = fn (Output $output): bool => $output instanceof RaiseFlag && $output->flag === $flag;
        foreach ($set->cells as $cells) {
            foreach ($cells as $ref => $cell) {
                $by[] = array_filter($cell->drives($set->macros), $isIt) === [] ? null : (string) $ref;
            }
        }
        foreach ($set->chords as $chords) {
            foreach ($chords as $chord) {
                $by[] = array_filter($chord->outputs, $isIt) === [] ? null : $chord->of[0];
            }
        }
        $by = array_values(array_filter($by, fn (?string $ref) => $ref !== null));

        return $by === [] || array_filter($by, fn (string $ref) => ! self::isOwn($set, $ref, $own)) === [];
    }

    /** Why a condition cannot be judged by the device alone; null if it can. */
    private static function whyNotWhen(BindingSet $set, ?Condition $when, string $own): ?string
    {
        return match (true) {
            $when?->sort === 'variable' => 'only Nailrod itself knows the variable that it depends on',
            $when?->sort === 'stop' && ! self::hasStop($set, $when->name, $own) => 'it depends on a stop of another device',
            $when?->sort === 'flag' && ! self::raises($set, $when->name, $own) => 'it depends on a flag that another device raises',
            default => null,
        };
    }

    /** The first axis of a device that something made comes from. */
    private static function sourceOf(BindingSet $set, string $ref): string
    {
        $made = $set->made[explode('.', substr($ref, strlen(Made::DEVICE) + 1))[0]] ?? null;
        $source = $made?->sources()[0] ?? '';

        return str_starts_with($source, Made::DEVICE.'/') ? self::sourceOf($set, $source) : $source;
    }

    private static function canPlay(BindingSet $set, string $macro, string $own): bool
    {
        foreach ($set->macros[$macro]->steps ?? [] as $step) {
            $way = $step->output instanceof ActionOutput ? $set->wayOf($step->output->action) : $step->output;
            if ($step->output !== null && ($way === null || $way instanceof MacroOutput || self::whyNot($set, $way, $own) !== null)) {
                return false;
            }
        }

        return isset($set->macros[$macro]);
    }

    /**
     * @param list<string> $leftOut
     *
     * @return ?array<string, mixed>
     */
    private static function chord(BindingSet $set, PartPath $path, string $own, array &$leftOut): ?array
    {
        $chord = $set->chords[$path->key][(string) $path->inner] ?? null;
        if ($chord === null || array_filter($chord->of, fn (string $ref) => ! self::isOwn($set, $ref, $own)) !== []) {
            return null;
        }
        $outputs = [];
        foreach ($chord->outputs as $output) {
            $way = $output instanceof ActionOutput ? $set->wayOf($output->action) : $output;
            $reason = self::whyNot($set, $way, $own) ?? self::whyNotWhen($set, $chord->when, $own);
            if ($way === null || $reason !== null) {
                $leftOut[] = $chord->name.', layer '.$set->layers[$path->key]->name.': '.$reason;

                return null;
            }
            $outputs[] = $way->toArray();
        }

        return ['outputs' => $outputs] + Node::of($set->merged->value($path))->plain();
    }

    private static function isVariable(Output $way): bool
    {
        return $way instanceof SetVariable || $way instanceof OnOffVariable || $way instanceof AxisVariable || $way instanceof StepVariable || $way instanceof SwapVariable;
    }

    private static function isMouse(Output $way): bool
    {
        return $way instanceof MouseMovement || $way instanceof MouseButton || $way instanceof MouseWheel || $way instanceof MouseStep;
    }

    private static function whyNot(BindingSet $set, ?Output $way, string $own): ?string
    {
        return match (true) {
            $way === null => 'its action has no way yet',
            $way instanceof MacroOutput && ! self::canPlay($set, $way->macro, $own) => 'its macro does what only Nailrod itself can do',
            $way instanceof OpenStop && ! self::hasStop($set, $way->stop, $own) => 'it opens a stop of another device',
            $way instanceof LightLamp && ! str_starts_with($way->lamp, $own) => 'it lights a lamp of another device',
            self::isMouse($way) => 'only Nailrod itself works the mouse',
            self::isVariable($way) => (new Words($set))->output($way).' can only be done by Nailrod itself',
            default => null,
        };
    }
}
