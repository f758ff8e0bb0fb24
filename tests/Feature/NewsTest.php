<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Rig\News;
use PHPUnit\Framework\TestCase;

/** When the eyes of the rig are told what is new; times in µs. */
final class NewsTest extends TestCase
{
    public function test_the_first_is_told_at_once_and_what_comes_within_16_ms_together(): void
    {
        $news = new News;
        $this->assertNull($news->due());
        $news->came();
        $this->assertTrue($news->isDue(0));
        $news->told(1000);
        $this->assertNull($news->due(), 'nothing is new');
        $news->came();
        $news->came();
        $this->assertSame(17_000, $news->due());
        $this->assertFalse($news->isDue(16_999));
        $this->assertTrue($news->isDue(17_000));
    }

    public function test_a_movement_does_not_wait_for_what_the_game_did_before_it_but_for_other_movements(): void
    {
        $news = new News;
        $news->came();
        $news->told(100_000);
        $news->came(true);
        $this->assertTrue($news->isDue(101_000), 'the game was told a moment ago');
        $news->told(101_000);
        $news->came();
        $this->assertSame(117_000, $news->due(), 'the game waits for what was told last, whoever did it');
        $news->came(true);
        $this->assertSame(117_000, $news->due(), 'a second movement is told with what came since the first');
        $news->told(117_000);
        $news->came();
        $this->assertSame(133_000, $news->due());
    }
}
