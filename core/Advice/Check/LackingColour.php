<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Lamp\LampRule;
use Nailrod\Core\Rig\Device\Lamp;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Section\LampRulesSection;

/** A rule that asks a lamp for a colour that it does not have. */
final class LackingColour implements LooksAtPart
{
    public const KIND = 'no such colour';

    public static function section(): string
    {
        return LampRulesSection::name();
    }

    public function findings(Desk $desk): iterable
    {
        foreach (Keys::each($desk->set->lamps) as $id => $rule) {
            foreach (self::lacking($desk->set, $rule) as $colour => $said) {
                yield new Finding(
                    self::KIND,
                    $id.'='.$colour,
                    sprintf('%s, though a rule asks for it: %s', $said, $desk->words->lampRule($rule)),
                    [],
                    parts: [PartPath::lamp($id)],
                );
            }
        }
    }

    /**
     * @return array<string, string> what its lamps cannot show of what a rule asks them for, "Lamp 1 cannot be blue",
     *    by colour
     */
    private static function lacking(BindingSet $set, LampRule $rule): array
    {
        $lamps = $said = [];
        foreach ($set->rig->devices as $device) {
            foreach ($device->lamps as $lamp) {
                $lamps[$device->id.'/'.$lamp->id] = $lamp;
            }
        }
        foreach ($rule->colours() as $colour) {
            $lacking = array_filter(
                $rule->lamps(),
                fn (string $ref) => ! in_array($colour, ($lamps[$ref] ?? null)->colours ?? Lamp::COLOURS, true),
            );
            if ($lacking !== []) {
                $said[$colour] = implode(
                    ' and ',
                    array_map($set->rig->lampNameOf(...), array_values($lacking)),
                ).' cannot be '.$colour;
            }
        }

        return $said;
    }
}
