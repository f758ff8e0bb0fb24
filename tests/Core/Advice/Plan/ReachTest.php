<?php

declare(strict_types=1);

namespace Tests\Core\Advice\Plan;

use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/**
 * What a cell does by a variable counts as reached, if the game lets it be written and it does what the action does.
 */
final class ReachTest extends TestCase
{
    /** @param array<string, mixed> $output */
    private static function with(array $output, string $ref = 'bracken/push-12'): BindingSet
    {
        $set = DemoSets::skerrywing();

        return DemoSets::skerrywing($set->merged->own->with(
            PartPath::cell('base', $ref),
            (isset($set->rig->axes[$ref]) ? [] : ['behaviour' => ['kind' => 'follow']]) + ['outputs' => [$output]],
        ));
    }

    /**
     * @param array<string, mixed> $output
     * @param list<string>         $reached
     */
    #[TestWith([['kind' => 'on/off variable', 'name' => 'anchor', 'on' => 1, 'off' => 0], ['anchor']])]
    #[TestWith([['kind' => 'swap variable', 'name' => 'anchor', 'first' => 1, 'second' => 0], ['anchor']])]
    #[TestWith([['kind' => 'set variable', 'name' => 'anchor', 'to' => 1], []])]
    #[TestWith([['kind' => 'set variable', 'name' => 'mooring', 'to' => 1], ['make-fast']])]
    #[TestWith([['kind' => 'set variable', 'name' => 'mooring', 'to' => 0.5], []])]
    #[TestWith([['kind' => 'on/off variable', 'name' => 'mooring', 'on' => 1, 'off' => 0], ['make-fast', 'cast-off']])]
    #[TestWith([['kind' => 'on/off variable', 'name' => 'bilge', 'on' => 1, 'off' => 0], []])]
    public function test_by_its_variable(array $output, array $reached): void
    {
        $spots = Reach::of(self::with($output))->byAction;
        $at = array_keys(array_filter(
            $spots,
            fn (array $of) => array_filter($of, fn ($spot) => $spot->ref === 'bracken/push-12') !== [],
        ));
        $this->assertEqualsCanonicalizing($reached, $at);
    }

    public function test_an_axis_that_writes_the_variable_that_an_action_follows(): void
    {
        $catalogue = DemoSets::skerrywing()->catalogue ?? throw new \LogicException;
        foreach ($catalogue->actions as $action) {
            if ($action->isAxis()) {
                $spots = Reach::of(self::with(
                    ['kind' => 'axis variable', 'name' => $action->effect->variable, 'low' => 0, 'high' => 1],
                    'gorse/finger',
                ))->spots($action->id);
                $this->assertSame(
                    $action->byVariable,
                    in_array('base/gorse/finger', array_map(strval(...), $spots), true),
                    $action->id,
                );
            }
        }
    }
}
