<?php

declare(strict_types=1);

namespace App\Live;

use App\Models\LiveSession;
use App\Models\SetRecord;
use App\Sets\SetStore;
use Illuminate\Support\Facades\DB;
use Nailrod\Core\Live\LiveState;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Survey\Survey;
use Nailrod\Core\Survey\Sweep;
use Nailrod\Core\Survey\Teaching;

/** The survey of a rig within a live session: begun, carried on, ended, read. */
final class Surveys
{
    public function __construct(private readonly SetStore $sets) {}

    /**
     * @param string $what one of SurveyRequest::WHAT
     * @param string $ref  of the axis that is measured, or the control or device that is taught
     * @param int    $now  time of the session in µs
     *
     * @return ?array<string, mixed> the survey as it is then; null if the session has ended
     */
    public function order(string $id, SetRecord $record, string $what, string $ref, int $now, string $look): ?array
    {
        return DB::transaction(function () use ($id, $record, $what, $ref, $now, $look): ?array {
            $session = LiveSession::query()->find($id);
            $state = $session?->live();
            if ($session === null || $state === null) {
                return null;
            }
            $set = $this->sets->current($record);
            $this->change($state, $set, $what, $ref, max($now, $state->run->now));
            $session->state = $state->write();
            $session->save();

            return SurveyAnswer::of($state->survey, $set, $now, $look);
        }, 3);
    }

    /** The survey of a session; null if it has ended. */
    public function read(string $id): ?LiveState
    {
        return LiveSession::query()->find($id)?->live();
    }

    private function change(LiveState $state, BindingSet $set, string $what, string $ref, int $now): void
    {
        $survey = $state->survey;
        $axis = $set->rig->axes[$what === 'next' ? $survey->sweep->axis ?? '' : $ref] ?? null;
        match (true) {
            $what === 'sheet' => $survey->sheet->begin($state->hands, $set->rig),
            $what === 'teach' && $set->rig->deviceOf($ref) !== null => $survey->teaching = new Teaching($set->rig->deviceOf($ref)->id, str_contains($ref, '/') ? $ref : '', $state->hands),
            $what === 'measure' && $axis !== null => $survey->sweep = new Sweep($ref, $state->hands[$ref] ?? $axis->restReading(), $now),
            $what === 'next' && $axis !== null => $survey->sweep?->next($axis, $now),
            $what === 'end' => $this->end($survey),
            default => abort(422, sprintf('ref: found "%s", expected an axis, a control or a device of the rig.', $ref)),
        };
    }

    private function end(Survey $survey): void
    {
        $survey->teaching = $survey->sweep = null;
    }
}
