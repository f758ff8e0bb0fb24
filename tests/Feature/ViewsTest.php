<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Sets\SetStore;
use App\View\FlatFields;
use App\View\Make\AssignView;
use App\View\Make\ShapeView;
use App\View\Place;
use App\View\Plot;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\ShapeEdits;
use Tests\TestCase;

/** What the pages are given to show. */
final class ViewsTest extends TestCase
{
    private function place(string $set = 'skerrywing', string $name = 'shape'): Place
    {
        return Place::open(app(SetStore::class), $set, $name);
    }

    /** @param callable(Edits, BindingSet): SetDocument $change */
    private function edit(callable $change, string $set = 'skerrywing'): void
    {
        $store = app(SetStore::class);
        $store->edit(
            $set,
            (int) $store->open($set)->head_id,
            'you',
            fn (BindingSet $base) => $change(new Edits($base), $base),
        );
    }

    public function test_the_line_of_a_plot_follows_the_shape_and_the_shut_stops(): void
    {
        $this->edit(fn (Edits $edits) => $edits->stop(
            'cruise',
            ['name' => 'Cruise', 'axes' => ['fennel/friction'], 'at' => 0.5, 'opens' => 'held'],
            null,
        ));
        $view = new ShapeView($this->place(), ShapeView::query('?axis=fennel/friction'));
        $plot = new Plot(0, 0, 100, 100);
        $held = explode('L', substr($plot->line($view->shaping(), array_values($view->stops->all)), 1));
        $this->assertSame('M0 100L100 0', $plot->line($view->shaping()), 'a line that is straight has two ends');
        $curved = explode(
            'L',
            substr($plot->line((new ShapeView($this->place(), ShapeView::query('?axis=gorse/x')))->shaping()), 1),
        );
        $this->assertSame(
            [241, '0 100', '50 50.26', '100 0'],
            [count($curved), $curved[0], $curved[120], $curved[240]],
        );
        $this->assertSame(['0 100', '50 50', '100 50'], [$held[0], $held[120], $held[240]]);
        $this->assertSame([25.0, 75.0], [$plot->x(0.25), $plot->y(0.25)]);
    }

    private function parentLine(Place $place): ?string
    {
        $comparison = (new ShapeView($place, ShapeView::query('?axis=fennel/left-lever')))->comparison();
        $this->assertNotNull($comparison);

        return $comparison->parentLine(Plot::large());
    }

    public function test_the_line_of_the_parent_is_drawn_only_where_it_differs(): void
    {
        $this->assertNull($this->parentLine($this->place()));
        $this->edit(fn (Edits $edits, BindingSet $base) => (new ShapeEdits($base))->shape(
            'fennel/left-lever',
            'curve',
            ['kind' => 'expo', 'k' => 0.5],
        ));
        $this->assertNotNull($this->parentLine($this->place()));
        $this->assertNull($this->parentLine($this->place('house')));
    }

    public function test_an_origin_says_whose_word_holds(): void
    {
        $part = PartPath::axis('fennel/left-lever', 'dead_zones');
        $this->assertSame([false, 'House', true], array_values((array) $this->place()->originOf($part)));
        $this->assertSame([true, 'House', false], array_values((array) $this->place('house')->originOf($part)));
        $this->assertNull($this->place()->originOf(PartPath::axis('gorse/finger', 'curve')));
    }

    public function test_a_stop_that_is_not_there_yet_gets_a_free_name(): void
    {
        $this->assertSame('stop-1', (new ShapeView($this->place(), ShapeView::query('?axis=')))->stops->freeId());
        $this->edit(fn (Edits $edits) => $edits->stop(
            'stop-2',
            ['name' => 'S', 'axes' => ['fennel/friction'], 'at' => 0.5, 'opens' => 'held'],
            'fennel/left-thumb',
        ));
        $view = new ShapeView($this->place(), ShapeView::query('?axis=fennel/friction'));
        $this->assertSame('stop-3', $view->stops->freeId());
        $this->assertSame('fennel/left-thumb', $view->stops->openerOf($view->stops->all['stop-2']));
        $this->assertSame('Left thumb', $view->stops->openers(null)['fennel/left-thumb']);
        $this->assertArrayNotHasKey('gorse/button-1', $view->stops->openers(null));
        $this->edit(fn (Edits $edits) => $edits->stop(
            'stop-2',
            ['name' => 'S', 'axes' => ['fennel/friction'], 'at' => 0.5, 'opens' => 'held'],
            'bracken/push-12',
        ));
        $view = new ShapeView($this->place(), ShapeView::query('?axis=fennel/friction'));
        $this->assertSame('Bracken · Push 12', $view->stops->openers($view->stops->all['stop-2'])['bracken/push-12']);
    }

