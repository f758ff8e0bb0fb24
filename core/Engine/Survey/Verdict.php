<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Survey;

use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Rig;

/** What trying out a device has shown, in words. */
final readonly class Verdict
{
    /** Below this part of its range an axis counts as not reaching its ends. */
    private const REACH = 0.95;

    /** A shorter press can fall between two looks of a game at 60 a second, in µs. */
    private const FRAME = 16_667;

    /**
     * @param string       $summary one sentence
     * @param list<string> $troubles one sentence each
     * @param list<string> $left    names of the inputs that have not been seen
     */
    private function __construct(
        public string $summary,
        public array $troubles,
        public array $left,
        public int $seen,
        public int $all,
    ) {}

    public static function of(Sheet $sheet, Device $device, Rig $rig): self
    {
        $troubles = $left = [];
        $all = 0;
        foreach ($device->controls as $control) {
            foreach (self::inputs($control) as $port) {
                $all++;
                $record = $sheet->of($port);
                if (! self::isSeen($control, $record)) {
                    $left[] = $rig->nameOf($port).' ('.$rig->numberOf($port).')';
                }
                if ($record !== null) {
                    array_push(
                        $troubles,
                        ...self::troubles(
                            $record,
                            $rig->nameOf($port).' ('.$rig->numberOf($port).')',
                            $rig->axes[$port] ?? null,
                        ),
                    );
                }
            }
        }
        $seen = $all - count($left);
        $most = $sheet->mostClosed($device);
        $summary = match (true) {
            $seen === 0 => sprintf('Nothing of the %d inputs has been seen yet.', $all),
            $left !== [] => sprintf('%d of %d inputs seen.', $seen, $all),
            $troubles === [] => sprintf('All %d inputs seen, and nothing is wrong with them.', $all),
            default => sprintf(
                'All %d inputs seen; %s.',
                $all,
                count($troubles) === 1 ? 'one thing to look at' : count($troubles).' things to look at',
            ),
        };

        return new self(
            $summary.(
                $most > 1 ? sprintf(
                    ' At most %d were closed at once: if you pressed more than that together, some hide others.',
                    $most,
                ) : ''
            ),
            $troubles,
            $left,
            $seen,
            $all,
        );
    }

    /** @return list<string> the ports of a control */
    public static function inputs(Control $control): array
    {
        $ports = array_map(fn (AxisInput $axis) => $axis->ref, $control->axes);
        if ($control->hat === null) {
            array_push($ports, ...array_map(fn (ContactInput $contact) => $contact->ref, $control->reported()));
        }

        return $control->hat !== null || $control->encoder !== null ? [...$ports, $control->ref] : $ports;
    }

    /**
     * Has a contact been seen that no report says by itself: a direction of a hat, the other side of a contact, none of
     * several?
     */
    public static function isContactSeen(ContactInput $contact, Sheet $sheet): bool
    {
        if ($contact->hat !== null) {
            $directions = $sheet->of($contact->hat)->directions ?? 0;

            return array_filter(
                range(0, 7),
                fn (int $way): bool => ($directions >> $way & 1) === 1
                    && ContactInput::points($contact->direction, $way),
            ) !== [];
        }

        return array_filter(
            $contact->madeFrom(),
            fn (string $port): bool => ($sheet->of($port)->count ?? 0) > 0,
        ) !== [];
    }

    /** Has all of the input been seen: pressed, moved, turned both ways, every direction? */
    public static function isSeen(Control $control, ?InputRecord $record): bool
    {
        return match (true) {
            $record === null || $record->count === 0 => false,
            $control->encoder !== null => $record->low < 0 && $record->high > 0,
            $control->hat !== null => ($record->directions & 0b01010101) === 0b01010101,
            default => true,
        };
    }

    /** @return list<string> */
    private static function troubles(InputRecord $record, string $name, ?AxisInput $axis): array
    {
        $troubles = [];
        if ($axis !== null && $record->low !== null && $record->high !== null) {
            $reach = ($record->high - $record->low) / $axis->width();
            if ($reach < self::REACH) {
                $troubles[] = sprintf(
                    '%s went from %.0f to %.0f %% of its range. If that was all the way, measure it.',
                    $name,
                    100 * ($record->low - $axis->min) / $axis->width(),
                    100 * ($record->high - $axis->min) / $axis->width(),
                );
            }
        }
        if ($record->neverOpened) {
            $troubles[] = $name.' was closed from the start and never opened: it is stuck, or a switch that is on.';
        }
        if ($record->bounces > 0) {
            $troubles[] = sprintf(
                '%s bounced %d %s within %d ms of a change.',
                $name,
                $record->bounces,
                $record->bounces === 1 ? 'time' : 'times',
                InputRecord::BOUNCE / 1000,
            );
        }
        if ($record->shortest !== null && $record->shortest < self::FRAME) {
            $troubles[] = sprintf(
                '%s: its shortest press was %.1f ms; a game that looks 60 times a second can miss that.',
                $name,
                $record->shortest / 1000,
            );
        }
        if ($record->wrong > 0) {
            $troubles[] = sprintf('%s: %d of %d ticks went against the turn.', $name, $record->wrong, $record->count);
        }

        return $troubles;
    }
}
