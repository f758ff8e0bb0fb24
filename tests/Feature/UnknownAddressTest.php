<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Log;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/**
 * An address that is nobody's is answered by a page of ours, which logs nothing; who asks from elsewhere is told
 * nothing.
 */
final class UnknownAddressTest extends TestCase
{
    private const PATHS = [
        '/nothing', '/sets/none/assign', '/sets/skerrywing/nothing', '/a%00b', '/%00', '/sets/skerrywing/%00',
        '/%E2%80%AE', '/..%2f..%2f.env', '/import/zz', '/recordings/zz/file', '/panel/none',
    ];

    #[TestWith(['GET'])]
    #[TestWith(['POST'])]
    #[TestWith(['DELETE'])]
    public function test_it_is_a_page_of_ours(string $method): void
    {
        $log = Log::spy();
        foreach (self::PATHS as $path) {
            $answer = $this->call($method, 'http://localhost'.$path);
            $this->assertContains($answer->getStatusCode(), $method === 'GET' ? [404] : [404, 405], $path);
            $answer->assertSee('· Nailrod', false);
            $this->assertStringNotContainsString(
                '<style',
                (string) $answer->getContent(),
                'the policy of the page forbids it',
            );
        }
        $log->shouldNotHaveReceived('error');
    }

    public function test_from_elsewhere_it_is_one_line(): void
    {
        config(['nailrod.open' => true, 'app.hosts' => ['192.168.7.5']]);
        foreach (self::PATHS as $path) {
            $answer = $this->withServerVariables(
                ['REMOTE_ADDR' => '192.168.7.20', 'HTTP_HOST' => '192.168.7.5:8080'],
            )->call('GET', 'http://192.168.7.5:8080'.$path);
            $this->assertContains($answer->getStatusCode(), [302, 404], $path);
            $this->assertLessThan(60, strlen((string) $answer->getContent()), $path);
        }
    }
}
