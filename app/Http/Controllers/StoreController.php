<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Memory\FilePort;
use App\Sets\SetStore;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Memory\BankMemory;
use Nailrod\Core\Memory\CableCut;
use Nailrod\Core\Memory\DeviceMapping;
use Nailrod\Core\Memory\MemoryError;

final class StoreController
{
    public function __construct(private readonly SetStore $sets) {}

    public function write(Request $request, string $set, string $device): RedirectResponse
    {
        $current = $this->sets->current($this->sets->open($set));
        $target = $current->rig->devices[$device] ?? null;
        if ($target === null || $target->memory === null) {
            abort(404);
        }
        $content = DeviceMapping::of($current, $target)->encode();
        $cut = $request->filled('cut') ? intdiv(BankMemory::cost($content) * min(9, max(1, $request->integer('cut'))), 10) : null;
        try {
            $bank = (new BankMemory(FilePort::of($target, $cut)))->write($content);
        } catch (MemoryError|CableCut $error) {
            return back(303)->with('problem', $error->getMessage());
        }

        return back(303)->with('said', sprintf(
            'Written to bank %d of %s and read back: %d bytes, checksum %s, the same as in the set. Verified.',
            $bank->number + 1,
            $target->name,
            strlen($content),
            $bank->checksum(),
        ));
    }
}
