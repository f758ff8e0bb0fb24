<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Revision;
use App\Sets\SetStore;
use App\View\Make\Shape\Comparison;
use App\View\Make\Shape\Handle;
use App\View\Make\ShapeView;
use App\View\Place;
use App\View\Plot;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Mapping\Made\Above;
use Nailrod\Core\Mapping\Made\Threshold;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\ShapeEdits;
use Tests\Core\DemoSets;
use Tests\TestCase;

/** What the forms of the Shape place do. */
final class ShapeTest extends TestCase
{
    /** @param array<string, mixed> $fields */
    private function send(string $path, array $fields, string $set = 'skerrywing'): TestResponse
    {
        $axis = is_string($fields['axis'] ?? null) ? $fields['axis'] : '';

        return $this->from('/sets/'.$set.'/shape?axis='.$axis)->post(
            '/sets/'.$set.'/'.$path,
            $fields + ['from' => app(SetStore::class)->open($set)->head_id],
        );
    }

    private function current(string $set = 'skerrywing'): BindingSet
    {
        return app(SetStore::class)->current(app(SetStore::class)->open($set));
    }

    private function look(string $query, string $set = 'skerrywing'): ShapeView
    {
        return new ShapeView(Place::open(app(SetStore::class), $set, 'shape'), ShapeView::query('?'.$query));
    }

    private function compare(string $with): Comparison
    {
        $comparison = $this->look('axis=fennel/left-lever&with='.$with)->comparison();
        $this->assertNotNull($comparison);

        return $comparison;
    }

    public function test_each_thing_is_put_on_the_picture_typed_and_taken_away(): void
    {
        $lever = 'fennel/friction';
        $this->send('shape/add', ['axis' => $lever, 'what' => 'point', 'travel' => '0.6'])->assertSessionHasNoErrors();
        $this->send(
            'shape/curve',
            ['axis' => $lever, 'kind' => 'points', 'x' => ['0', '25', '60', '100'], 'y' => ['0', '10', '40', '100']],
        );
        $this->assertSame(
            [[0.0, 0.0], [0.25, 0.1], [0.6, 0.4], [1.0, 1.0]],
            $this->current()->shapings[$lever]->curve->points ?? null,
        );
        $this->send('shape/remove', ['axis' => $lever, 'what' => 'point', 'index' => '1']);
        $this->assertCount(3, $this->current()->shapings[$lever]->curve->points ?? []);
        $this->send('shape/add', ['axis' => $lever, 'what' => 'notch', 'travel' => '0.6']);
        $this->assertSame([0.4], $this->current()->shapings[$lever]->notches->at);
        $this->send(
            'shape/notches',
            ['axis' => $lever, 'kind' => 'stepped', 'at' => ['0', '50', '100'], 'hysteresis' => '3'],
        );
        $this->assertSame(
            [[0.0, 0.5, 1.0], 0.03],
            [$this->current()->shapings[$lever]->notches->at, $this->current()->shapings[$lever]->notches->hysteresis],
        );
        $this->send('shape/notches', ['axis' => $lever, 'kind' => 'none'])->assertSessionHas(
            'said',
            'Friction slider, notches: sends only 0 %, 50 %, 100 %; it changes 3 % past the middle between two → not '
                .'said here',
        );
        $this->send('shape/add', ['axis' => $lever, 'what' => 'stop', 'travel' => '0.6']);
        $this->assertSame('Stop', $this->current()->stops['stop']->name);
        $this->send('shape/add', ['axis' => $lever, 'what' => 'threshold', 'travel' => '0.2']);
        $this->send(
            'shape/made',
            [
                'id' => 'threshold', 'name' => 'Fuel cut', 'kind' => 'between', 'of' => [$lever],
                'looks_at' => 'travel', 'at' => '20', 'to' => '30', 'hysteresis' => '2',
            ],
        );
        $this->assertSame(
            'Closes while the travel of Friction slider is between 20 % and 30 %, and opens 2 % outside.',
            $this->look('axis='.$lever)->made->sentenceOf($this->current()->made['threshold']),
        );
        $this->send('shape/add', ['axis' => $lever, 'what' => 'zones']);
        $this->send('shape/remove', ['axis' => 'zones-of-friction-slider', 'what' => 'bound', 'index' => '0']);
        $this->assertCount(2, $this->current()->made['zones-of-friction-slider']->contacts());
        $this->send('shape/remove', ['axis' => 'threshold', 'what' => 'made']);
        $this->assertArrayNotHasKey('threshold', $this->current()->made);
    }

