<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\EffectKind;
use Nailrod\Core\Mapping\Action\Variable;

/** The variables that actions change, made as actions name them, kept while one is left that does. */
final class ActionVariables
{
    /** The id of the variable of an action that nobody has said one for. */
    public static function own(string $action): string
    {
        return str_replace('-', '_', $action);
    }

    /**
     * With the variable of an action, if it is new.
     *
     * @param array<string, Variable> $variables
     * @param string                  $said      what a person calls it; empty if it is the action's own
     *
     * @return array<string, Variable>
     */
    public static function with(array $variables, Action $action, string $said): array
    {
        $id = $action->effect->variable;

        return $variables + [
            $id => self::usual(
                $id,
                mb_substr(
                    $said === '' ? $action->name : mb_strtoupper(mb_substr($said, 0, 1)).mb_substr($said, 1),
                    0,
                    40,
                ),
                $action->group,
                $action->effect->kind,
            ),
        ];
    }

    /** A variable of which nothing is known but what an action does to it. */
    private static function usual(string $id, string $name, string $group, EffectKind $kind): Variable
    {
        [$low, $high, $start, $unit] = match ($kind) {
            EffectKind::Follow => [0.0, 100.0, 0.0, '%'],
            EffectKind::Step => [-10.0, 10.0, 0.0, ''],
            default => [0.0, 1.0, 0.0, ''],
        };

        return new Variable($id, $name, $group, $low, $high, $start, $unit, 0, [], null, 0);
    }

    /**
     * The variable of an action that alone changes it: it goes with its name, its group and, as far as it is as usual,
     * its kind.
     */
    public static function fitted(Variable $variable, Action $before, Action $after): Variable
    {
        $name = $variable->name === mb_substr($before->name, 0, 40) ? mb_substr($after->name, 0, 40) : $variable->name;
        $group = $variable->group === $before->group ? $after->group : $variable->group;
        if ($variable == self::usual($variable->id, $variable->name, $variable->group, $before->effect->kind)) {
            return self::usual($variable->id, $name, $group, $after->effect->kind);
        }

        return $variable->called($name, $group);
    }

    /**
     * Without a variable that nothing is left for.
     *
     * @param array<string, Variable> $variables
     * @param array<string, Action>   $actions
     *
     * @return array<string, Variable>
     */
    public static function without(array $variables, array $actions, string $variable): array
    {
        foreach ($actions as $action) {
            if ($action->effect->variable === $variable) {
                return $variables;
            }
        }
        foreach ($variables as $other) {
            if ($other->gauge === $variable) {
                return $variables;
            }
        }

        return array_diff_key($variables, [$variable => true]);
    }
}
