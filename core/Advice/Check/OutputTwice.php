<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Advice\Plan\WayChoice;
use Nailrod\Core\Mapping\Output\MeansAction;
use Nailrod\Core\Set\Conflicts;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Slot;

/** One output that two controls drive while one layer is live. */
final class OutputTwice implements Check
{
    public const KIND = 'driven twice';

    public function findings(Desk $desk): iterable
    {
        $conflicts = new Conflicts($desk->set);
        $told = [];
        foreach (array_keys($conflicts->all()) as $cell) {
            [$layer, $ref] = explode('/', (string) $cell, 2);
            foreach ($conflicts->with($layer, $ref) as $other) {
                $pair = [$cell, $other];
                sort($pair);
                if (! isset($told[$pair[0].' '.$pair[1]])) {
                    $told[$pair[0].' '.$pair[1]] = true;
                    yield $this->finding($desk, $pair[0], $pair[1]);
                }
            }
        }
    }

    private function finding(Desk $desk, string $one, string $other): Finding
    {
        $spots = [new Slot(...explode('/', $one, 2)), new Slot(...explode('/', $other, 2))];
        $actions = $driven = [];
        foreach ($spots as $i => $spot) {
            foreach ($desk->set->cell($spot->layer, $spot->ref)?->outputsOfEither() ?? [] as $output) {
                $leaving = $desk->leaving($output);
                $driven[$i][$leaving === null ? '' : $desk->words->output($leaving)] = $output;
                if ($output instanceof MeansAction) {
                    $actions[$output->action()] = $output->action();
                }
            }
        }
        $words = array_key_first(array_intersect_key($driven[0] ?? [], $driven[1] ?? [])) ?? 'one output';
        $second = $driven[1][$words] ?? null;
        $action = $second instanceof MeansAction
            && count($actions) > 1
            && isset($desk->set->ways[$second->action()])
            ? $desk->catalogue->action($second->action())
            : null;
        $way = $action === null ? null : (new WayChoice($desk->kept, $desk->catalogue))->anew($action);

        return new Finding(
            self::KIND,
            $one.'+'.$other,
            sprintf(
                '%s is driven by %s and by %s.',
                ucfirst((string) $words),
                $desk->at($spots[0]),
                $desk->at($spots[1]),
            ),
            $spots,
            array_values($actions),
            $action !== null && $way !== null
                ? new QuickFix(
                    sprintf('Reach %s by %s', $action->name, $desk->words->output($way->way)),
                    fn () => $desk->set->merged->own->with(PartPath::way($action->id), $way->way->toArray()),
                )
                : new QuickFix(
                    'Clear '.$desk->at($spots[1]),
                    fn () => $desk->edits->clear($spots[1]->layer, $spots[1]->ref),
                ),
        );
    }
}