    public function test_a_threshold_that_is_added_where_the_hand_is_is_never_closed_at_rest(): void
    {
        $set = $this->current();
        foreach ($set->shapings as $ref => $shaping) {
            foreach ([0.0, 0.1, 0.29, 0.49, 0.5, 0.51, 0.7, 1.0] as $travel) {
                $added = (new Assembly(new DemoSets))->assemble(
                    (new ShapeEdits($set))->add((string) $ref, 'threshold', $travel, (string) $ref),
                );
                $new = array_values(array_diff_key($added->made, $set->made))[0] ?? null;
                assert($new instanceof Threshold);
                $rest = $shaping->restTravel();
                $this->assertSame($new->at > $rest ? 'above' : 'below', $new::kind(), $ref.' at '.$travel);
                $this->assertTrue(
                    $new instanceof Above ? $rest < $new->at - $new->hysteresis : $rest > $new->at + $new->hysteresis,
                    $ref.' at '.$travel.' is open at rest',
                );
            }
        }
        // With the hand away from it, half-way to the end.
        $this->send('shape/add', ['axis' => 'fennel/friction', 'what' => 'threshold', 'travel' => '0.01']);
        $this->send('shape/add', ['axis' => 'gorse/twist', 'what' => 'threshold', 'travel' => '0.5']);
        $this->assertSame(
            [0.5, 0.75],
            array_map(
                fn (string $id): float => $this->current()->made[$id] instanceof Threshold
                    ? $this->current()->made[$id]->at
                    : 0.0,
                ['threshold', 'threshold-2'],
            ),
        );
    }

    public function test_on_a_centred_axis_places_count_from_the_centre(): void
    {
        $this->send(
            'shape/dead_zones',
            ['axis' => 'gorse/twist', 'centred' => '1', 'low' => '0', 'high' => '0', 'rest' => '10'],
        )
            ->assertSessionHas(
                'said',
                'Twist, dead zones: as inherited, 6 % each side of rest counts for nothing → 10 % each side of rest '
                    .'counts for nothing',
            );
        $this->assertSame(0.05, $this->current()->shapings['gorse/twist']->zones->rest);
        $this->send('shape/range', ['axis' => 'gorse/twist', 'centred' => '1', 'low' => '-50', 'high' => '100']);
        $this->assertSame(
            [0.25, 1.0],
            [
                $this->current()->shapings['gorse/twist']->range->low,
                $this->current()->shapings['gorse/twist']->range->high,
            ],
        );
        $this->get(
            '/sets/skerrywing/shape?axis=gorse/twist',
        )->assertSee('The whole travel sends -50 % to +100 %.')->assertSee('value="-50"', false);
        $figures = $this->look('axis=gorse/twist')->figures();
        $this->assertSame('is lost in the range: it gives -50 % there', $figures->rows()['-100 %']);
        $this->assertSame(['At rest it sends +25 %, not the centre.'], $figures->tuner->notices());
    }

    public function test_a_look_ahead_saves_nothing(): void
    {
        $before = Revision::query()->count();
        $line = fn (TestResponse $page): string => (string) preg_replace(
            '/.*data-line="line" d="([^"]+)".*/s',
            '$1',
            (string) $page->getContent(),
        );
        $now = $line($this->get('/sets/skerrywing/shape?axis=fennel/friction'));
        $ahead = $this->send(
            'shape/range',
            ['axis' => 'fennel/friction', 'low' => '20', 'high' => '100', 'preview' => '1'],
        )->assertOk()->assertSee('The whole travel sends 20 % to 100 %.');
        $this->assertStringStartsWith('M70 454L', $now);
        $this->assertStringStartsWith('M70 366L', $line($ahead));
        $this->assertSame($before, Revision::query()->count());
        $this->send(
            'shape/range',
            ['axis' => 'fennel/friction', 'low' => '90', 'high' => '10', 'preview' => '1'],
        )->assertStatus(303);
    }

