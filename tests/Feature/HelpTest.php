<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\View\HelpPages;
use App\View\Places;
use App\View\Terms;
use Tests\TestCase;

/** Why and how of each place. */
final class HelpTest extends TestCase
{
    public function test_every_place_has_a_page_of_half_a_page_with_a_picture_that_is_there(): void
    {
        foreach (Places::all() as $address => $entry) {
            $label = $entry->label;
            $name = HelpPages::nameOf($address);
            $this->assertArrayHasKey($name, HelpPages::all(), $label);
            $text = HelpPages::text($name)->toHtml();
            $words = str_word_count(strip_tags($text));
            $this->assertTrue($words >= 60 && $words <= 180, $label.' has '.$words.' words');
            $this->assertSame(['Why', 'How'], preg_match_all('#<h2>(.*?)</h2>#', $text, $m) > 0 ? $m[1] : []);
            $this->assertFileExists(HelpPages::picture($name));
            $this->get('/sets/skerrywing/help/'.$name)->assertOk()->assertSee('why and how')->assertSee('Go there');
            $this->assertSame('image/png', $this->get('/help/'.$name.'.png')->assertOk()->headers->get('Content-Type'));
        }
        // And no page is about a place that is not there.
        $this->assertCount(count(HelpPages::all()), glob(resource_path('help/*.md')) ?: []);
    }

    public function test_it_is_found_by_its_place_and_what_is_not_there_is_not_found(): void
    {
        $found = $this->getJson('/sets/skerrywing/find?q=shape+why')->assertOk()->json('found');
        $this->assertSame(['help page', '/sets/skerrywing/help/shape'], [$found[0]['kind'], $found[0]['to']]);
        $this->get('/sets/skerrywing/help/cellar')->assertNotFound();
        $this->get('/help/cellar.png')->assertNotFound();
        $this->get('/sets/skerrywing/shape')->assertSee('data-from="'.url('/sets/skerrywing/help/shape').'"', false);
        $this->get('/sets/skerrywing/rig?do=measure')->assertSee('/help/rig-measure', false);
    }

    public function test_a_term_is_explained_where_it_stands_in_words_that_are_no_term_themselves(): void
    {
        foreach (Terms::all() as $term) {
            $says = (string) Terms::says($term);
            $this->assertMatchesRegularExpression('/^[A-Z].*\.$/s', $says, $term);
            $this->assertLessThan(200, mb_strlen($says), $term);
        }
        $this->assertNull(Terms::says('spoon'));
        $this->get('/sets/skerrywing/store?device=fennel')->assertSee('One half of the memory.');
        $this->get('/sets/skerrywing/actions')->assertSee('What an action is for, in the same words in every game');
        $this->get('/sets/skerrywing/shape')->assertSee('Parts of the travel where nothing changes');
    }
}
