<?php

declare(strict_types=1);

namespace App\Rig;

use Nailrod\Core\Engine\Hand\SourceError;
use Nailrod\Core\Engine\Live\LiveStep;
use Nailrod\Core\Engine\Survey\Survey;
use Nailrod\Core\Format\Signs;

/** What the rig can be told to do. */
final class Orders
{
    /**
     * @param array<array-key, mixed> $body
     *
     * @throws SourceError if the order cannot be
     */
    public function carryOut(RigService $rig, array $body): Reply
    {
        $word = fn (string $name): string => is_string($body[$name] ?? null) ? $body[$name] : '';

        return match ($word('order')) {
            'put in play' => $this->done($rig->play($word('set')), 'set', $word('set'), 'the id of a set'),
            'let go' => $this->letGo($rig),
            'phrase' => $this->phrase($rig, $word('said')),
            'shut window' => $this->shutWindow($rig),
            'try macro' => $this->tryMacro($rig, $word('macro')),
            'survey' => $this->done(
                in_array($word('what'), Survey::ORDERS, true) && $this->survey($rig, $word('what'), $word('ref')),
                'ref',
                $word('ref'),
                'an axis, a control or a device of the rig',
            ),
            'look' => $this->look($rig, $word('eye'), $word('device')),
            'record' => $rig->record() ? new Reply(204) : Reply::problem(409, 'The rig is being recorded already.'),
            'keep' => $this->keep($rig, trim($word('name'))),
            'play' => $this->done(
                $rig->playRecording($word('recording')),
                'recording',
                $word('recording'),
                'the id of a recording',
            ),
            'stop' => $this->stop($rig),
            'start again' => $this->startAgain($rig),
            default => throw SourceError::shape(
                'order',
                $body['order'] ?? null,
                'put in play, let go, phrase, shut window, try macro, survey, look, record, keep, play, stop or '
                    .'start again',
            ),
        };
    }

    private function done(bool $isDone, string $place, string $found, string $expected): Reply
    {
        return $isDone ? new Reply(204) : throw SourceError::shape($place, $found, $expected);
    }

    private function letGo(RigService $rig): Reply
    {
        $live = $rig->work()->live;
        $rig->keep(LiveStep::joined([$live->step([], $rig->clock->now()), $live->letGo()]));

        return new Reply(204);
    }

    /** Which port a phrase closes that was typed or spoken; who asks presses it, as the hand that it is. */
    private function phrase(RigService $rig, string $said): Reply
    {
        $port = $rig->work()->set->rig->phrase($said);

        return $port === null ? throw SourceError::noPhrase($said) : new Reply(200, ['port' => $port]);
    }

    private function shutWindow(RigService $rig): Reply
    {
        $live = $rig->work()->live;
        $rig->keep(LiveStep::joined([$live->step([], $rig->clock->now()), $live->shutWindow()]));

        return new Reply(204);
    }

    private function tryMacro(RigService $rig, string $macro): Reply
    {
        $isThere = isset($rig->work()->set->macros[$macro]);
        if ($isThere) {
            $live = $rig->work()->live;
            $rig->keep(LiveStep::joined([$live->step([], $rig->clock->now()), $live->tryMacro($macro)]));
        }

        return $this->done($isThere, 'macro', $macro, 'a macro of the set in play');
    }

    private function survey(RigService $rig, string $what, string $ref): bool
    {
        $state = $rig->work()->live->state;
        $rig->changed();

        return $state->survey->order($what, $ref, $state->hands, $rig->work()->set->rig, $rig->clock->now());
    }

    private function look(RigService $rig, string $id, string $device): Reply
    {
        $eye = $rig->eyes->all[$id] ?? throw SourceError::shape('eye', $id, 'an eye that is open');
        if ($eye->look !== $device) {
            $eye->look = $device;
            $rig->eyes->sheet($eye, $rig->work(), true);
        }

        return new Reply(204);
    }

    private function keep(RigService $rig, string $name): Reply
    {
        $recording = $rig->keepRecording(Signs::asName($name, 60));

        return $recording === null ? Reply::problem(409, 'Nothing was being recorded.') : new Reply(
            200,
            ['id' => $recording->id, 'name' => $recording->name, 'rows' => $recording->rows],
        );
    }

    /** The process ends as it should, and who watches it begins it again, with the code as it is now. */
    private function startAgain(RigService $rig): Reply
    {
        $rig->isToEnd = true;

        return new Reply(204);
    }

    private function stop(RigService $rig): Reply
    {
        $rig->stopPlaying();

        return new Reply(204);
    }
}
