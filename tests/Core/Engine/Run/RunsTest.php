<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Engine\Recording\OutputWriter;
use Nailrod\Core\Engine\Recording\RecordingCut;
use Nailrod\Core\Engine\Recording\RecordingReader;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Cause\InputError;
use Nailrod\Core\Mapping\Output\OutputEvent;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

final class RunsTest extends TestCase
{
    public function test_a_run_is_read_row_by_row_with_its_lines(): void
    {
        $inputs = array_merge(...iterator_to_array(
            RecordingReader::batches(
                ["\u{FEFF}t_us,device,control,value\r\n", "0,d,a,17\n", "\n", "12,d,e,+3\n", "15,sim,gear,0.5\n"],
            ),
            false,
        ));
        $this->assertSame(
            [[0, 'd/a', 17, 2], [12, 'd/e', 3, 4], [15, 'sim/gear', 0.5, 5]],
            array_map(fn ($input) => [$input->t, $input->port, $input->value, $input->line], $inputs),
        );
    }

    public function test_long_runs_come_in_batches(): void
    {
        $lines = (function (): \Generator {
            yield RecordingReader::HEADER;
            for ($i = 0; $i < 4500; $i++) {
                yield $i.',d,a,1';
            }
        })();
        $this->assertSame(
            [2000, 2000, 500],
            array_map(count(...), iterator_to_array(RecordingReader::batches($lines), false)),
        );
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function brokenRuns(): iterable
    {
        $head = RecordingReader::HEADER;
        yield 'no header' => [['0,d,a,1'], 'line 1: found "0,d,a,1", expected the header t_us,device,control,value.'];
        yield 'empty' => [[], 'line 1: found an empty file, expected the header'];
        yield 'three columns' => [[$head, '0,d,a'], 'line 2: found 3 columns, expected 4'];
        yield 'a time with a point' => [
            [$head, '0.5,d,a,1'], 'line 2: found the time "0.5", expected whole microseconds',
        ];
        yield 'a negative time' => [[$head, '-5,d,a,1'], 'line 2: found the time "-5"'];
        yield 'a word for a value' => [[$head, '0,d,a,up'], 'line 2: found the value "up", expected a whole number.'];
        yield 'a part for a reading' => [
            [$head, '0,d,a,0.5'], 'line 2: found the value "0.5", expected a whole number.',
        ];
    }

    /** @param list<string> $lines */
    #[DataProvider('brokenRuns')]
    public function test_a_row_that_cannot_be_read_is_told_by_its_line(array $lines, string $message): void
    {
        $this->expectException(InputError::class);
        $this->expectExceptionMessage($message);
        iterator_to_array(RecordingReader::batches($lines), false);
    }

    public function test_time_that_goes_back_is_an_error_with_its_line(): void
    {
        $this->expectException(InputError::class);
        $this->expectExceptionMessage(
            'line 3: found time 5 µs, expected 10 µs or later, since time only goes forward.',
        );
        $machine = Machine::start(
            Desk::plain()->cell('base', 'b1', 'follow', ['kind' => 'button', 'number' => 1])->program(),
        );
        foreach (RecordingReader::batches([RecordingReader::HEADER, '10,d,b1,1', '5,d,b1,0']) as $batch) {
            $machine->feed($batch);
        }
    }

    public function test_a_reading_outside_the_range_is_an_error_with_its_line(): void
    {
        $this->expectException(InputError::class);
        $this->expectExceptionMessage('line 2: found the value 1001 for d/a, expected a whole number from 0 to 1000.');
        $machine = Machine::start(Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1])->program());
        foreach (RecordingReader::batches([RecordingReader::HEADER, '10,d,a,1001']) as $batch) {
            $machine->feed($batch);
        }
    }

    public function test_a_hat_reports_eight_directions_and_the_centre_and_nothing_else(): void
    {
        $desk = Desk::plain()->cell('base', 'h.north', 'follow', ['kind' => 'button', 'number' => 1]);
        $this->assertSame(['20 button 1 1', '30 button 1 0'], $desk->play('10 h -1', '20 h 7', '30 h 4'));
        foreach ([8, -2] as $value) {
            try {
                $desk->play('10 h '.$value);
                $this->fail($value.' is no direction');
            } catch (InputError $error) {
                $this->assertStringContainsString(
                    'found the value '.$value.' for d/h, expected a whole number from -1 to 7',
                    $error->getMessage(),
                );
            }
        }
    }

    public function test_a_control_that_the_set_does_not_use_is_ignored(): void
    {
        $this->assertSame(
            ['20 button 1 1'],
            Desk::plain()->cell(
                'base',
                'b1',
                'follow',
                ['kind' => 'button', 'number' => 1],
            )->play('10 b2 1', '15 x 99', '20 b1 1'),
        );
    }

    public function test_what_came_out_is_written_as_csv_with_quotes_where_they_are_needed(): void
    {
        $cause = new Cause(Cause::START);
        $this->assertSame(
            "5,layer,live,\"On \"\"deep\"\", water\",start\n",
            OutputWriter::line(new OutputEvent(5, OutputEvent::LAYER, 'live', 'On "deep", water', $cause)),
        );
        $this->assertSame(
            "5,variable,gear,0.5,start\n",
            OutputWriter::line(new OutputEvent(5, OutputEvent::VARIABLE, 'gear', 0.5, $cause)),
        );
    }

    public function test_timers_run_on_for_ten_seconds_after_the_last_row(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'b1',
            ['kind' => 'pulse', 'width_ms' => 10_000],
            ['kind' => 'button', 'number' => 1],
        )
            ->cell('base', 'b2', ['kind' => 'pulse', 'width_ms' => 10_001], ['kind' => 'button', 'number' => 2]);
        $this->assertSame(['10 button 1 1', '10 button 2 1', '10010 button 1 0'], $desk->play('10 b1 1', '10 b2 1'));
    }

    public function test_a_state_that_is_not_one_is_not_read_back(): void
    {
        $this->expectException(\UnexpectedValueException::class);
        State::restore(serialize([1, 2]));
    }

    public function test_a_run_that_has_only_rows_at_time_0_loses_nothing(): void
    {
        $desk = Desk::plain()->cell('base', 's.down', 'follow', ['kind' => 'button', 'number' => 1])
            ->cell('base', 't.middle', 'follow', ['kind' => 'button', 'number' => 2])
            ->cell('base', 'b1', 'follow', ['kind' => 'on/off variable', 'name' => 'v', 'on' => 1, 'off' => 2])
            ->cell('base', 'b2', 'follow', ['kind' => 'on/off variable', 'name' => 'w', 'on' => 1, 'off' => 3]);
        $this->assertSame(
            ['0 variable w 3', '0 variable v 2', '0 button 1 1', '0 button 2 1'],
            $desk->play('0 s.up 0', '0 b2 0'),
        );
        $this->assertSame(['0 variable v 2', '0 variable w 3', '0 button 1 1', '0 button 2 1'], $desk->play());
    }

    public function test_timers_due_at_the_instant_of_an_input_come_before_it(): void
    {
        $desk = Desk::plain()->cell(
            'base',
            'b1',
            ['kind' => 'pulse', 'width_ms' => 20],
            ['kind' => 'button', 'number' => 1],
        )->cell('base', 'b2', 'follow', ['kind' => 'button', 'number' => 2]);
        $this->assertSame(
            ['100 button 1 1', '120 button 1 0', '120 button 2 1'],
            $desk->play('50 b2 0', '100 b1 1', '120 b2 1'),
        );
        $twice = Machine::start($desk->program());
        $twice->feed(Desk::inputs('50 b2 0', '100 b1 1', '110 b1 0'));
        $twice->advance(120_000);
        $this->assertSame(
            ['120 button 1 1'],
            Desk::rows($twice->feed(Desk::inputs('120 b1 1'))),
            'nor has one that is just over any say in what comes',
        );
    }

    public function test_a_run_without_inputs_begins_too(): void
    {
        $program = Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1])->saying(
            ['stops' => ['cruise' => ['name' => 'Cruise', 'axes' => ['d/a'], 'at' => 0.9, 'opens' => 'held shut']]],
        )->program();
        $this->assertSame(['0 stop cruise 1'], Desk::rows(Machine::start($program)->advance(1_000)));
        $this->assertSame(['0 stop cruise 1'], Desk::rows(Machine::start($program)->advance(0)));
    }

    public function test_a_piece_that_is_cut_out_of_a_run_begins_as_the_rig_stood_there(): void
    {
        $inputs = Desk::inputs('0 a 1', '5 b1 1', '10 a 2', '10 b2 1', '20 a 3', '30 b1 0', '40 a 4');
        $cut = fn (int $from, int $to, int $size): string => implode(
            '',
            array_column(iterator_to_array(RecordingCut::rows(array_chunk($inputs, $size), $from, $to), false), 0),
        );
        foreach ([1, 3, 10] as $size) {
            $this->assertSame("0,d,a,2\n0,d,b1,1\n0,d,b2,1\n10000,d,a,3\n20000,d,b1,0\n", $cut(10_000, 30_000, $size));
            $this->assertSame(
                "0,d,a,4\n0,d,b1,0\n0,d,b2,1\n",
                $cut(50_000, 60_000, $size),
                'after its end it is how it was left',
            );
            $pieces = iterator_to_array(RecordingCut::rows(array_chunk($inputs, $size), 10_000, 30_000), false);
            $this->assertSame([5, 20_000], [array_sum(array_column($pieces, 1)), max(array_column($pieces, 2))]);
            $this->assertNotContains('', array_column($pieces, 0), 'no piece is empty');
        }
    }

    public function test_what_stands_before_a_broken_row_is_given_first(): void
    {
        $given = [];
        try {
            foreach (
                RecordingReader::batches(
                    [RecordingReader::HEADER."\n", "0,d,a,1\n", "5,d,a,2\n", "x,d,a,3\n"],
                ) as $batch
            ) {
                array_push($given, ...$batch);
            }
            $this->fail('The row cannot be read.');
        } catch (InputError) {
            $this->assertSame([0, 5], array_map(fn (Input $input) => $input->t, $given));
        }
    }
}
