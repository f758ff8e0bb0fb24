<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FileRequest;
use App\Models\SetRecord;
use App\Sets\Imports;
use App\View\ImportView;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Exchange\Incoming;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;

/** A file is brought, looked at, and taken: a set, a catalogue, or a table of actions. */
final class ImportController
{
    public function __construct(private readonly Imports $imports) {}

    public function bring(FileRequest $request): RedirectResponse
    {
        try {
            return redirect()->route('import.show', $this->imports->keep($request->fileName(), $request->content()), 303);
        } catch (FormatError $error) {
            throw $error->in($request->fileName());
        }
    }

    public function show(Request $request, string $import): View
    {
        $kept = $this->imports->open($import);

        return view('places.import', ['view' => new ImportView($import, $kept['name'], $kept['incoming'], self::match($request))]);
    }

    public function take(Request $request, string $import): RedirectResponse
    {
        $incoming = $this->imports->open($import)['incoming'];
        $name = mb_substr($request->string('name')->trim()->toString(), 0, 60);
        $parent = $request->string('parent')->toString();
        $parent = SetRecord::query()->find($parent) === null ? null : $parent;
        if ($name === '') {
            throw FormatError::told('name', 'nothing', 'a name for it');
        }
        $set = match ($incoming->kind) {
            Incoming::SET => $this->imports->takeSet($incoming, $name, $parent, self::match($request)),
            Incoming::CATALOGUE => $this->forCatalogue($incoming, $name, $parent),
            default => $request->string('game')->toString() === ''
                ? $this->imports->takeTable($incoming->text, $name, max(0, min(128, $request->integer('buttons', 128))), max(0, min(8, $request->integer('axes', 8))), $parent)
                : $this->imports->takeKeys($incoming->text, $request->string('game')->toString(), $name, $parent),
        };
        $this->imports->forget($import);

        return redirect()->route('plan', $set->id, 303)->with('said', $set->name.' is here.');
    }

    private function forCatalogue(Incoming $incoming, string $name, ?string $parent): SetRecord
    {
        $catalogue = $this->imports->takeCatalogue(Json::compact($incoming->document));

        return $this->imports->begin(Imports::freeId($name), $name, $parent, $catalogue->id, 'Begun for a catalogue that was brought.');
    }

    /** @return array<string, string> */
    private static function match(Request $request): array
    {
        $match = [];
        foreach ($request->array('match') as $old => $new) {
            if (is_string($new) && preg_match('/^[a-z0-9_-]*$/D', (string) $old.$new) === 1) {
                $match[(string) $old] = $new;
            }
        }

        return $match;
    }
}