    public function test_a_curve_is_fitted_by_pressing_and_a_bite_point_by_trying(): void
    {
        $this->send('shape/fit', ['axis' => 'sedge/left-toe', 'travel' => '0.7', 'sends' => '60']);
        $this->assertEqualsWithDelta(0.6, $this->current()->shapings['sedge/left-toe']->shape(0.7), 1e-6);
        $this->send('shape/fit', ['axis' => 'sedge/left-toe', 'travel' => '1', 'sends' => '60'])->assertSessionHas(
            'problem',
            'Where the hand is: found 100 %, expected a place between rest and the end, outside the dead zones.',
        );
        $this->send('shape/bite', ['axis' => 'clutch', 'first' => '0.75', 'second' => '0'], 'house')
            ->assertSessionHas(
                'said',
                'Clutch: Left clutch paddle alone reaches 60 %, Right clutch paddle alone 40 %, both together 100 % '
                    .'→ Left clutch paddle alone reaches 45 %, Right clutch paddle alone 55 %, both together 100 %',
            );
        $this->send(
            'shape/bite',
            ['axis' => 'clutch', 'first' => '0.75', 'second' => '0.6'],
            'house',
        )->assertSessionHas('problem');
    }

    public function test_a_shape_to_begin_with_is_one_revision(): void
    {
        $before = Revision::query()->count();
        $this->send('shape/begin', ['axis' => 'fennel/right-lever', 'what' => 'idle'])->assertSessionHasNoErrors();
        $this->assertSame($before + 1, Revision::query()->count());
        $this->assertSame(
            [['idle', 'cruise'], ['clutch', 'fuel-cut']],
            [array_keys($this->current()->stops), array_keys($this->current()->made)],
        );
        $this->send('shape/begin', ['axis' => 'fennel/right-lever', 'what' => 'none'])->assertSessionHas('problem');
        $this->get(
            '/sets/skerrywing/shape?axis=fennel/right-lever&tab=more',
        )->assertSee('Brake by load')->assertDontSee('Stick for fine aim');
        $this->get(
            '/sets/skerrywing/shape?axis=gorse/twist&tab=more',
        )->assertSee('Stick for fine aim')->assertDontSee('Brake by load');
    }

    public function test_shaping_is_copied_to_a_pair_and_to_another_set(): void
    {
        $this->assertSame('fennel/right-lever', $this->look('axis=fennel/left-lever')->partner());
        $this->send('shape/curve', ['axis' => 'fennel/left-lever', 'kind' => 'expo', 'k' => '40']);
        $this->send(
            'shape/copy',
            [
                'axis' => 'fennel/left-lever', 'parts' => ['curve', 'notches'], 'to' => ['fennel/right-lever'],
                'target' => 'skerrywing',
            ],
        );
        $this->assertSame(
            ['kind' => 'expo', 'k' => 0.4],
            $this->current()->merged->value(PartPath::axis('fennel/right-lever', 'curve')),
        );
        $this->send(
            'shape/copy',
            ['axis' => 'fennel/left-lever', 'parts' => ['curve'], 'to' => ['fennel/left-lever'], 'target' => 'marl'],
        )
            ->assertSessionHas(
                'said',
                'In Marl truck: Left lever, curve: not said here → expo 40 %: calm at the start, quicker at the end',
            );
        $this->assertSame('marl', $this->current('marl')->merged->origin(PartPath::axis('fennel/left-lever', 'curve')));
        $this->send(
            'shape/copy',
            [
                'axis' => 'gorse/twist', 'parts' => ['dead_zones'], 'to' => ['fennel/left-lever'],
                'target' => 'skerrywing',
            ],
        )->assertSessionHas('problem');
    }

    public function test_a_truck_has_a_rotation_of_its_own_and_gives_it_back(): void
    {
        $this->assertSame(480, $this->current('marl')->shapings['rowan/wheel']->rotation->used);
        $this->assertSame(1080, $this->current('hairpin-ladder')->shapings['rowan/wheel']->rotation->used);
        $this->get('/sets/marl/shape?axis=rowan/wheel')
            ->assertSee('value="480"', false)
            ->assertSee('end-stop 80 % beyond 240')
            ->assertSee('give back');
        $this->send('give-back', ['path' => 'settings/rowan/rotation'], 'marl');
        $this->get('/sets/marl/shape?axis=rowan/wheel')->assertSee('value="1080"', false)->assertDontSee('beyond 240');
    }

