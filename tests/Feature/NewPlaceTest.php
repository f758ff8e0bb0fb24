<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\View\PlaceEntry;
use App\View\Places;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\View;
use Tests\Kinds\Weather;
use Tests\TestCase;

/** A new place is one line, what shows it and its view: the rest goes by the list. */
final class NewPlaceTest extends TestCase
{
    protected function setUp(): void
    {
        Places::add(new PlaceEntry('weather', 'Weather', 'Prove', [Weather::class, 'show']));
        parent::setUp();
        View::addLocation(__DIR__.'/../Kinds/views');
    }

    protected function tearDown(): void
    {
        Places::forgetAdded();
        parent::tearDown();
    }

    public function test_it_has_a_route_stands_in_the_head_and_is_found(): void
    {
        $page = (string) $this->get('/sets/skerrywing/weather')
            ->assertOk()
            ->assertSee('Weather over Skerrywing')
            ->getContent();
        $this->assertMatchesRegularExpression(
            '#href="[^"]*/sets/skerrywing/weather"[^>]*aria-current="page"[^>]*>Weather</a>#',
            $page,
        );
        $this->assertMatchesRegularExpression('#aria-current="true"[^>]*>Prove</a>#', $page);
        $this->get('/sets/skerrywing/bench')->assertSee('>Weather</a>', false);
        $found = $this->getJson('/sets/skerrywing/find?q=weather')->assertOk()->json('found');
        $this->assertSame(
            ['place', 'Weather', '/sets/skerrywing/weather'],
            [$found[0]['kind'], $found[0]['name'], $found[0]['to']],
        );
        $this->get('/sets/no-such-set/weather')->assertNotFound();
    }

    public function test_without_it_there_is_none(): void
    {
        Places::forgetAdded();
        $this->refreshApplication();
        $this->assertArrayNotHasKey('weather', Places::pages());
        $this->assertFalse(Route::has('weather'));
    }

    public function test_every_place_is_in_a_group_and_somebody_shows_it(): void
    {
        foreach (Places::all() as $entry) {
            $this->assertContains($entry->group, Places::GROUPS);
            $this->assertTrue(method_exists(...$entry->shownBy), $entry->address);
            $this->assertSame($entry->label, Places::labelOf($entry->address));
        }
    }
}
