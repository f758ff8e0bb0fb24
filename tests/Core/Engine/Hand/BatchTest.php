<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Hand;

use Nailrod\Core\Engine\Hand\Batch;
use Nailrod\Core\Engine\Hand\SourceError;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BatchTest extends TestCase
{
    public function test_a_bad_row_is_left_out_alone_and_told(): void
    {
        $batch = Batch::read([
            'n' => 1, 'inputs' => [[1, 'd/b1', 1], [2, 'd/b1', 'down'], [-1, 'd/b1', 0], 'x', [3, 'd/b1', 0]],
            'found' => [['d/a', 5], ['d/a', 5.5]],
        ]);
        $this->assertSame([[1, 1], [3, 0]], array_map(fn ($input) => [$input->t, $input->value], $batch->inputs));
        $this->assertCount(1, $batch->found);
        $this->assertSame([
            'found[1]: found ["d/a",5.5], expected ["device/control", whole number].',
            'inputs[1]: found [2,"d/b1","down"], expected [time in µs, "device/control", number].',
            'inputs[2]: found [-1,"d/b1",0], expected [time in µs, "device/control", number].',
            'inputs[3]: found "x", expected [time in µs, "device/control", number].',
        ], $batch->problems);
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function notBatches(): array
    {
        return [
            'no number' => [[], 'n: found null, expected the number of the batch, from 1 on.'],
            'number 0' => [['n' => 0], 'n: found 0, expected the number of the batch, from 1 on.'],
            'inputs no list' => [
                ['n' => 1, 'inputs' => ['a' => 1]], 'inputs: found {"a":1}, expected a list of at most 4000.',
            ],
            'too many' => [
                ['n' => 1, 'inputs' => array_fill(0, 4001, 0)],
                'inputs: found "4001 rows", expected a list of at most 4000.',
            ],
            'plugs' => [['n' => 1, 'plugs' => ['d' => 1]], 'plugs: found {"d":1}, expected true or false by device.'],
            'time' => [['n' => 1, 't' => 1.5], 't: found 1.5, expected a time in µs.'],
            'bye' => [['n' => 1, 'bye' => 'yes'], 'bye: found "yes", expected true or false.'],
        ];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('notBatches')]
    public function test_what_is_no_batch_is_refused_with_its_place(array $body, string $message): void
    {
        $this->expectException(SourceError::class);
        $this->expectExceptionMessage($message);
        Batch::read($body);
    }
}
