<?php

declare(strict_types=1);

namespace Tests\Kinds;

use Nailrod\Core\Advice\Check\Check;
use Nailrod\Core\Advice\Check\Desk;
use Nailrod\Core\Advice\Check\Finding;
use Nailrod\Core\Advice\Check\QuickFix;

/** A check that only the tests know: nothing may buzz. */
final class NoBuzz implements Check
{
    public function findings(Desk $desk): iterable
    {
        foreach ($desk->outputs() as [$spot, $output]) {
            if ($output instanceof Buzz) {
                yield new Finding(
                    'buzzing',
                    (string) $spot,
                    $desk->at($spot).' buzzes.',
                    [$spot],
                    [],
                    new QuickFix('Clear it', fn () => $desk->edits->clear($spot->layer, $spot->ref)),
                );
            }
        }
    }
}
