<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

/** All devices that need no plug and no file, one line each. */
final class OwnDevices
{
    /** @var array<string, class-string<OwnDevice>> by the name that pages ask for them with */
    public const ALL = ['keyboard' => OwnKeyboard::class, 'mouse' => OwnMouse::class, 'phrases' => PhraseList::class];

    /** @return array<string, class-string<OwnDevice>> those that the rig does not have */
    public static function notIn(Rig $rig): array
    {
        return array_filter(self::ALL, fn (string $own): bool => ! $own::isIn($rig));
    }

    /** @return array<string, class-string<HeardDevice>> those of the rig that a page listens to */
    public static function heard(Rig $rig): array
    {
        $heard = [];
        foreach (self::ALL as $name => $own) {
            if (is_subclass_of($own, HeardDevice::class) && $own::isIn($rig)) {
                $heard[$name] = $own;
            }
        }

        return $heard;
    }
}
