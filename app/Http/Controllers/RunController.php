<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CutRequest;
use App\Http\Requests\RunUploadRequest;
use App\Models\RunRecord;
use App\Runs\RunStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Runs that were kept: out as files, in again, and in pieces to be played. */
final class RunController
{
    public function __construct(private readonly RunStore $runs) {}

    public function download(string $run): BinaryFileResponse
    {
        $record = RunRecord::query()->findOrFail($run);

        return response()->download($this->runs->file($record->id), preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($record->name)).'.csv', ['Content-Type' => 'text/csv']);
    }

    public function piece(Request $request, string $run): JsonResponse
    {
        return new JsonResponse($this->runs->piece(RunRecord::query()->findOrFail($run), max(0, $request->integer('from'))));
    }

    public function cut(CutRequest $request, string $run): RedirectResponse
    {
        $piece = $this->runs->cut(RunRecord::query()->findOrFail($run), ...[...$request->times(), $request->string('name')->trim()->toString()]);

        return back(303)->with('said', sprintf('Kept as "%s": %d rows, %.1f s.', $piece->name, $piece->rows, $piece->length / 1e6));
    }

    public function remove(string $run): RedirectResponse
    {
        return $this->mark($run, true, 'Removed: "%s". The list of runs can bring it back.');
    }

    public function bringBack(string $run): RedirectResponse
    {
        return $this->mark($run, false, '"%s" is back.');
    }

    private function mark(string $run, bool $removed, string $words): RedirectResponse
    {
        $record = RunRecord::query()->findOrFail($run);
        $record->update(['removed' => $removed]);

        return back(303)->with('said', sprintf($words, $record->name));
    }

    public function upload(RunUploadRequest $request): RedirectResponse
    {
        $run = $this->runs->import($request->storedAt(), $request->name(), $request->fileName());

        return back(303)->with('said', sprintf('Kept as "%s": %d rows, %.1f s.', $run->name, $run->rows, $run->length / 1e6));
    }
}
