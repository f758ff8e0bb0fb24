<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use PHPUnit\Framework\TestCase;

final class HostileTest extends TestCase
{
    public function test_two_hundred_hostile_files_end_in_a_message_within_sixty_four_megabytes(): void
    {
        exec(
            escapeshellarg(PHP_BINARY).' -d memory_limit=64M '.escapeshellarg(__DIR__.'/read-hostile.php').' 2>&1',
            $lines,
            $code,
        );
        $this->assertSame(0, $code, implode("\n", array_slice($lines, -5)));
        $result = json_decode(implode("\n", $lines), true);
        $this->assertIsArray($result, implode("\n", array_slice($lines, 0, 5)));
        $this->assertCount(200, $result['said']);
        $this->assertSame(
            [],
            array_keys(array_filter($result['said'], fn (string $message) => $message === '')),
            'taken without a word',
        );
        foreach ($result['said'] as $what => $message) {
            $this->assertMatchesRegularExpression('/found .+expected/s', $message, $what);
            // Many bad lines are told of one file, none of them at length.
            $this->assertLessThan(700, max(array_map(mb_strlen(...), explode("\n", $message))), $what);
            $this->assertLessThan(22, substr_count($message, "\n"), $what);
        }
        $this->assertLessThan(64 * 1_048_576, $result['peak']);
    }
}
