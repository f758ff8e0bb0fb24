<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Who may import whom; read by PHPStan. */
final class ImportsTest
{
    public function test_core_imports_nothing_but_itself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Nailrod\Core'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Nailrod\Core'))
            ->because('the core is plain PHP: no framework, no interface, no storage');
    }
}
