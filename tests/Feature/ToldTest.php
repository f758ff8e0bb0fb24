<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Sets\SetStore;
use Nailrod\Core\Check\Checks;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\SetDocument;
use Tests\TestCase;

/** What a check finds is told in one way, wherever what it is about is shown. */
final class ToldTest extends TestCase
{
    public function test_every_finding_is_told_on_plan_and_on_assign_and_those_of_layers_and_macros_at_their_places(): void
    {
        $button = fn (int $number): array => ['kind' => 'button', 'number' => $number];
        $pulse = fn (array $output): array => ['behaviour' => ['kind' => 'pulse', 'width_ms' => 60], 'outputs' => [$output]];
        $store = app(SetStore::class);
        $store->create(SetDocument::read(Node::of([
            'format' => SetDocument::FORMAT, 'version' => 1, 'id' => 'odd', 'name' => 'Odd', 'parent' => 'house', 'simulator' => 'hairpin-ladder',
            'layers' => ['night' => ['name' => 'Night'], 'day' => ['name' => 'Day']],
            'cells' => ['base' => ['rowan/button-9' => $pulse(['kind' => 'go to layer', 'layer' => 'night']), 'rowan/button-10' => $pulse($button(40)), 'rowan/button-11' => $pulse($button(7)), 'rowan/button-12' => $pulse($button(7))]],
            'macros' => ['greet' => ['name' => 'Greet', 'steps' => [['do' => 'type', 'text' => 'Ж1', 'layout' => 'us', 'ms' => 20]]]],
        ])), 95, 'you', 'Begun.');
        $set = $store->current($store->open('odd'));
        $told = array_map(fn ($finding): string => $finding->sentence, Checks::over($set));
        $this->assertGreaterThan(5, count($told));
        foreach (['/sets/odd/plan', '/sets/odd/told'] as $place) {
            $page = $this->get($place)->assertOk();
            foreach ($told as $sentence) {
                $page->assertSeeText(rtrim($sentence, '.'));
            }
        }
        foreach (['/sets/odd/layers' => ['Night has no way out', 'Nothing leads to Day'], '/sets/odd/assign?device=rowan&layer=base&ref=rowan%2Fbutton-9' => ['Night has no way out', 'Nothing leads to Day'], '/sets/odd/macros?macro=greet' => ['US English has no key for Ж']] as $place => $begins) {
            $page = $this->get($place)->assertOk();
            foreach ($begins as $begin) {
                $sentence = array_values(preg_grep('/'.preg_quote($begin, '/').'/', $told) ?: [])[0] ?? '';
                $this->assertNotSame('', $sentence, $begin.' is found by a check');
                $page->assertSeeText((string) preg_replace('/^Greet: /', '', $sentence));
            }
        }
    }
}
