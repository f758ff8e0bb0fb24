<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory\Fault;

use Nailrod\Core\Format\FormatError;

/** What can be wrong with a stand-in, one line each. */
final class Faults
{
    /** @var list<class-string<Fault>> */
    private const ALL = [
        Cut::class,
        FlippedBits::class,
        Full::class,
        WrongMode::class,
        OldFirmware::class,
        WrongBoard::class,
        Unplugged::class,
        Slow::class,
        OtherWriter::class,
    ];

    /** @return array<string, class-string<Fault>> by kind */
    public static function all(): array
    {
        return array_combine(array_map(fn (string $class) => $class::kind(), self::ALL), self::ALL);
    }

    /**
     * @param int $at byte of the write at which it happens
     *
     * @throws FormatError if there is none of this kind
     */
    public static function of(string $kind, int $at): Fault
    {
        $class = self::all()[$kind] ?? throw FormatError::told('Fault', $kind, 'one of the list');

        return $class::after($at);
    }
}
