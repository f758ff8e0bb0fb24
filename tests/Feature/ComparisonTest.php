<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Measurement;
use App\Bench\VersionComparison;
use PHPUnit\Framework\TestCase;

/** Figures of two versions beside each other: what is slower is told, and nothing else. */
final class ComparisonTest extends TestCase
{
    public function test_a_line_is_slower_if_the_best_of_its_rounds_is_by_more_than_a_tenth(): void
    {
        $comparison = new VersionComparison;
        foreach ([[true, [52.0, 48.5, 61.0]], [false, [43.0, 47.0, 45.0]]] as [$isHere, $rounds]) {
            foreach ($rounds as $ms) {
                $comparison->add(
                    $isHere,
                    (new Measurement('the loom of it after that', $ms, 'ms'))->line()."\n".(
                        new Measurement('an empty page', 10.0 + $ms / 100, 'ms')
                    )->line(),
                );
            }
        }
        $this->assertSame(['the loom of it after that'], $comparison->slower());
        $this->assertStringContainsString('43.00     48.50 ms     1.13  slower', implode("\n", $comparison->table()));
        $comparison->add(true, (new Measurement('the loom of it after that', 47.0, 'ms'))->line());
        $this->assertSame([], $comparison->slower(), 'measured again, it is not');
    }

    public function test_counts_are_no_times_and_what_only_one_version_has_is_not_compared(): void
    {
        $comparison = new VersionComparison;
        foreach ([true, false] as $isHere) {
            $comparison->add(
                $isHere,
                (new Measurement('frames drawn', $isHere ? 240.0 : 2.0, ''))->line()."\n".(
                    new Measurement('readings a second', $isHere ? 900_000.0 : 9.0, 'per s')
                )->line(),
            );
            $comparison->add(
                $isHere,
                "of a core while they did                                    0.41 cores\n"
                    ."of them taken                  3840000    in 60.0 s\n== a step",
            );
        }
        $comparison->add(true, (new Measurement('something new', 12_345.0, 'ms'))->line());
        $this->assertSame([], $comparison->slower());
        $this->assertCount(2, $comparison->table());
        $this->assertStringStartsWith('of a core while they did', $comparison->table()[1]);
    }

    public function test_what_no_clock_can_tell_is_not_slower(): void
    {
        $comparison = new VersionComparison;
        $comparison->add(true, (new Measurement('a step', 0.04, 'ms'))->line());
        $comparison->add(false, (new Measurement('a step', 0.02, 'ms'))->line());
        $this->assertSame([], $comparison->slower());
        $comparison->add(false, (new Measurement('a great page', 1_000.0, 'ms'))->line());
        $comparison->add(true, (new Measurement('a great page', 2_000.0, 'ms'))->line());
        $this->assertSame(['a great page'], $comparison->slower());
    }
}