    public function test_what_can_be_chosen_says_what_it_does_already(): void
    {
        $already = $this->get('/sets/skerrywing/already')->assertOk()->json();
        $this->assertSame(
            'Cruise: Drop a sack; On water: Cast mooring off',
            $already['said']['control']['fennel/mark'],
        );
        $this->assertSame([['layer', 'water']], $already['leads']['fennel/ring']);
        $this->assertSame(
            ['Fennel · Mark button', 'Gorse · Stick X'],
            [$already['names']['contact']['fennel/mark'], $already['names']['axis']['gorse/stick.x']],
        );
        $this->assertSame(0xE9, $already['media']['AudioVolumeUp']);
        $this->get('/sets/house/already')->assertOk();
        $this->get('/sets/none/already')->assertNotFound();
    }

    public function test_the_comb_has_a_row_for_all_that_can_be_assigned_and_knows_what_reaches_an_action(): void
    {
        $view = new AssignView($this->place(name: 'assign'), 'fennel', 'base', '');
        $rows = array_column($view->comb->rows(), 'number', 'ref');
        $this->assertCount(3 + 4 + 6 + 3 + 4 + 2, $rows);
        $this->assertSame(
            ['a1', '31', '¬31', '44'],
            [
                $rows['fennel/left-lever'], $rows['fennel/switch-1.up'], $rows['fennel/switch-1.down'],
                $rows['fennel/dial.4'],
            ],
        );
        $this->assertSame(
            ['base/fennel/mark', 'base/clover/sack', 'base/clover/three'],
            array_map(strval(...), $view->actions->reaching()['drop-sack']),
        );
        $this->assertSame(['base' => 'base', 'water' => 'hold Ring lever'], $view->holders());
        $other = new AssignView($this->place(name: 'assign'), 'fennel', 'none', 'gorse/hat.north');
        $this->assertSame(['gorse', 'base'], [$other->device?->id, $other->layer]);
    }

    public function test_the_history_is_told_from_the_newest_back_and_forgets_what_was_undone(): void
    {
        $this->edit(fn (Edits $edits, BindingSet $base) => (new ShapeEdits($base))->shape(
            'gorse/finger',
            'curve',
            ['kind' => 'expo', 'k' => 0.1],
        ));
        $this->edit(fn (Edits $edits, BindingSet $base) => (new ShapeEdits($base))->shape(
            'gorse/finger',
            'curve',
            ['kind' => 'expo', 'k' => 0.2],
        ));
        $store = app(SetStore::class);
        $store->undo('skerrywing', (int) $store->open('skerrywing')->head_id);
        $place = $this->place();
        $this->assertSame(
            [
                'Finger lever, curve: not said here → expo 10 %: calm at the start, quicker at the end',
                'Loaded from the demo files.',
            ],
            array_map(fn ($r) => $r->sentence, $place->history()),
        );
        $this->assertSame(
            ['Finger lever, curve: not said here → expo 10 %: calm at the start, quicker at the end'],
            array_map(fn ($r) => $r->sentence, $place->history(1)),
        );
        $this->assertStringContainsString('expo 20 %', (string) $place->redo);
    }

    public function test_addresses_and_fields_for_a_second_try(): void
    {
        $this->assertSame(
            ['shape', 'rig', 'rig'],
            array_map(Place::nameIn(...), ['http://x/sets/a/shape?axis=b', 'http://x/sets/a/none', '']),
        );
        $this->assertSame(
            ['a' => '1', 'b[0]' => 'x', 'b[1]' => 'y', 'c[d]' => ''],
            FlatFields::flat(['a' => 1, 'b' => ['x', 'y'], 'c' => ['d' => false], 'e' => null]),
        );
    }

    public function test_keys_are_typed_on_paper_and_what_is_no_key_or_no_layout_is_told(): void
    {
        $typed = fn (string $keys, string $layout = 'us') => $this->get(
            '/sets/skerrywing/typed?layout='.$layout.'&keys='.$keys,
        );
        $typed(
            'KeyY.1,KeyY.0,ShiftLeft.1,KeyY.1,KeyY.0,ShiftLeft.0,Enter.1',
        )->assertOk()->assertExactJson(['text' => "yY\n"]);
        $typed('KeyY.1', 'german')->assertExactJson(['text' => 'z']);
        $typed('Nonsense.1,,.,KeyA')->assertOk()->assertExactJson(['text' => '']);
        $typed('KeyA.1', '../us')->assertOk();
        $typed('KeyA.1', 'nowhere')->assertStatus(422);
    }
}
