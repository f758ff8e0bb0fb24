<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Hand;

use Nailrod\Core\Engine\Hand\SourceClock;
use PHPUnit\Framework\TestCase;

final class HandClockTest extends TestCase
{
    public function test_a_slow_line_only_delays_the_spacing_of_a_hand_stays(): void
    {
        $clock = new SourceClock;
        $clock->hear(1_000, 501_000);
        $clock->hear(21_000, 560_000);
        $this->assertSame(
            [520_000, 520_500],
            [$clock->at(20_000), $clock->at(20_500)],
            'the line took 39 ms longer, the input was no later',
        );
    }

    public function test_a_quicker_line_is_believed(): void
    {
        $clock = new SourceClock;
        $clock->hear(1_000, 501_000);
        $clock->hear(21_000, 515_000);
        $this->assertSame(514_000, $clock->at(20_000));
    }

    public function test_what_was_seen_half_a_minute_ago_no_longer_counts(): void
    {
        $clock = new SourceClock;
        $clock->hear(0, 100_000);
        $clock->hear(29_000_000, 29_300_000);
        $this->assertSame(29_100_000, $clock->at(29_000_000));
        $clock->hear(31_000_000, 31_300_000);
        $this->assertSame(31_300_000, $clock->at(31_000_000));
    }

    public function test_a_clock_that_was_set_is_begun_anew(): void
    {
        $clock = new SourceClock;
        $clock->hear(1_000_000, 5_000_000);
        $clock->hear(3_601_100_000, 5_100_000);
        $this->assertSame(5_100_000, $clock->at(3_601_100_000), 'an hour forward');
        $clock->hear(1_200_000, 5_200_000);
        $this->assertSame(5_200_000, $clock->at(1_200_000), 'and back');
    }
}
