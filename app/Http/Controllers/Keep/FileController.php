<?php

declare(strict_types=1);

namespace App\Http\Controllers\Keep;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\UploadRequest;
use App\Sets\Exports;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\SetDocument;

/** A set as files: out in several forms, and in again as a new revision. */
final class FileController
{
    use EditsSets;

    public function download(string $set): Response
    {
        $record = $this->sets->open($set);

        return $this->file($record->head->set()->toJson(), 'application/json', $record->id.'.set.json');
    }

    public function bundle(Exports $exports, string $set): Response
    {
        return $this->file($exports->bundle($set), 'application/json', $set.'.with-parents.set.json');
    }

    public function bindings(Exports $exports, string $set): Response
    {
        return $this->file($exports->bindings($set), 'application/json', $set.'.bindings.json');
    }

    public function keys(Exports $exports, string $set): Response
    {
        return $this->file($exports->keys($set), 'text/csv; charset=UTF-8', $set.'.keys.csv');
    }

    public function summary(Exports $exports, string $set): Response
    {
        return $this->file($exports->summary($set), 'text/plain; charset=UTF-8', $set.'.txt');
    }

    public function upload(UploadRequest $request, string $set): RedirectResponse
    {
        return $this->taken($request, $set, function () use ($request, $set): SetDocument {
            $document = SetDocument::read(Node::of(Json::decodeStrictly($request->content())));

            return $document->id === $set ? $document : throw FormatError::at(
                'id',
                $document->id,
                'the set "'.$set.'", since this file is to take its place',
            );
        });
    }

    /** A binding list of the game, or a list of keys, is taken into the set. */
    public function takeBindings(UploadRequest $request, string $set): RedirectResponse
    {
        return $this->taken($request, $set, fn (BindingSet $base) => Exports::withWays($base, $request->content()));
    }

    /** @param callable(BindingSet): SetDocument $take */
    private function taken(UploadRequest $request, string $set, callable $take): RedirectResponse
    {
        try {
            return $this->edit($request, $set, fn (Edits $edits, BindingSet $base) => $take($base));
        } catch (FormatError $error) {
            throw $error->in($request->fileName());
        }
    }

    private function file(string $content, string $type, string $name): Response
    {
        return new Response(
            $content,
            200,
            ['Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.$name.'"'],
        );
    }
}
