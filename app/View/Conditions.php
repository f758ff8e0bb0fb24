<?php

declare(strict_types=1);

namespace App\View;

use Nailrod\Core\Condition\Condition;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Set\BindingSet;

/** What something can be made to depend on, to choose from; `App\Http\Requests\ReadsCondition` reads what was chosen. */
final class Conditions
{
    /**
     * Flags and stops.
     *
     * @return array<string, string> in words by what the form sends
     */
    public static function ofSet(BindingSet $set): array
    {
        $conditions = [];
        foreach (Keys::each($set->flags) as $id => $name) {
            $conditions += ['flag '.$id.' up' => 'only while '.$name.' is up', 'flag '.$id.' down' => 'only while '.$name.' is down'];
        }
        foreach ($set->stops as $stop) {
            $conditions += ['stop '.$stop->id.' open' => 'only while '.$stop->name.' is open', 'stop '.$stop->id.' shut' => 'only while '.$stop->name.' is shut'];
        }

        return $conditions;
    }

    /** @return array<string, string> variables of the simulator, to be compared with a number, by what the form sends */
    public static function ofGame(BindingSet $set): array
    {
        $conditions = [];
        foreach ($set->catalogue->variables ?? [] as $variable) {
            foreach ($variable->gauge === null ? Condition::COMPARES : [] as $compare) {
                $conditions['variable '.$variable->id.' '.$compare] = 'only while '.$variable->name.' '.$compare;
            }
        }

        return $conditions;
    }

    /** What the form sends for this one; empty for always. */
    public static function chosen(?Condition $when): string
    {
        return $when === null ? '' : implode(' ', [$when->sort, $when->name, $when->is]);
    }
}
