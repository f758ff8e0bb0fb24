<?php

declare(strict_types=1);

namespace App\View;

use Nailrod\Core\Device\ControlKind;
use Nailrod\Core\Device\Rig;

/** Phrases of a rig that can be said, typed or spoken. */
final class Phrases
{
    /** @return array<string, string> reference of the contact of each, by its name */
    public static function of(Rig $rig): array
    {
        $phrases = [];
        foreach ($rig->devices as $device) {
            foreach ($device->controls as $control) {
                if ($control->kind === ControlKind::Phrase) {
                    $phrases[$control->name] ??= $control->contacts[0]->ref;
                }
            }
        }

        return $phrases;
    }
}
