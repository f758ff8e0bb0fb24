<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Memory\BankMemory;
use Nailrod\Core\Memory\CableCut;
use Nailrod\Core\Memory\DeviceMapping;
use Nailrod\Core\Memory\MemoryError;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Memory\CablePort;

/** A device answers with the old mapping or the new one, whole, whatever happens while it is written. */
#[Group('laws')]
final class MemoryLawTest extends TestCase
{
    use InWorlds;

    private const RUNS = 3;

    private const FAULTS = ['none', 'cut', 'a byte is broken', 'full', 'a bank rots at rest', 'two write'];

    public function test_law_11_whatever_happens_the_old_mapping_answers_or_the_new_one(): void
    {
        $done = array_fill_keys(self::FAULTS, 0);
        $this->inEveryWorld(function (World $world) use (&$done): void {
            $image = fn (): string => DeviceMapping::of($world->set, $world->set->rig->devices['d'])->encode();
            $new = $image();
            $old = $world->chance(20) ? null : str_replace('"name":"World"', '"name":"World of before"', $new);
            $banks = $world->between(2, 4);
            $port = new CablePort($banks * (strlen($new) + 100), $banks);
            $memory = new BankMemory($port);
            for ($i = $old === null ? 0 : $world->between(1, 3); $i > 0; $i--) {
                $memory->write((string) $old);
            }
            $fault = self::FAULTS[$world->between(0, count(self::FAULTS) - 1)];
            $this->assertContains($this->under($fault, $world, $port, $memory, $old, $new), [$old, $new], $fault);
            $port->mend();
            $memory->write($new);
            $this->assertSame($new, $memory->read(), 'after '.$fault.' it can be written again');
            $done[$fault]++;
        }, runs: self::RUNS);
        $this->assertTried(intdiv(self::worlds(), 5), min($done), 'each fault must have been tried');
    }

    /** @return ?string what the device answers with after a write under this fault */
    private function under(string $fault, World $world, CablePort $port, BankMemory $memory, ?string $old, string $new): ?string
    {
        $content = $fault === 'full' ? $new.str_repeat(' ', 200) : $new;
        if ($fault === 'cut') {
            $port->cutAfter($world->between(0, BankMemory::cost($new) - 1));
        } elseif ($fault === 'a byte is broken') {
            $port->corrupt($world->between(0, $port->size() - 1));
        }
        try {
            $memory->write($content);
            $this->assertNotSame('full', $fault);
            $this->assertSame($new, $memory->read(), 'it said that it was written');
        } catch (CableCut|MemoryError $error) {
            $this->assertInstanceOf(Refusal::class, $error);
            $this->assertStringEndsWith('.', $error->getMessage());
            $this->assertContains($fault, ['cut', 'a byte is broken', 'full']);
        }
        if ($fault === 'two write') {
            (new BankMemory($port))->write($old ?? $new);
            $memory->write($new);
        }
        if ($fault === 'a bank rots at rest' && $old !== null) {
            $bank = $memory->inForce();
            $this->assertNotNull($bank);
            $at = $bank->number * intdiv($port->size(), $port->banks()) + $world->between(0, 15 + strlen($bank->content));
            $port->write($at, chr(ord($port->read($at, 1)) ^ (1 << $world->between(0, 7))));
            $this->assertNotSame($new, $memory->read(), 'that it rotted is found');
        }

        return $memory->read();
    }
}
