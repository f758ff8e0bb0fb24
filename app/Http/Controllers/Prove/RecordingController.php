<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prove;

use App\Http\Requests\Prove\CutRequest;
use App\Http\Requests\Prove\RecordingUploadRequest;
use App\Models\RecordingRecord;
use App\Recordings\Recordings;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Recordings that were kept: out as files, in again, cut. */
final class RecordingController
{
    public function __construct(private readonly Recordings $recordings) {}

    public function download(string $recording): BinaryFileResponse
    {
        $record = RecordingRecord::query()->findOrFail($recording);

        return response()->download(
            $this->recordings->written($record),
            self::fileName($record->name),
            ['Content-Type' => 'text/csv'],
        );
    }

    /** A name that every system takes: letters and digits, whatever the recording is called. */
    private static function fileName(string $name): string
    {
        $plain = trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower(Str::ascii($name))), '-');

        return ($plain === '' ? 'recording' : $plain).'.csv';
    }

    public function cut(CutRequest $request, string $recording): RedirectResponse
    {
        $piece = $this->recordings->cut(
            RecordingRecord::query()->findOrFail($recording),
            ...[...$request->times(), $request->string('name')->trim()->toString()],
        );

        return $this->kept($piece);
    }

    public function remove(string $recording): RedirectResponse
    {
        return $this->mark($recording, true, 'Removed: "%s". The list of recordings can bring it back.');
    }

    public function bringBack(string $recording): RedirectResponse
    {
        return $this->mark($recording, false, '"%s" is back.');
    }

    private function mark(string $recording, bool $removed, string $words): RedirectResponse
    {
        $record = RecordingRecord::query()->findOrFail($recording);
        $record->update(['removed' => $removed]);

        return back(303)->with('said', sprintf($words, $record->name));
    }

    public function upload(RecordingUploadRequest $request): RedirectResponse
    {
        $recording = $this->recordings->import($request->storedAt(), $request->name(), $request->fileName());

        return $this->kept($recording);
    }

    private function kept(RecordingRecord $recording): RedirectResponse
    {
        return back(303)->with(
            'said',
            sprintf('Kept as "%s": %d rows, %.1f s.', $recording->name, $recording->rows, $recording->length / 1e6),
        );
    }
}
