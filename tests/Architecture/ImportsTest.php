<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Who may import whom; read by PHPStan. */
final class ImportsTest
{
    /** Seven rooms, each of which knows those before it: see the README at the door of each. */
    private const ROOMS = ['Format', 'Rig', 'Mapping', 'Set', 'Engine', 'Advice', 'Exchange'];

    public function test_core_imports_nothing_but_itself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Nailrod\Core'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Nailrod\Core'))
            ->because('the core is plain PHP: no framework, no interface, no storage');
    }

    /** @return iterable<Rule> */
    public function test_no_room_imports_one_that_comes_after_it(): iterable
    {
        foreach (self::ROOMS as $i => $room) {
            foreach (array_slice(self::ROOMS, $i + 1) as $later) {
                yield PHPat::rule()
                    ->classes(Selector::inNamespace('Nailrod\Core\\'.$room))
                    ->shouldNotDependOn()
                    ->classes(Selector::inNamespace('Nailrod\Core\\'.$later))
                    ->because('arrows between rooms go one way: '.implode(', ', self::ROOMS));
            }
        }
    }
}
