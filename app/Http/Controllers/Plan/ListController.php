<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Http\Controllers\Keep\ImportController;
use App\Http\Requests\Plan\ListRequest;
use App\Models\SetRecord;
use App\Sets\CatalogueStore;
use App\Sets\ListImport;
use App\Sets\PendingImports;
use App\Sets\SetStore;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Refusal;

/** Lists of actions: taken up to be changed, changed, looked at, taken; undone and done again. */
final class ListController
{
    public function __construct(
        private readonly PendingImports $imports,
        private readonly CatalogueStore $catalogues,
    ) {}

    /** The list of the simulator of a set is taken up to be changed. */
    public function begin(SetStore $sets, string $set): RedirectResponse
    {
        $catalogue = $sets->current($sets->open($set))->catalogue ?? throw FormatError::told(
            'simulator',
            'none in this set',
            'a set for a simulator, since this is about the list of its actions',
        );

        return redirect()->route('import.show', $this->imports->keepList($catalogue, $set), 303);
    }

    /** What was changed is kept, so that what it does can be seen; nothing is taken. */
    public function say(ListRequest $request, string $import): RedirectResponse
    {
        return $this->orAsTyped($request, $import, function (ListImport $list) use ($import): RedirectResponse {
            $this->imports->say($import, $list);

            return redirect()->route(
                'import.show',
                ['import' => $import, 'for' => $list->for],
                303,
            )->withFragment('does');
        });
    }

    /** Taken; but if something would go from the sets that was not on the page yet, it is shown first. */
    public function take(ListRequest $request, string $import): RedirectResponse
    {
        return $this->orAsTyped(
            $request,
            $import,
            function (ListImport $list) use ($request, $import): RedirectResponse {
                if ($list->isForKeys()) {
                    return $this->here(
                        $import,
                        $this->imports->takeKeys(
                            $list->incoming->text,
                            $list->keysOf(),
                            ImportController::nameOf($request),
                            ImportController::parentOf($request),
                        ),
                    );
                }
                if ($list->of === null) {
                    return $this->here(
                        $import,
                        $this->imports->takeList(
                            $list->catalogue,
                            ImportController::nameOf($request),
                            ImportController::parentOf($request),
                        ),
                    );
                }
                if ($list->change()?->isNothing() === true) {
                    return redirect()->route(
                        'import.show',
                        ['import' => $import, 'for' => $list->for],
                        303,
                    )->with('said', 'Nothing to change: it is so already.');
                }
                $following = $list->following($this->catalogues);
                if (ListImport::seen($following) !== $request->string('seen')->toString()) {
                    $this->imports->say($import, $list);

                    return redirect()->route(
                        'import.show',
                        ['import' => $import, 'for' => $list->for],
                        303,
                    )->withFragment('does')->with(
                        'said',
                        'Nothing is taken yet: look at what this takes from your sets, then take it.',
                    );
                }
                $revision = $this->catalogues->change($list->of->id, $request->integer('head'), $list->catalogue);
                $this->imports->forget($import);
                $set = $list->from ?? SetRecord::shown()->whereIn('id', $following->of ?? [])->value('id');

                return redirect()->route(
                    $set === null ? 'home' : 'actions',
                    $set === null ? [] : $set,
                    303,
                )->with('said', $revision->sentence);
            },
        );
    }

    public function undo(Request $request, string $set): RedirectResponse
    {
        $record = $this->catalogues->open($request->string('list')->toString());
        $undone = $this->catalogues->undo($record->id, $request->integer('seen'));

        return back(303)->with(
            'said',
            $undone === null ? 'There is nothing to undo in the list of '
                .$record->catalogue()->name
                .'.'
                : self::inWords(
                    'Undone',
                    $record->catalogue()->name,
                    $undone->sentence,
                ),
        );
    }

    public function redo(Request $request, string $set): RedirectResponse
    {
        $record = $this->catalogues->open($request->string('list')->toString());
        $revision = $this->catalogues->redo($record->id, $request->integer('seen'));

        return back(303)->with(
            'said',
            $revision === null ? 'There is nothing to do again in the list of '
                .$record->catalogue()->name
                .'.'
                : self::inWords(
                    'Done again',
                    $record->catalogue()->name,
                    $revision->sentence,
                ),
        );
    }

    public static function inWords(string $what, string $name, string $sentence): string
    {
        return $what.' in the list of '.$name.': '.$sentence;
    }

    /**
     * What is done with a list as it stands on its page; where that cannot be read, the page comes back as it was
     * typed.
     *
     * @param callable(ListImport): RedirectResponse $do
     */
    private function orAsTyped(ListRequest $request, string $import, callable $do): RedirectResponse
    {
        $list = $this->imports->list(
            $import,
            $this->imports->open($import)['incoming'],
            $request->string('for')->toString(),
        );
        try {
            return $do($list->edited($request->applied($list)));
        } catch (Refusal $error) {
            return redirect()->route(
                'import.show',
                ['import' => $import, 'for' => $list->for],
                303,
            )->withInput($request->except('_token'))->with('problem', $error->getMessage());
        }
    }

    private function here(string $import, SetRecord $set): RedirectResponse
    {
        $this->imports->forget($import);

        return redirect()->route('plan', $set->id, 303)->with('said', $set->name.' is here.');
    }
}
