<?php

declare(strict_types=1);

namespace Nailrod\Core\Check;

use Nailrod\Core\Device\Lamp;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Set\PartPath;

/** A rule that asks a lamp for a colour that it does not have. */
final class LackingColour implements Check
{
    public const KIND = 'no such colour';

    public function findings(Desk $desk): iterable
    {
        $lamps = [];
        foreach ($desk->set->rig->devices as $device) {
            foreach ($device->lamps as $lamp) {
                $lamps[$device->id.'/'.$lamp->id] = $lamp;
            }
        }
        foreach (Keys::each($desk->set->lamps) as $id => $rule) {
            foreach ($rule->colours() as $colour) {
                $lacking = array_filter($rule->lamps(), fn (string $ref) => ! in_array($colour, ($lamps[$ref] ?? null)->colours ?? Lamp::COLOURS, true));
                if ($lacking !== []) {
                    $names = array_map($desk->set->rig->lampNameOf(...), array_values($lacking));
                    yield new Finding(self::KIND, $id.'='.$colour, sprintf('%s cannot be %s, though a rule asks for it: %s', implode(' and ', $names), $colour, lcfirst($desk->words->lampRule($rule))), [], parts: [PartPath::lamp($id)]);
                }
            }
        }
    }
}
