<?php

declare(strict_types=1);

namespace Tests\Core\Rig\Panel;

use Nailrod\Core\Rig\Panel\Icons;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class IconsTest extends TestCase
{
    /** @return iterable<string, array{list<string>, string}> role, name and group, and what is guessed */
    public static function guesses(): iterable
    {
        yield 'a role of one word' => [['talk', 'Talk', 'radio'], 'mic'];
        yield 'the rarer of two words' => [['hazard lights', '', ''], 'triangle-alert'];
        yield 'which way it goes is not what it is' => [['heat on', 'Pitot heat on', 'lights'], 'heater'];
        yield 'no role: its name' => [['', 'Start the run anew', 'run'], 'rotate-ccw'];
        yield 'neither: its group' => [['qwertz', 'Zzyzx', 'mail'], 'mail'];
        yield 'nothing fits' => [['qwertz', 'Zzyzx', 'plugh'], ''];
    }

    /** @param list<string> $about */
    #[DataProvider('guesses')]
    public function test_an_icon_is_guessed_from_what_a_tile_does(array $about, string $icon): void
    {
        $this->assertSame($icon, Icons::guess(...$about));
    }

    public function test_every_icon_is_drawn_found_by_words_and_has_a_label_of_its_own(): void
    {
        $shapes = ['path', 'circle', 'rect', 'line', 'polyline', 'polygon', 'ellipse'];
        foreach (array_keys(Icons::words()) as $name) {
            $this->assertNotSame([], Icons::shapes($name), $name);
            foreach (Icons::shapes($name) as [$shape, $attributes]) {
                $this->assertContains($shape, $shapes, $name);
                $this->assertSame([], preg_grep('/^[a-z0-9]+$/', array_keys($attributes), PREG_GREP_INVERT), $name);
            }
        }
        $labels = array_map(Icons::label(...), array_keys(Icons::words()));
        $this->assertSame([], array_diff_key($labels, array_unique($labels)));
        $this->assertSame([false, '', []], [Icons::has('nope'), Icons::label('nope'), Icons::shapes('nope')]);
    }
}
