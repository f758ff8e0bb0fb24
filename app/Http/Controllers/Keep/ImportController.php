<?php

declare(strict_types=1);

namespace App\Http\Controllers\Keep;

use App\Http\Controllers\Plan\ListController;
use App\Http\Requests\Keep\FileRequest;
use App\Models\SetRecord;
use App\Sets\CatalogueStore;
use App\Sets\OwnNames;
use App\Sets\PendingImports;
use App\Sets\SetStore;
use App\View\Keep\ImportView;
use App\View\Make\PanelFileView;
use App\View\Plan\ListView;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Exchange\ImportedFile;
use Nailrod\Core\Exchange\PanelFit;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\BindingSet;

/** A file is brought, looked at, and taken. Lists of actions are taken by ListController. */
final class ImportController
{
    public function __construct(private readonly PendingImports $imports, private readonly SetStore $sets) {}

    public function bring(FileRequest $request): RedirectResponse
    {
        try {
            return redirect()->route(
                'import.show',
                array_filter([
                    'import' => $this->imports->keep(
                        $request->fileName(),
                        $request->content(),
                        $request->string('below')->toString(),
                    ),
                    'for' => $request->string('for')->toString(),
                    'device' => $request->string('device')->toString(),
                ]),
                303,
            );
        } catch (FormatError $error) {
            throw $error->in($request->fileName());
        }
    }

    public function show(Request $request, string $import, CatalogueStore $catalogues): View
    {
        ['name' => $name, 'incoming' => $incoming] = $this->imports->open($import);
        if ($incoming->panel !== null) {
            return view(
                'keep.panel-file',
                [
                    'view' => PanelFileView::of(
                        $this->sets,
                        $import,
                        $incoming->panel,
                        $request->string('for')->toString(),
                        $request->string('device')->toString(),
                        $request->string('panel')->toString(),
                    ),
                ],
            );
        }
        if ($incoming->kind !== ImportedFile::SET) {
            return view(
                'plan.list',
                [
                    'view' => new ListView(
                        $import,
                        $this->imports->list($import, $incoming, $request->string('for')->toString()),
                        $catalogues,
                    ),
                ],
            );
        }

        return view('keep.import', ['view' => new ImportView($import, $name, $incoming, self::match($request))]);
    }

    public function take(Request $request, string $import): RedirectResponse
    {
        if ($request->boolean('show')) {
            return redirect()->route('import.show', ['import' => $import, 'match' => self::match($request)], 303);
        }
        $incoming = $this->imports->open($import)['incoming'];
        if ($incoming->kind !== ImportedFile::SET) {
            throw FormatError::told(
                'file',
                $incoming->panel === null ? 'a list of actions' : 'pages of a panel',
                'a set',
            );
        }
        $set = $this->imports->takeSet(
            $incoming,
            self::nameOf($request),
            self::parentOf($request),
            self::match($request),
        );
        $this->imports->forget($import);

        return redirect()->route('plan', $set->id, 303)->with('said', $set->name.' is here.');
    }

    /** Pages of a panel are taken into a set: one edit of it, which can be undone. */
    public function takePanel(Request $request, string $import): RedirectResponse
    {
        $file = $this->imports->open($import)['incoming']->panel
            ?? throw FormatError::told('file', 'no panel', 'pages of a panel');
        $word = fn (string $field): string => $request->string($field)->toString();
        if ($request->boolean('show')) {
            return redirect()->route(
                'import.show',
                array_filter([
                    'import' => $import,
                    'for' => $word('for'),
                    'device' => $word('device'),
                    'panel' => $word('panel'),
                ]),
                303,
            );
        }
        // What stands in the fields counts, though it was not shown yet: of another set the panel that would be shown.
        $view = PanelFileView::of($this->sets, $import, $file, $word('for'), $word('device'), $word('panel'));
        [$set, $device, $panel] = [$view->for, $view->device, $view->panel];
        if ($device === '') {
            throw FormatError::told('Taken into', 'a set without a touch panel', 'one that has one');
        }
        $record = $this->sets->open($set);
        $revision = $this->sets->edit(
            $set,
            (int) $record->head_id,
            'you',
            fn (BindingSet $base) => (new PanelFit($base, $file, $device))->take($panel),
        );
        $this->imports->forget($import);

        return redirect()->route('panel', ['set' => $set, 'device' => $device], 303)->with('said', $revision->sentence);
    }

    /** @throws FormatError if none is said */
    public static function nameOf(Request $request): string
    {
        $name = mb_substr($request->string('name')->trim()->toString(), 0, 60);

        return $name !== '' ? OwnNames::set($name) : throw FormatError::told('name', 'nothing', 'a name for it');
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
