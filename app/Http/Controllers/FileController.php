<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\UploadRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\SetDocument;

/** A set as a file: out, and in again as a new revision. */
final class FileController
{
    use EditsSets;

    public function download(string $set): Response
    {
        $record = $this->sets->open($set);

        return new Response($record->head->set()->toJson(), 200, [
            'Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="'.$record->id.'.set.json"',
        ]);
    }

    public function upload(UploadRequest $request, string $set): RedirectResponse
    {
        $name = $request->fileName();
        try {
            $document = SetDocument::fromJson($request->content());
            if ($document->id !== $set) {
                throw FormatError::at('id', $document->id, 'the set "'.$set.'", since this file is to take its place');
            }

            return $this->edit($request, $set, fn (Edits $edits, BindingSet $base) => $document);
        } catch (FormatError $error) {
            throw $error->in($name);
        }
    }
}
