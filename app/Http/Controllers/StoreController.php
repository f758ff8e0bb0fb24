<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditRequest;
use App\Http\Requests\FileRequest;
use App\Memory\Memories;
use App\Models\MemoryCopyRecord;
use App\Rig\PageLine;
use App\Sets\Imports;
use App\Sets\SetStore;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Memory\Bank;
use Nailrod\Core\Memory\BankMemory;
use Nailrod\Core\Memory\DeviceMapping;
use Nailrod\Core\Memory\MemoryCopy;
use Nailrod\Core\Memory\ReadBack;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;

/** What is written to the memories of devices, and read from them. */
final class StoreController
{
    use EditsSets;

    public function __construct(private readonly SetStore $sets, private readonly PageLine $line) {}

    public function write(Request $request, string $set, string $device): RedirectResponse
    {
        $current = $this->current($set);
        $target = self::device($current, $device);
        $content = DeviceMapping::of($current, $target)->encode();
        $cut = $request->filled('cut') ? intdiv(BankMemory::cost($content) * min(9, max(1, $request->integer('cut'))), 10) : null;

        return $this->written($target, fn (): Bank => Memories::write($current, $target, $cut), 'the same as in the set');
    }

    /** All that is not written, or empty; what Nailrod did not write there is asked for by itself. */
    public function writeAll(string $set): RedirectResponse
    {
        $current = $this->current($set);
        $said = $failed = [];
        foreach (array_filter($current->rig->devices, fn (Device $device) => $device->memory !== null && Memories::standing($current, $device)[0]->isToBeWritten()) as $device) {
            try {
                $this->mustBePlugged($device);
                Memories::write($current, $device);
                $said[] = $device->name;
            } catch (Refusal $error) {
                $failed[] = $device->name.': '.$error->getMessage();
            }
        }
        $words = $said === [] ? 'Nothing was written' : 'Written and verified: '.implode(', ', $said);

        return back(303)->with($failed === [] ? 'said' : 'problem', $words.'.'.($failed === [] ? '' : ' '.implode(' ', $failed)));
    }

    /** What is in the memory becomes one edit of this set. */
    public function read(EditRequest $request, string $set, string $device): RedirectResponse
    {
        return $this->edit($request, $set, function (Edits $edits, BindingSet $base) use ($device) {
            $target = self::device($base, $device);
            $this->mustBePlugged($target);

            return (new ReadBack($base, $target))->into(Memories::mapping($target));
        });
    }

    /** What is in the memory of a device on the desk becomes a set of its own: it is looked at first, like a file. */
    public function fresh(Imports $imports, string $device): RedirectResponse
    {
        $target = Memories::find($device) ?? abort(404);

        return redirect()->route('import.show', $imports->keep('What is in '.$target->name, Memories::bundle($target)), 303);
    }

    public function copy(string $set, string $device): Response
    {
        $target = self::device($this->current($set), $device);

        return response(Memories::file($target), 200, ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="'.$target->id.'.copy.json"']);
    }

    /** A copy that was kept goes back into the device. */
    public function back(Request $request, string $set, string $device): RedirectResponse
    {
        $target = self::device($this->current($set), $device);
        $copy = MemoryCopyRecord::query()->where('device_id', $device)->find($request->integer('copy')) ?? throw FormatError::told('copy', 'none of that number', 'one of the list');

        return $this->written($target, fn (): Bank => Memories::put($target, $copy->content, 'Put back from a copy: '.$copy->sentence), 'the same as in the copy');
    }

    /** A copy that was saved as a file goes back into the device. */
    public function bring(FileRequest $request, string $set, string $device): RedirectResponse
    {
        $target = self::device($this->current($set), $device);
        try {
            $copy = MemoryCopy::read($request->content());
        } catch (FormatError $error) {
            throw $error->in($request->fileName());
        }

        return $this->written($target, fn (): Bank => Memories::putCopy($target, $copy, $request->fileName()), 'the same as in the copy');
    }

    /** @param callable(): Bank $write */
    private function written(Device $device, callable $write, string $same): RedirectResponse
    {
        try {
            $this->mustBePlugged($device);
            $bank = $write();
        } catch (Refusal $error) {
            return back(303)->with('problem', $error->getMessage());
        }

        return back(303)->with('said', Memories::said($device, $bank, $same));
    }

    /** @throws FormatError */
    private function mustBePlugged(Device $device): void
    {
        if (isset($this->line->survey()?->unplugged[$device->id])) {
            throw FormatError::told($device->name, 'that it is unplugged', 'that it is plugged in; plug it in and try again');
        }
    }

    private function current(string $set): BindingSet
    {
        return $this->sets->current($this->sets->open($set));
    }

    private static function device(BindingSet $set, string $device): Device
    {
        $target = $set->rig->devices[$device] ?? null;

        return $target?->memory === null ? abort(404) : $target;
    }
}
