<?php

declare(strict_types=1);

namespace App\Rig;

use Nailrod\Core\Engine\Survey\InputRecord;
use Nailrod\Core\Engine\Survey\Survey;
use Nailrod\Core\Engine\Survey\Verdict;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Set\BindingSet;

/** What eyes see of the survey of the rig: what was found, what is being taught or measured, the sheet of a device. */
final class SurveyPicture
{
    /** @return array<string, mixed> all of it but the sheets */
    public static function of(Survey $survey, BindingSet $set, int $now): array
    {
        $found = $survey->finder->found;

        return [
            'found' => [
                'n' => $survey->finder->count,
                'ref' => $found,
                'number' => $found === null ? '' : $set->rig->numberOf($found),
                'name' => $found === null ? '' : $set->rig->nameOf($found),
                'device' => $set->rig->deviceNameOf((string) $found),
            ],
            'left_out' => $survey->finder->leftOut($set->rig, $now),
            'teaching' => self::teaching($survey, $set, $now),
            'sweep' => self::sweep($survey),
            'flips' => self::flips($survey, $set, $now),
        ];
    }

    /** @return ?array<string, mixed> */
    private static function teaching(Survey $survey, BindingSet $set, int $now): ?array
    {
        $device = $survey->teaching === null ? null : $set->rig->devices[$survey->teaching->device] ?? null;
        if ($survey->teaching === null || $device === null) {
            return null;
        }
        $taught = $survey->teaching->taught($device, $now);

        return ['control' => $survey->teaching->control, 'sentence' => $taught->sentence, 'done' => $taught->isDone];
    }

    /** @return ?array<string, mixed> */
    private static function sweep(Survey $survey): ?array
    {
        $sweep = $survey->sweep;
        if ($sweep === null) {
            return null;
        }

        return [
            'axis' => $sweep->axis,
            'phase' => $sweep->phase->value,
            'task' => $sweep->phase->task(),
            'complaint' => $sweep->complaint,
            'done' => $sweep->isDone,
            'count' => $sweep->trace($sweep->phase)->count(),
            'least' => $sweep->phase->least(),
        ];
    }

    /** @return ?array<string, mixed> */
    private static function flips(Survey $survey, BindingSet $set, int $now): ?array
    {
        $axis = $set->rig->axes[$survey->flips->axis ?? ''] ?? null;
        if ($survey->flips === null || $axis === null) {
            return null;
        }
        $count = count($survey->flips->positions($axis, $now));

        return ['axis' => $axis->ref, 'count' => $count, 'sentence' => match (true) {
            $count === 0 => 'Flip it through all its positions, a moment at each.',
            $count === 1 => 'One position is seen. Flip it to the next, and stay there for a moment.',
            default => $count.' positions are seen. Go on if it has more.',
        }];
    }

    /** @return ?array<string, mixed> the sheet of a device; null if the rig has no such device */
    public static function sheet(Survey $survey, string $look, BindingSet $set): ?array
    {
        $device = $set->rig->devices[$look] ?? null;
        if ($device === null) {
            return null;
        }
        $device = $set->wired($device);
        $rows = [];
        foreach ($device->controls as $control) {
            foreach (Verdict::inputs($control) as $port) {
                $record = $survey->sheet->of($port);
                $rows[$port] = ['seen' => Verdict::isSeen($control, $record)] + self::row($record);
            }
        }
        // What is made from others has a row on Devices, and is no input to be tried.
        foreach (
            array_merge(...array_map(fn (Control $control): array => $control->contacts, $device->controls)) as $contact
        ) {
            $rows[$contact->ref] ??= ['seen' => Verdict::isContactSeen($contact, $survey->sheet), 'count' => '0'];
        }
        $verdict = Verdict::of($survey->sheet, $device, $set->rig);

        return [
            'device' => $device->id,
            'rows' => $rows,
            'summary' => $verdict->summary,
            'troubles' => $verdict->troubles,
            'left' => $verdict->left,
            'seen' => $verdict->seen,
            'all' => $verdict->all,
        ];
    }

    /** @return array{count: string, low: string, high: string, shortest: string, bounces: string} */
    private static function row(?InputRecord $record): array
    {
        return [
            'count' => (string) ($record->count ?? 0),
            'low' => (string) ($record->low ?? ''),
            'high' => (string) ($record->high ?? ''),
            'shortest' => $record?->shortest === null ? '' : number_format(
                $record->shortest / 1000,
                $record->shortest < 100_000 ? 1 : 0,
                '.',
                '',
            ).' ms',
            'bounces' => match (true) {
                $record === null => '',
                $record->neverOpened => 'never opened',
                $record->bounces > 0 => $record->bounces.' bounces',
                $record->wrong > 0 => $record->wrong.' wrong way',
                default => '',
            },
        ];
    }
}
