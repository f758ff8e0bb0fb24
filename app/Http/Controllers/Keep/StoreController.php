<?php

declare(strict_types=1);

namespace App\Http\Controllers\Keep;

use App\Http\AsksTheRig;
use App\Http\Controllers\EditsSets;
use App\Http\Requests\EditRequest;
use App\Http\Requests\Keep\FileRequest;
use App\Memory\FirmwareBrought;
use App\Memory\Memories;
use App\Memory\Unit;
use App\Models\DeviceRecord;
use App\Models\MemoryCopyRecord;
use App\Rig\PageLine;
use App\Sets\PendingImports;
use App\Sets\SetStore;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Nailrod\Core\Exchange\Memory\Bank;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Exchange\Memory\Fault\Faults;
use Nailrod\Core\Exchange\Memory\FirmwareFile;
use Nailrod\Core\Exchange\Memory\MemoryCopy;
use Nailrod\Core\Exchange\Memory\MemoryError;
use Nailrod\Core\Exchange\Memory\ReadBack;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;

/** What is written to the memories of devices, and read from them. */
final class StoreController
{
    use EditsSets;

    public function __construct(private readonly SetStore $sets, private readonly PageLine $line) {}

    #[AsksTheRig]
    public function write(Request $request, string $set, string $device): RedirectResponse
    {
        $current = $this->current($set);
        $unit = self::unit($request, $current, $device);

        return $this->written(
            $unit,
            strlen(DeviceMapping::of($current, $unit->device)->encode()),
            fn (): Bank => Memories::write($current, $unit),
            'the same as in the set',
        );
    }

    /**
     * All that is not written, or empty; what Nailrod did not write there is asked for by itself, and so is every unit
     * that is not in use.
     */
    #[AsksTheRig]
    public function writeAll(string $set): RedirectResponse
    {
        $current = $this->current($set);
        $away = $this->line->away();
        $said = $failed = [];
        foreach (array_filter($current->rig->devices, fn (Device $device) => $device->keeps() !== null) as $device) {
            $unit = Memories::unit($device);
            [$standing, $parts] = Memories::standing($current, $unit);
            if (! $standing->isToBeWritten($parts)) {
                continue;
            }
            try {
                self::mustBeReady(
                    $unit,
                    $away === null ? null : ! in_array($device->id, $away, true),
                    strlen(DeviceMapping::of($current, $unit->device)->encode()),
                );
                Memories::write($current, $unit);
                $said[] = $unit->title();
            } catch (Refusal $error) {
                $failed[] = $unit->title().': '.$error->getMessage();
            }
        }
        $words = $said === [] ? 'Nothing was written' : 'Written and verified: '.implode(', ', $said);

        return back(303)->with(
            $failed === [] ? 'said' : 'problem',
            $words.'.'.($failed === [] ? '' : ' '.implode(' ', $failed)),
        );
    }

    /** What is in the memory becomes one edit of this set. */
    #[AsksTheRig]
    public function read(EditRequest $request, string $set, string $device): RedirectResponse
    {
        return $this->edit($request, $set, function (Edits $edits, BindingSet $base) use ($request, $device) {
            $unit = self::unit($request, $base, $device);
            if ($this->line->isPlugged($device) !== true) {
                throw $this->line->isPlugged($device) === null
                    ? MemoryError::unknown($unit->title())
                    : FormatError::told(
                        $unit->title(),
                        'that it is unplugged',
                        'that it is plugged in; plug it in and try again',
                    );
            }

            return (new ReadBack($base, $unit->device))->into(Memories::mapping($unit));
        });
    }

    /** What is in the memory of a device on the desk becomes a set of its own: it is looked at first, like a file. */
    public function fresh(Request $request, PendingImports $imports, string $device): RedirectResponse
    {
        $unit = Memories::asked(Memories::find($device) ?? abort(404), $request->string('unit')->toString());

        return redirect()->route(
            'import.show',
            $imports->keep('What is in '.$unit->title(), Memories::bundle($unit)),
            303,
        );
    }

    public function copy(Request $request, string $set, string $device): Response
    {
        $unit = self::unit($request, $this->current($set), $device);

        return response(
            Memories::file($unit),
            200,
            [
                'Content-Type' => 'application/json',
                'Content-Disposition' => 'attachment; filename="'.$unit->device->id.'.copy.json"',
            ],
        );
    }

    /** A copy that was kept goes back into the unit. */
    #[AsksTheRig]
    public function back(Request $request, string $set, string $device): RedirectResponse
    {
        $unit = self::unit($request, $this->current($set), $device);
        $copy = MemoryCopyRecord::query()
            ->where('device_id', $device)
            ->find($request->integer('copy')) ?? throw FormatError::told(
                'copy',
                'none of that number',
                'one of the list',
            );

        return $this->written(
            $unit,
            strlen($copy->content),
            fn (): Bank => Memories::put($unit, $copy->content, 'Put back from a copy: '.$copy->sentence),
            'the same as in the copy',
        );
    }

