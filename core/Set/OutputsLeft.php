<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Behaviour\PlacesOutputs;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Condition\Conditions;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\Outputs;

/**
 * What is left of a cell or a chord when some of its outputs go or change; those that stay keep their place in its
 * behaviour.
 */
final class OutputsLeft
{
    /**
     * @param array<string, mixed>            $part   in the open format
     * @param callable(Output, int): ?Output  $change given an output and its place; null for one that goes
     *
     * @return ?array<string, mixed> the part as it is then; null if nothing is left of it
     */
    public static function of(array $part, callable $change): ?array
    {
        if (! isset($part['outputs'])) {
            return $part;
        }
        $outputs = [];
        $behaviour = isset($part['behaviour']) ? Behaviours::read(Node::of($part['behaviour'])) : null;
        foreach (array_reverse(Node::of($part['outputs'])->list(), true) as $i => $node) {
            $left = $change(Outputs::read($node), $i);
            if ($left !== null) {
                array_unshift($outputs, $left->toArray());
            } elseif ($behaviour instanceof PlacesOutputs) {
                $behaviour = $behaviour->withoutOutput($i);
                if ($behaviour === null) {
                    return null;
                }
            }
        }

        return $outputs === [] ? null : array_replace(
            $part,
            ['outputs' => $outputs] + ($behaviour === null ? [] : ['behaviour' => $behaviour->toArray()]),
        );
    }

    /**
     * What is left of a cell when something of what it does, or does otherwise, goes. Where only what it does otherwise
     * is left, that is what it does when its condition does not hold.
     *
     * @param array<string, mixed>                                $cell in the open format
     * @param callable(array<string, mixed>): ?array<string, mixed>  $left      of an assignment without its condition
     * @param (callable(array<string, mixed>): ?array<string, mixed>)|null $otherwise of what it does otherwise; null:
     *     the same
     *
     * @return ?array<string, mixed> null if nothing is left of it
     *
     * @throws FormatError
     */
    public static function ofCell(array $cell, callable $left, ?callable $otherwise = null): ?array
    {
        $does = $left(array_diff_key($cell, ['when' => 0, 'otherwise' => 0]));
        $otherwise = isset($cell['otherwise']) ? ($otherwise ?? $left)(Node::of($cell['otherwise'])->plain()) : null;
        if ($does === null) {
            return $otherwise === null ? null : $otherwise + [
                'when' => Conditions::read(Node::of($cell['when']))->negated()->toArray(),
            ];
        }

        return $does + array_intersect_key($cell, ['when' => 0]) + (
            $otherwise === null ? [] : ['otherwise' => $otherwise]
        );
    }

    /**
     * The same when something of the set goes. What depends on something that will never be again goes with it.
     *
     * @param array<string, mixed> $part in the open format
     *
     * @return ?array<string, mixed> the part as it is then; null if nothing is left of it
     */
    public static function without(array $part, ?Condition $when, Gone $gone): ?array
    {
        $left = $gone->leavesOf($when);
        if ($left === false) {
            return null;
        }
        $part = $left instanceof Condition
            ? ['when' => $left->toArray()]
            + $part
            : array_diff_key($part, ['when' => 0]);

        return self::of($part, $gone->leaves(...));
    }
}