    public function test_the_picture_shows_a_part_two_axes_and_what_is_compared(): void
    {
        $near = $this->look('axis=fennel/left-lever&zoom=low');
        $this->assertSame([0.0, 0.05], $near->plot->across);
        $this->assertSame(['zone-low', 'range-low'], array_map(fn (Handle $handle) => $handle->id, $near->handles()));
        $two = $this->look('axis=rowan/left-paddle&two=rowan/right-paddle')->two();
        $this->assertNotNull($two);
        $this->assertSame(['20 %', '40 %', '60 %', '80 %'], array_keys($two->contours($two->built()['clutch'])));
        $this->assertNull($this->look('axis=rowan/left-paddle&two=rowan/left-paddle')->two());
        $this->assertNotNull($this->compare('axis:gorse/finger')->line(Plot::large()));
        $this->assertNull($this->compare('axis:none')->line(Plot::large()));
        $this->assertNull($this->compare('revision:999')->line(Plot::large()));
        $first = app(SetStore::class)->open('skerrywing')->head_id;
        $this->send('shape/curve', ['axis' => 'fennel/left-lever', 'kind' => 'expo', 'k' => '40']);
        $compared = $this->compare('revision:'.$first);
        $this->assertSame(
            $compared->parentLine(Plot::large()),
            $compared->line(Plot::large()),
            'before the edit it was as the parent has it',
        );
        $this->assertArrayHasKey('revision:'.$first, $compared->choices());
    }

    public function test_handles_stand_for_their_fields(): void
    {
        $this->send(
            'shape/dead_zones',
            ['axis' => 'gorse/twist', 'centred' => '1', 'low' => '10', 'high' => '4', 'rest' => '6'],
        );
        $this->send(
            'shape/curve',
            [
                'axis' => 'gorse/twist', 'centred' => '1', 'kind' => 'points', 'x' => ['-100', '0', '40', '100'],
                'y' => ['-100', '0', '20', '100'],
            ],
        );
        $now = [];
        foreach ($this->look('axis=gorse/twist')->handles() as $handle) {
            $now[$handle->id] = $handle->now();
        }
        $this->assertSame(
            [
                'zone-low' => '10', 'zone-high' => '4', 'zone-rest' => '6', 'point-0' => '-100', 'point-1' => '0',
                'point-2' => '40', 'point-3' => '100', 'range-low' => '-100', 'range-high' => '100',
            ],
            $now,
        );
    }

    public function test_an_axis_hands_its_output_over_as_its_cell_says(): void
    {
        $cell = ['layer' => 'base', 'ref' => 'fennel/left-lever'];
        $this->send('cells/hand-over', $cell + ['taking' => 'pick up', 'leaving' => 'keep'])->assertSessionHas(
            'said',
            'Left lever in Cruise: Power → Power, picks the output up when it passes where that stands',
        );
        $this->send(
            'cells',
            $cell + ['does' => 'mouse movement', 'output' => ['direction-mouse-step' => 'y', 'speed' => '500']],
        );
        $this->assertSame(
            'mouse up and down, up to 500 px a second',
            $this->current()->cell('base', 'fennel/left-lever')?->outputs[0]->inWords(new PlainNames),
        );
        $this->assertTrue($this->current()->cell('base', 'fennel/left-lever')->over?->picksUp);
        $this->send('cells/hand-over', $cell + ['taking' => 'hope'])->assertSessionHas(
            'problem',
            'Left lever in Cruise, when this layer comes: found "hope", expected one of at once, pick up.',
        );
        $this->get('/sets/skerrywing/assign?device=made')->assertOk()->assertSee('Clutch');
    }

    public function test_what_is_typed_wrongly_is_told_with_its_place(): void
    {
        $this->send(
            'shape/curve',
            ['axis' => 'fennel/friction', 'kind' => 'points', 'x' => ['0', '60', '40'], 'y' => ['0', '10', '40']],
        )
            ->assertSessionHas(
                'problem',
                'Friction slider, curve, point 3, across: found 40 %, expected a number above that of the point '
                    .'before, 60 %.',
            );
        $this->send(
            'shape/notches',
            ['axis' => 'fennel/friction', 'kind' => 'flat', 'at' => ['20', 'x']],
        )->assertSessionHas(
            'problem',
            'Friction slider, notches, notch 2: found "x", expected a number from 0 % to 100 %.',
        );
        $this->send(
            'shape/made',
            [
                'id' => 'x', 'name' => 'X', 'kind' => 'above', 'of' => ['fennel/friction'], 'at' => '1',
                'hysteresis' => '2',
            ],
        )->assertSessionHas('problem');
        $this->send('shape/add', ['axis' => 'fennel/none', 'what' => 'point'])->assertSessionHas(
            'problem',
            'Axis: found something that is not there, expected an axis of the rig.',
        );
        $this->send('shape/add', ['axis' => 'fennel/friction', 'what' => 'cake'])->assertSessionHas('problem');
    }
}
