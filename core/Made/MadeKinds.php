<?php

declare(strict_types=1);

namespace Nailrod\Core\Made;

use Nailrod\Core\Format\Node;

/** The kinds of what is made from axes, one line each. */
final class MadeKinds
{
    /** @var list<class-string<Made>> */
    private const CLASSES = [
        Threshold::class,
        Zones::class,
        Directions::class,
        BuiltAxis::class,
    ];

    public static function read(string $id, Node $node): Made
    {
        $kinds = [];
        foreach (self::CLASSES as $class) {
            $kinds += array_fill_keys($class::kinds(), $class);
        }

        return $kinds[$node->get('kind')->oneOf(array_keys($kinds))]::read($id, $node);
    }

    /**
     * The references of the axes that something is made from.
     *
     * @return non-empty-list<string>
     */
    public static function sources(Node $node, int $count): array
    {
        $of = array_map(fn (Node $ref) => $ref->string(), $node->get('of')->list(2));
        if (count($of) !== $count || count(array_unique($of)) !== $count) {
            throw $node->get('of')->refuse($count === 1 ? 'one axis' : 'two axes, not the same');
        }

        return $of === [] ? throw new \LogicException('Everything is made from at least one axis.') : $of;
    }
}
