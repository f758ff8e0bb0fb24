<?php

declare(strict_types=1);

namespace App\Console;

use App\Memory\Memories;
use App\Memory\Unit;
use App\Models\SetRecord;
use App\Sets\SetStore;
use Illuminate\Console\Command;
use Nailrod\Core\Exchange\Memory\MemoryCopy;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Refusal;

final class StoreCommand extends Command
{
    use RefusesInWords;

    protected $signature = 'nailrod:store {device : id of a device} {--unit= : serial of the unit, where there are '
        .'several; the one in use if it is not said} {--write= : id of the set whose mapping is written to it} '
        .'{--read= : a file that gets what is in it, as a set} {--copy= : a file that gets a copy of its memory} '
        .'{--put= : a file with a copy that goes back into it}';

    protected $description = 'Writes what a set says of a device into its memory, reads it, or copies it; without '
        .'options says what is in it';

    public function handle(SetStore $sets): int
    {
        try {
            $id = $this->argument('device');
            $device = Memories::find($id) ?? throw FormatError::told(
                'device',
                $id,
                'the id of a device that has a memory',
            );
            $serial = $this->option('unit');
            if (is_string($serial) && ! in_array($serial, $device->onboard->serials, true)) {
                throw FormatError::told(
                    'unit',
                    $serial,
                    'a serial of '.$device->name.': '.implode(', ', $device->onboard->serials),
                );
            }
            $unit = is_string($serial) ? Unit::of($device, $serial) : Memories::unit($device);
            foreach (['write', 'read', 'copy', 'put'] as $what) {
                $value = $this->option($what);
                if (is_string($value)) {
                    $this->line(match ($what) {
                        'write' => $this->write($sets, $unit, $value),
                        'put' => $this->put($unit, $value),
                        default => $this->out($unit, $what, $value),
                    });

                    return self::SUCCESS;
                }
            }
        } catch (Refusal $refusal) {
            return $this->refused($refusal->getMessage());
        }
        $memory = $unit->memory();
        foreach ($memory->banks() as $i => $bank) {
            $this->line(sprintf(
                'Bank %d: %s',
                $i + 1,
                $bank === null ? 'empty' : sprintf(
                    'write %d, %d bytes, checksum %s%s',
                    $bank->count,
                    strlen($bank->content),
                    $bank->checksum(),
                    $bank->number === $memory->inForce()?->number ? ', in force' : '',
                ),
            ));
        }

        return self::SUCCESS;
    }

    private function write(SetStore $sets, Unit $unit, string $set): string
    {
        $current = $sets->current(
            SetRecord::query()->find($set) ?? throw FormatError::told('set', $set, 'the id of a set'),
        );
        if (! isset($current->rig->devices[$unit->device->id])) {
            throw FormatError::told('set', $set, 'one with '.$unit->device->name.' in its rig');
        }

        return Memories::said($unit, Memories::write($current, $unit), 'the same as in the set');
    }

    private function put(Unit $unit, string $file): string
    {
        $text = is_file($file) ? file_get_contents($file) : false;
        if ($text === false) {
            throw FormatError::told($file, 'no such file', 'a copy of a memory');
        }

        $content = Memories::contentOf(MemoryCopy::read($text), $unit, basename($file));

        return Memories::said(
            $unit,
            Memories::put($unit, $content, 'Put back from the file '.basename($file).'.'),
            'the same as in the copy',
        );
    }

    private function out(Unit $unit, string $what, string $file): string
    {
        $content = $what === 'copy' ? Memories::file($unit) : Memories::mapping($unit)->toJson();
        if (@file_put_contents($file, $content) === false) {
            throw FormatError::told($file, 'that it cannot be written', 'a file in a folder that is there');
        }

        return sprintf('%s: %d bytes.', $file, strlen($content));
    }
}