    /** A copy that was saved as a file goes back into the unit. */
    #[AsksTheRig]
    public function bring(FileRequest $request, string $set, string $device): RedirectResponse
    {
        $unit = self::unit($request, $this->current($set), $device);
        try {
            $copy = MemoryCopy::read($request->content());
        } catch (FormatError $error) {
            throw $error->in($request->fileName());
        }

        $content = Memories::contentOf($copy, $unit, $request->fileName());

        return $this->written(
            $unit,
            strlen($content),
            fn (): Bank => Memories::put($unit, $content, 'Put back from the file '.$request->fileName().'.'),
            'the same as in the copy',
        );
    }

    /** Something is wrong with a stand-in from now on, or nothing any more: to try out what happens then. */
    public function fault(Request $request, string $set, string $device): RedirectResponse
    {
        $unit = self::unit($request, $this->current($set), $device);
        $kind = $request->string('fault')->toString();
        $unit->put($kind, $request->integer('after'));

        return back(303)->with(
            'said',
            $kind === '' ? $unit->title()
                .' works as it should again.'
                : $unit->title()
                .': '
                .Faults::all()[$kind]::title()
                .', from now on, until you mend it.',
        );
    }

    /** A firmware is brought: what it is and what changes with it is shown before the first byte is sent. */
    public function lookAt(FileRequest $request, string $set, string $device): RedirectResponse
    {
        $unit = self::unit($request, $this->current($set), $device);
        try {
            $why = FirmwareFile::read($request->content())->whyNot($unit->tells());
        } catch (FormatError $error) {
            throw $error->in($request->fileName());
        }
        if ($why !== null) {
            return back(303)->with('problem', $request->fileName().': '.$why);
        }

        return redirect()->route(
            'store',
            [
                'set' => $set,
                'device' => $device,
                'firmware' => FirmwareBrought::keep($request->content()),
            ] + ($unit->key === '' ? [] : ['unit' => $unit->key]),
            303,
        );
    }

    /** The firmware that was looked at goes into the unit. */
    #[AsksTheRig]
    public function firmware(Request $request, string $set, string $device): RedirectResponse
    {
        $unit = self::unit($request, $this->current($set), $device);
        $firmware = FirmwareBrought::find($request->string('firmware')->toString()) ?? throw FormatError::told(
            'Firmware',
            'none that was looked at lately',
            'one; choose its file again',
        );
        try {
            self::mustBeReady($unit, $this->line->isPlugged($device), null);
            Memories::update($unit, $firmware);
        } catch (Refusal $error) {
            return back(303)->with('problem', $error->getMessage());
        }

        return redirect()->route(
            'store',
            ['set' => $set, 'device' => $device] + ($unit->key === '' ? [] : ['unit' => $unit->key]),
            303,
        )->with('said', $unit->title().' has firmware '.$firmware->version.' now.');
    }

    /** After each edit, or when asked. */
    public function itself(Request $request, string $set, string $device): RedirectResponse
    {
        $unit = self::unit($request, $this->current($set), $device);
        $does = $request->boolean('itself');
        DeviceRecord::query()->where('id', $device)->update(['writes_itself' => $does]);

        return back(303)->with(
            'said',
            $does ? $unit->device->name
                .' is written after each edit: 2 s after the last one, 10 s after the first at most.'
                : $unit->device->name
                .' is written when you say so.',
        );
    }

    /** @param callable(): Bank $write */
    private function written(Unit $unit, int $bytes, callable $write, string $same): RedirectResponse
    {
        try {
            self::mustBeReady($unit, $this->line->isPlugged($unit->device->id), $bytes);
            $bank = $write();
        } catch (Refusal $error) {
            return back(303)->with('problem', $error->getMessage());
        }

        return back(303)->with('said', Memories::said($unit, $bank, $same));
    }

    /**
     * @param ?bool $isPlugged null if nobody knows
     * @param ?int  $bytes     that are to be written to its memory; null for a firmware
     *
     * @throws MemoryError if the unit cannot be written now
     */
    private static function mustBeReady(Unit $unit, ?bool $isPlugged, ?int $bytes): void
    {
        $why = Memories::readiness($unit, $isPlugged, $bytes)->why();
        if ($why !== null) {
            throw MemoryError::notReady($unit->title(), $why);
        }
    }

    private function current(string $set): BindingSet
    {
        return $this->sets->current($this->sets->open($set));
    }

    private static function unit(Request $request, BindingSet $set, string $device): Unit
    {
        $target = $set->rig->devices[$device] ?? null;

        return $target?->keeps() === null ? abort(404) : Memories::asked($target, $request->string('unit')->toString());
    }
}
