<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Rig\Device\Mode;
use Nailrod\Core\Rig\Device\Unlock;

/** The device itself does not take a write. Nothing of what is stored in it has changed. */
final class DeviceRefuses extends \RuntimeException implements Refusal
{
    private const KEPT = ' It still works with what was stored before.';

    /** @param Mode $wanted in which it would take one */
    public static function inMode(string $is, Mode $wanted): self
    {
        return new self(sprintf(
            'The device does not take a write in the mode "%s".%s %s: then it is in the mode "%s"; write again.',
            $is,
            self::KEPT,
            $wanted->setBy,
            $wanted->name,
        ));
    }

    public static function unknownMode(): self
    {
        return new self(
            'The device is in a mode that its file does not know.'
                .self::KEPT
                .' Put it back into the mode that it had, then write again.',
        );
    }

    public static function locked(Unlock $unlock): self
    {
        return new self(sprintf(
            'The device does not let a write in.%s %s, then write within %d s.',
            self::KEPT,
            $unlock->by,
            $unlock->seconds,
        ));
    }

    public static function firmware(string $is, string $least): self
    {
        return new self(sprintf(
            'The device has firmware %s, and takes a write from %s on.%s Give it a newer firmware first.',
            $is,
            $least,
            self::KEPT,
        ));
    }

    public static function board(string $is, string $wanted): self
    {
        return new self(sprintf(
            'The device says that it is board %s; what was to be written is for board %s.%s',
            $is,
            $wanted,
            self::KEPT,
        ));
    }

    public static function full(int $bytes): self
    {
        return new self(sprintf(
            'The device says that its memory is full after %d bytes.%s Assign fewer of its controls, then write '
                .'again.',
            $bytes,
            self::KEPT,
        ));
    }

    public static function noRoom(): self
    {
        return new self(
            'The stand-in of the device could not be written: the disk is full, or its folder cannot be written to. '
                .'Nothing of it has changed. Make room, then try again.',
        );
    }

    public static function busy(): self
    {
        return new self('Another program is writing to the device. Wait until it has done, then write again.');
    }
}
