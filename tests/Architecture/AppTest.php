<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The application around the core holds no rule of the job: its pages cannot reach the engine. Read by PHPStan. */
final class AppTest
{
    private const ENGINE = ['Nailrod\Core\Engine\Run', 'Nailrod\Core\Engine\Program', 'Nailrod\Core\Engine\Simulator'];

    public function test_requests_and_pages_do_not_run_the_engine(): Rule
    {
        return PHPat::rule()
            ->classes(
                Selector::inNamespace('App\Http'),
                Selector::inNamespace('App\View'),
                Selector::inNamespace('App\Models'),
            )
            ->shouldNotDependOn()
            ->classes(...array_map(Selector::inNamespace(...), self::ENGINE))
            ->because(
                'they ask the live session or the set store; how an input becomes an output is decided in the core',
            );
    }

    public function test_controllers_do_not_shape_or_decide(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Http\Controllers'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('Nailrod\Core\Mapping\Axis'),
                Selector::inNamespace('Nailrod\Core\Mapping\Behaviour'),
                Selector::inNamespace('Nailrod\Core\Mapping\Action'),
            )
            ->because('a controller validates, calls the core or a model, and returns a view');
    }

    public function test_storage_knows_no_requests(): Rule
    {
        return PHPat::rule()
            ->classes(
                Selector::inNamespace('App\Models'),
                Selector::inNamespace('App\Sets'),
                Selector::inNamespace('App\Memory'),
            )
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('App\Http'),
                Selector::inNamespace('App\View'),
                Selector::inNamespace('Illuminate\Http'),
            )
            ->because('what is stored is used by pages, commands and live sessions alike');
    }
}
