<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The ways of docs/START.md are as the page says: see Tests\Ways\Going. */
final class WaysTest extends TestCase
{
    public function test_each_way_passes_the_files_that_the_page_lists(): void
    {
        $root = __DIR__.'/../..';
        $going = new Process(
            [
                PHP_BINARY, 'vendor/bin/phpunit', '--bootstrap', 'tests/Ways/bootstrap.php', '--do-not-cache-result',
                'tests/Ways/Going.php',
            ],
            $root,
            timeout: 300,
        );
        $going->run();
        $this->assertSame(0, $going->getExitCode(), $going->getOutput().$going->getErrorOutput());
        $this->assertStringContainsString('OK (6 tests', $going->getOutput());
    }
}
