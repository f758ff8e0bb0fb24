<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Slot;

/**
 * What one set reaches, proposed for the game of another: matched by role, to the same control where there is room for
 * it.
 */
final class CarryOver
{
    /**
     * @param array<string, list<string>> $refused see Planner
     *
     * @return Plan nothing in it if one of the two has no game
     */
    public static function between(BindingSet $from, BindingSet $to, array $refused = []): Plan
    {
        $wanted = [];
        foreach (Keys::each($to->catalogue?->byRole() ?? []) as $role => $action) {
            if (isset(self::places($from)[$role])) {
                $wanted[] = $action->id;
            }
        }

        return $to->catalogue === null ? new Plan([], [], 0, 0) : (
            new Planner($to, $to->catalogue, self::places($from), $from->merged->own->name, new Wishes($refused))
        )->plan($wanted);
    }

    /** @return array<string, list<Slot>> where each role is reached, by role */
    public static function places(BindingSet $set): array
    {
        $places = [];
        $reach = Reach::of($set);
        foreach (Keys::each($set->catalogue?->byRole() ?? []) as $role => $action) {
            if ($reach->reaches($action->id)) {
                $places[$role] = $reach->spots($action->id);
            }
        }

        return $places;
    }
}
