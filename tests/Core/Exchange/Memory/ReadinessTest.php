<?php

declare(strict_types=1);

namespace Tests\Core\Exchange\Memory;

use Nailrod\Core\Exchange\Memory\BankMemory;
use Nailrod\Core\Exchange\Memory\CableCut;
use Nailrod\Core\Exchange\Memory\DeviceRefuses;
use Nailrod\Core\Exchange\Memory\Fault\Cut;
use Nailrod\Core\Exchange\Memory\Fault\Unplugged;
use Nailrod\Core\Exchange\Memory\FirmwareFile;
use Nailrod\Core\Exchange\Memory\Readiness;
use Nailrod\Core\Exchange\Memory\StandInPort;
use Nailrod\Core\Exchange\Memory\UnitIdentity;
use Nailrod\Core\Exchange\Memory\UnitState;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Keeps;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** Before a write it is said what is met and what is not; the device judges it once more, by its own clock. */
final class ReadinessTest extends TestCase
{
    private const KEEPS = [
        'banks' => 2, 'bank_bytes' => 4096, 'parts' => ['macros', 'settings'], 'most' => ['macros' => 8],
    ];

    private static function device(string $id): Device
    {
        return (new DemoSets)->device($id) ?? self::fail();
    }

    /**
     * @return iterable<string, array{string, ?UnitIdentity, bool, int, ?string}> device, what it tells, is it plugged
     *    in, bytes, what is said
     */
    public static function met(): iterable
    {
        $teasel = fn (?string $mode, ?int $open): UnitIdentity => new UnitIdentity('TS-0147', 'D', '1.7', $mode, $open);
        yield 'all is met' => ['teasel', $teasel('keys', 12), true, 900, null];
        yield 'unplugged' => ['teasel', $teasel('keys', 12), false, 900, 'It is unplugged. Plug it in.'];
        yield 'in the other mode' => [
            'teasel', $teasel('controller', 12), true, 900,
            'It is in the mode "Sends as a controller", in which it takes no write. Move the slide at the back to '
                .'the left.',
        ];
        yield 'in a mode that nobody knows' => [
            'teasel', $teasel('moon', 12), true, 900,
            'It is in a mode that its file does not know. Put it back into the mode that it had.',
        ];
        yield 'locked' => [
            'teasel', $teasel('keys', 0), true, 900,
            'It lets no write in now. Press the button at the back: then a write can begin for 30 s.',
        ];
        yield 'another board' => [
            'rowan', new UnitIdentity('RW-1', 'C', '2.4', null, null), true, 900,
            'It says that its board is C, and its file says B. Take another unit, or the device file of this one.',
        ];
        yield 'firmware that is too old' => [
            'rowan', new UnitIdentity('RW-1', 'B', '2.1', null, null), true, 900,
            'Its firmware is 2.1, and a write needs 2.2. Give it a newer firmware.',
        ];
        yield 'versions are numbers' => ['rowan', new UnitIdentity('RW-1', 'B', '2.10', null, null), true, 900, null];
        yield 'no room' => [
            'rowan', new UnitIdentity('RW-1', 'B', '2.4', null, null), true, 5000,
            'It takes 5000 bytes, and a bank holds 4080. Assign fewer of its controls.',
        ];
    }

    #[DataProvider('met')]
    public function test_what_is_not_met_is_said_with_what_to_do(
        string $device,
        ?UnitIdentity $told,
        bool $isPlugged,
        int $bytes,
        ?string $said,
    ): void {
        $readiness = Readiness::of(self::device($device), $told ?? self::fail(), $isPlugged, $bytes, 4080);
        $this->assertSame([$said, $said === null], [$readiness->why(), $readiness->isMet()]);
    }

    private static function write(UnitState $state, int $now, CablePort $memory = new CablePort(2 * 4096)): ?string
    {
        try {
            (
                new BankMemory(new StandInPort($memory, self::device('teasel'), $state, fn (): int => $now))
            )->write('a mapping');
        } catch (CableCut|DeviceRefuses $refused) {
            return $refused->getMessage();
        }

        return null;
    }

