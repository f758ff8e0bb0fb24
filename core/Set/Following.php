<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\CatalogueChange;

/**
 * How sets follow a change of the list of actions of their simulator: what names an action or a variable that is no
 * longer there goes from them, and nothing else.
 */
final readonly class Following
{
    /**
     * @param array<string, SetDocument>  $changed the sets that something goes
     *                                         from, by id, parents before their children
     * @param array<string, list<string>> $lines   what goes from each, a line for each thing
     * @param list<string>                $of      ids of all sets of the simulator
     */
    private function __construct(public array $changed, public array $lines, public array $of) {}

    /**
     * @param list<SetDocument> $sets all that there are
     *
     * @throws FormatError if a set does not fit the new list even so
     */
    public static function of(Library $library, array $sets, Catalogue $before, Catalogue $after): self
    {
        $change = CatalogueChange::between($before, $after);
        $gone = Gone::ofSimulator($change->lost(), $change->lostVariables());
        $loses = $change->lost() !== [] || $change->lostVariables() !== [];
        $changed = $lines = $of = [];
        foreach (self::parentsFirst($library, $sets, $before->id) as $set) {
            $of[] = $set->id;
            if (! $loses) {
                self::mustFit($library, $set, $changed, $after);

                continue;
            }
            $was = self::assembled(
                $set,
                new Drafts($library, $changed, $before),
                new Drafts($library, $changed, $after),
            );
            $left = (new Removal($was))->of($gone);
            $differs = SetDiff::between($set, $left);
            if ($differs !== []) {
                $changed[$set->id] = $left;
                $lines[$set->id] = (new Words($was))->lines($differs);
            }
            self::mustFit($library, $left, $changed, $after);
        }

        return new self($changed, $lines, $of);
    }

    /**
     * @param array<string, SetDocument> $changed by id
     *
     * @throws FormatError if it does not fit the new list
     */
    private static function mustFit(Library $library, SetDocument $set, array $changed, Catalogue $after): void
    {
        try {
            (new Assembly(new Drafts($library, $changed, $after)))->assemble($set);
        } catch (FormatError $error) {
            throw $error->in('the set '.$set->name);
        }
    }

    /**
     * As it is under the list that holds; a set that comes back with the list that comes is only whole under that one.
     */
    private static function assembled(SetDocument $set, Library $before, Library $after): BindingSet
    {
        try {
            return (new Assembly($before))->assemble($set);
        } catch (FormatError) {
            return (new Assembly($after))->assemble($set);
        }
    }

    /**
     * Those that are for a simulator, by themselves or by their parents.
     *
     * @param list<SetDocument> $sets
     *
     * @return list<SetDocument>
     */
    private static function parentsFirst(Library $library, array $sets, string $simulator): array
    {
        $assembly = new Assembly($library);
        $byDepth = [];
        foreach ($sets as $set) {
            $merged = $assembly->merge($set);
            if ($merged->simulator === $simulator) {
                $byDepth[count($merged->chain)][] = $set;
            }
        }
        ksort($byDepth);

        return array_merge(...array_values($byDepth));
    }
}
