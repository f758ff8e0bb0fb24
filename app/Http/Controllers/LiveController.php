<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PadsRequest;
use App\Http\Requests\SurveyRequest;
use App\Live\Batch;
use App\Live\LiveSessions;
use App\Live\OutOfOrder;
use App\Live\Surveys;
use App\Sets\Pads;
use App\Sets\SetStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class LiveController
{
    public function __construct(private readonly LiveSessions $sessions, private readonly SetStore $sets) {}

    public function open(Request $request): JsonResponse
    {
        return new JsonResponse($this->sessions->open($this->sets->record($request->string('set')->toString())));
    }

    public function resume(Request $request, string $session): JsonResponse
    {
        return $this->answer($this->sessions->resume($session, $this->sets->record($request->string('set')->toString())));
    }

    public function step(Request $request, string $session): JsonResponse
    {
        $batch = Batch::of($request);
        $record = $this->sets->record($batch->set);
        try {
            return $this->answer($this->sessions->step($session, $record, $batch));
        } catch (OutOfOrder $error) {
            // As after an edit in this page or another: how it stands is told at once, and the page goes on from there.
            $stands = $this->sessions->resume($session, $record);

            return $this->answer($stands === null ? null : ['untaken' => $error->getMessage()] + $stands);
        }
    }

    public function record(string $session): Response
    {
        return new Response('', $this->sessions->record($session) ? 204 : 409);
    }

    public function keep(Request $request, string $session): JsonResponse
    {
        $recording = $this->sessions->keep($session, mb_strimwidth(trim($request->string('name')->toString()), 0, 60));

        return new JsonResponse($recording === null ? ['problem' => 'Nothing was being recorded.'] : ['id' => $recording->id, 'name' => $recording->name, 'rows' => $recording->rows], $recording === null ? 409 : 200);
    }

    /** Begins, carries on or ends a part of the survey of the rig. */
    public function survey(SurveyRequest $request, Surveys $surveys, string $session): JsonResponse
    {
        return $this->answer($surveys->order(
            $session,
            $this->sets->record($request->string('set')->toString()),
            $request->string('what')->toString(),
            $request->string('ref')->toString(),
            $request->integer('to'),
            $request->string('look')->toString(),
        ));
    }

    /** Which devices the controllers are that the browser sees. */
    public function pads(PadsRequest $request, Pads $pads): JsonResponse
    {
        return new JsonResponse($pads->seen($this->sets->record($request->string('set')->toString()), $request->pads(), $request->gone()));
    }

    public function leave(string $session): Response
    {
        $this->sessions->leave($session);

        return new Response('', 204);
    }

    public function tryMacro(Request $request, string $session): JsonResponse
    {
        $request->validate(['set' => ['required', 'string'], 'macro' => ['required', 'string'], 'to' => ['required', 'integer', 'min:0']]);

        return $this->answer($this->sessions->tryMacro($session, $this->sets->record($request->string('set')->toString()), $request->string('macro')->toString(), $request->integer('to')));
    }

    public function close(string $session): Response
    {
        $this->sessions->close($session);

        return new Response('', 204);
    }

    /** @param ?array<string, mixed> $answer */
    private function answer(?array $answer): JsonResponse
    {
        return $answer === null ? new JsonResponse(['problem' => 'This live session has ended; a new one is to be opened.'], 410) : new JsonResponse($answer);
    }
}
