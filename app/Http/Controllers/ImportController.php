<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FileRequest;
use App\Models\SetRecord;
use App\Sets\CatalogueStore;
use App\Sets\Imports;
use App\View\ImportView;
use App\View\ListView;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Exchange\Incoming;
use Nailrod\Core\Format\FormatError;

/** A file is brought, looked at, and taken. Lists of actions are taken by ListController. */
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

    public function show(Request $request, string $import, CatalogueStore $catalogues): View
    {
        ['name' => $name, 'incoming' => $incoming] = $this->imports->open($import);
        if ($incoming->kind !== Incoming::SET) {
            return view('places.list', ['view' => new ListView($import, $this->imports->list($import, $incoming, $request->string('for')->toString()), $catalogues)]);
        }

        return view('places.import', ['view' => new ImportView($import, $name, $incoming, self::match($request))]);
    }

    public function take(Request $request, string $import): RedirectResponse
    {
        $incoming = $this->imports->open($import)['incoming'];
        if ($incoming->kind !== Incoming::SET) {
            throw FormatError::told('file', 'a list of actions', 'a set');
        }
        $set = $this->imports->takeSet($incoming, self::nameOf($request), self::parentOf($request), self::match($request));
        $this->imports->forget($import);

        return redirect()->route('plan', $set->id, 303)->with('said', $set->name.' is here.');
    }

    /** @throws FormatError if none is said */
    public static function nameOf(Request $request): string
    {
        $name = mb_substr($request->string('name')->trim()->toString(), 0, 60);

        return $name !== '' ? $name : throw FormatError::told('name', 'nothing', 'a name for it');
    }

    public static function parentOf(Request $request): ?string
    {
        $parent = $request->string('parent')->toString();

        return SetRecord::query()->find($parent) === null ? null : $parent;
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
