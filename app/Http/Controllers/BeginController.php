<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Memory\Memories;
use App\Models\SetRecord;
use App\Pairing\RemotePeer;
use App\Sets\Demo;
use App\Sets\OwnNames;
use App\Sets\PendingImports;
use App\View\Steps;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Nailrod\Core\Format\FormatError;

/** The first page; a rig of one's own is begun; the demo is put away and brought back; the first steps. */
final class BeginController
{
    /** A browser that has been here keeps this for so long. */
    private const COOKIE = 'been';
    private const MINUTES = 525_600;

    /** Where one was; the first page for who has not been here. */
    public function home(Request $request): RedirectResponse|View
    {
        $last = preg_match(
            '#/sets/([^/?]+)/#',
            (string) $request->session()->previousUrl(),
            $match,
        ) === 1 ? SetRecord::shown()->find($match[1]) : null;
        $set = $last ?? SetRecord::shown()->orderByDesc('position')->first();

        // A tablet that was given the rig to look at has nothing to begin.
        $isNew = RemotePeer::isHere($request) && $request->cookie(self::COOKIE) === null && Demo::isUntouched();

        return $set === null || $isNew ? $this->first() : redirect()->route('rig', $set->id);
    }

    public function first(): View
    {
        return view(
            'places.first',
            [
                'opens' => Demo::opens(),
                'isLoaded' => Demo::isLoaded(),
                'isAway' => Demo::isAway(),
                'own' => SetRecord::shown()->whereNotNull('steps')->orderBy('position')->get(),
                'found' => Memories::onDesk(),
            ],
        );
    }

    public function look(): RedirectResponse
    {
        $opens = Demo::opens() ?? throw FormatError::told('demo', 'none that is here', 'that it is brought back first');
        Cookie::queue(self::COOKIE, '1', self::MINUTES);

        return redirect()->route('rig', $opens, 303);
    }

    /** An empty house set, with the list of first steps. */
    public function begin(Request $request, PendingImports $imports): RedirectResponse
    {
        $name = mb_substr($request->string('name')->trim()->toString(), 0, 60);
        $name = $name === '' ? OwnNames::ofSet('My rig') : OwnNames::set($name);
        $record = $imports->begin(PendingImports::freeId($name), $name, null, null, 'Begun.');
        // What is opened first is the one that comes last.
        $record->update(['steps' => [], 'position' => 1 + (int) SetRecord::query()->max('position')]);
        Cookie::queue(self::COOKIE, '1', self::MINUTES);

        return redirect()->route('rig', $record->id, 303)->with(
            'said',
            $name.' is begun. The first steps stand below the places.',
        );
    }

    public function putAway(): RedirectResponse
    {
        Demo::putAway();
        Cookie::queue(self::COOKIE, '1', self::MINUTES);
        $set = SetRecord::shown()->orderByDesc('position')->first();

        return (
            $set === null ? redirect()->route('first', [], 303) : redirect()->route('sets', $set->id, 303)
        )->with('said', 'The demo is put away, and nothing of it is lost.');
    }

    public function bringBack(): RedirectResponse
    {
        Demo::bringBack();

        return back(303)->with('said', 'The demo is back as it was.');
    }

    /** A step is skipped, or the list is put away or taken out again. */
    public function step(Request $request, string $set): RedirectResponse
    {
        $record = SetRecord::query()->findOrFail($set);
        $skip = $request->string('skip')->toString();
        $record->update(['steps' => match (true) {
            $request->boolean('away') => null,
            $request->boolean('again') => [],
            isset(Steps::ALL[$skip]) => [$skip => Steps::SKIPPED] + ($record->steps ?? []),
            default => $record->steps ?? [],
        }]);

        return back(303)->with('said', match (true) {
            $request->boolean('away') => 'The list of first steps is put away. It can be taken out again on Sets.',
            isset(Steps::ALL[$skip]) => Steps::ALL[$skip][0].' is skipped. It can be done at any time.',
            default => 'The first steps stand below the places.',
        });
    }

    /** An empty list of actions, to be written on the page of lists; a set for it comes when it is taken. */
    public function list(Request $request, PendingImports $imports): RedirectResponse
    {
        $name = mb_substr($request->string('name')->trim()->toString(), 0, 60);
        if ($name === '') {
            throw FormatError::told('Name of the game', 'nothing', 'what the game is called');
        }
        $import = $imports->keepEmptyList($name, $request->string('below')->toString());

        return redirect()->route('import.show', ['import' => $import], 303);
    }
}
