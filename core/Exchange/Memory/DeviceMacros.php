<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Output\PlaysMacro;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Keeps;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Mention;
use Nailrod\Core\Set\References;

/**
 * The macros that contacts of a device play, start or stop: those that it holds, and why it does not hold the others.
 */
final readonly class DeviceMacros
{
    /**
     * @param array<string, array<string, mixed>> $held    with actions replaced by their ways and texts by keys, by id
     * @param array<string, string>               $reasons by id
     */
    private function __construct(public array $held, public array $reasons) {}

    /**
     * As many as the device has room for, in file order.
     *
     * @param BindingSet $set as it is played
     */
    public static function of(BindingSet $set, Device $device, DeviceAlone $alone): self
    {
        $held = $reasons = [];
        foreach (self::played($set, $alone) as $id) {
            $macro = $set->macros[$id]->played($set->layouts);
            $reason = match (true) {
                ($why = $alone->whyNotMacro($id)) !== null => $why,
                count($macro->steps) > Macro::MOST_STEPS => sprintf(
                    'it has %d steps, the device takes %d',
                    count($macro->steps),
                    Macro::MOST_STEPS,
                ),
                ($full = $device->keeps()?->whyNot(Keeps::MACROS, count($held))) !== null => $full,
                default => $alone->whoElsePlays($id),
            };
            if ($reason !== null) {
                $reasons[$id] = $reason;

                continue;
            }
            $held[$id] = self::held($set, $id);
        }

        return new self($held, $reasons);
    }

    /** @return array<string, mixed> a macro as a device holds it: actions are their ways, texts are keys */
    public static function held(BindingSet $set, string $id): array
    {
        $macro = $set->macros[$id]->played($set->layouts);
        $steps = [];
        foreach ($macro->steps as $step) {
            $way = $set->leaving($step->output);
            $steps[] = ($way === null ? [] : ['output' => $way->toArray()]) + $step->toArray();
        }

        return ['steps' => $steps] + $macro->toArray();
    }

    /**
     * @return list<string> ids of the macros that are played, started or stopped by what the device does by itself, in
     *    file order
     */
    private static function played(BindingSet $set, DeviceAlone $alone): array
    {
        $played = [];
        foreach ((new References($set))->ofContacts() as $use) {
            if (
                (
                    $use->does instanceof PlaysItsMacro || $use->does instanceof PlaysMacro
                ) && self::isDone($set, $alone, $use)
            ) {
                $played[$use->does->macro()] = true;
            }
        }

        return array_values(array_filter(Keys::of($set->macros), fn (string $id) => isset($played[$id])));
    }

    private static function isDone(BindingSet $set, DeviceAlone $alone, Mention $use): bool
    {
        $cell = $use->by === Mention::CELL ? $set->cell($use->layer, $use->key) : null;

        return $alone->isOwn($use->ref) && (
            $cell === null ? $alone->whyNotChord($set->chords[$use->layer][$use->key])
                : $alone->whyNotCell($use->key, $cell)
        ) === null;
    }
}