    public function test_the_device_lets_a_write_in_for_thirty_seconds_after_its_button_in_one_mode_alone(): void
    {
        $keys = new UnitState('TS-0147', 'keys');
        $this->assertStringContainsString(
            'Press the button at the back, then write within 30 s.',
            (string) self::write($keys, 5_000),
        );
        $this->assertNull(self::write($keys->pressed(5_000), 5_000));
        $this->assertNull(self::write($keys->pressed(5_000), 34_999));
        $this->assertStringContainsString(
            'does not let a write in',
            (string) self::write($keys->pressed(5_000), 35_000),
        );
        $this->assertStringContainsString(
            'Move the slide at the back to the left',
            (string) self::write($keys->pressed(5_000)->slid('controller')->pressed(5_000), 6_000),
        );
        $this->assertNull(
            self::write((new UnitState('TS-0147'))->pressed(5_000), 6_000),
            'it is in its first mode if nobody moved the slide',
        );
        $this->assertStringContainsString(
            'does not let a write in',
            (string) self::write($keys->pressed(5_000)->slid('controller')->slid('keys'), 6_000),
            'moving the slide ends it',
        );
    }

    public function test_of_two_that_write_at_once_the_second_is_refused_and_the_first_is_whole(): void
    {
        $port = new StandInPort(new CablePort(2 * 4096), self::device('fennel'), new UnitState, fn (): int => 0);
        $port->alone(function () use ($port): void {
            $this->expectException(DeviceRefuses::class);
            $this->expectExceptionMessage('Another program is writing');
            (new BankMemory($port))->write('second');
        });
    }

    public function test_unplugged_after_the_last_byte_nobody_claims_to_know_which_mapping_is_in_force(): void
    {
        $bytes = BankMemory::cost('a mapping');
        $state = (new UnitState(null, 'keys'))->pressed(0);
        $this->assertStringContainsString(
            'either with what was stored before or with all of what was written',
            (string) self::write($state->under(new Unplugged($bytes)), 0, $memory = new CablePort(2 * 4096)),
        );
        $this->assertSame('a mapping', (new BankMemory($memory))->read());
        $this->assertStringContainsString(
            'still works with what was stored before',
            (string) self::write($state->under(new Unplugged($bytes - 1)), 0),
        );
        $this->assertStringContainsString(
            'still works with what was stored before',
            (string) self::write($state->under(new Cut(0)), 0),
        );
    }

    public function test_a_firmware_for_another_board_or_an_older_one_is_refused_and_what_it_keeps_is_told(): void
    {
        $file = FirmwareFile::read(FirmwareFile::write('B', '2.6', self::KEEPS, 'the code'));
        $told = new UnitIdentity('RW-1180', 'B', '2.4', null, null);
        $this->assertNull($file->whyNot($told));
        $this->assertSame(
            'This firmware is for board B, and the device has board C. Nothing was sent to it.',
            $file->whyNot($told->onBoard('C')),
        );
        $this->assertSame(
            'This firmware is 2.6, and the device has the newer 2.10. Nothing was sent to it.',
            $file->whyNot($told->withFirmware('2.10')),
        );
        $this->assertContains('Macros: 2 → 8', $file->changes(self::device('rowan')->keeps()));
        $this->assertContains('Behaviours: follow, pulse, macro → all', $file->changes(self::device('rowan')->keeps()));
        $this->assertEquals(
            Keeps::of(Keeps::fields()->read(\Nailrod\Core\Format\Node::of(self::KEEPS))),
            self::device('rowan')->withFirmware('2.6', $file->keeps)->keeps(),
        );
    }

    /** @return iterable<string, array{callable(string): string, string}> */
    public static function damaged(): iterable
    {
        yield 'no head' => [fn (string $file) => 'x'.$file, 'a head in JSON on one line'];
        yield 'a head alone' => [fn (string $file) => explode("\n", $file)[0], 'a head in JSON on one line'];
        yield 'cut off' => [fn (string $file) => substr($file, 0, -1), 'it is cut off or damaged'];
        yield 'a byte changed' => [fn (string $file) => substr($file, 0, -1).'?', 'the checksum of its bytes'];
        yield 'an unknown field' => [fn (string $file) => str_replace('"board"', '"bord"', $file), 'bord'];
        yield 'another format' => [
            fn (string $file) => str_replace('nailrod-firmware', 'nailrod-copy', $file), 'nailrod-firmware',
        ];
    }

    #[DataProvider('damaged')]
    public function test_a_damaged_firmware_is_refused(callable $spoil, string $said): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($said);
        FirmwareFile::read($spoil(FirmwareFile::write('B', '2.6', self::KEEPS, "the code\nof it")));
    }
}
