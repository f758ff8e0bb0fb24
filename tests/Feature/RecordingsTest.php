<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\RecordingRecord;
use App\Recordings\Recordings;
use App\Rig\Scope;
use App\Sets\SetStore;
use Illuminate\Http\UploadedFile;
use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Recording\OutputWriter;
use Nailrod\Core\Engine\Recording\RecordingReader;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Tests\TestCase;

final class RecordingsTest extends TestCase
{
    private TestRig $rig;

    protected function setUp(): void
    {
        parent::setUp();
        $this->rig = $this->rig();
    }

    /** @return list<string> */
    private function file(string $recording): array
    {
        return explode("\n", trim((string) file_get_contents(app(Recordings::class)->file($recording))));
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string> without what the game did by itself
     */
    private static function byHands(array $lines): array
    {
        return array_values(array_filter($lines, fn (string $line): bool => preg_match('/,sim,\w+\*,/', $line) !== 1));
    }

    private function recorded(): string
    {
        $this->rig->step([[50_000, 'fennel/ring', 1]], 100_000);
        $this->assertSame(204, $this->rig->order('record')->status);
        $this->assertSame(
            100_000,
            $this->rig->step(
                [[150_000, 'fennel/mark', 1], [200_000, 'fennel/left-lever', 40_000]],
                300_000,
            )['recording'],
        );
        $this->rig->n--;
        $this->rig->step([[150_000, 'fennel/mark', 1], [200_000, 'fennel/left-lever', 40_000]], 300_000);
        $this->rig->step([[400_000, 'fennel/mark', 0], [410_000, 'fennel/left-lever', 99_999]], 500_000);
        $kept = $this->rig->order('keep', ['name' => '  Take-off ']);
        $this->assertSame([200, 'Take-off'], [$kept->status, $kept->body['name']]);

        return (string) $kept->body['id'];
    }

    public function test_a_recording_begins_with_a_snapshot_and_has_what_was_taken_once(): void
    {
        $lines = $this->file($this->recorded());
        $this->assertSame(RecordingReader::HEADER, $lines[0]);
        $this->assertContains('0,fennel,ring,1', $lines);
        $this->assertContains('0,gorse,hat,-1', $lines);
        $this->assertSame(
            ['50000,fennel,mark,1', '100000,fennel,left-lever,40000', '300000,fennel,mark,0'],
            array_slice(self::byHands($lines), -3),
            'a repeated batch and a reading out of range leave no row',
        );
        $recording = RecordingRecord::query()->firstOrFail();
        $this->assertSame([count($lines) - 1, 400_000, true], [$recording->rows, $recording->length, $recording->kept]);
        $this->assertNotSame([], array_diff($lines, self::byHands($lines)), 'the game went on by itself');
        $this->assertNull($this->rig->step([[550_000, 'fennel/mark', 1]], 600_000)['recording']);
        $this->assertSame($lines, $this->file($recording->id));
    }

    public function test_a_run_played_through_the_set_does_what_was_done_then(): void
    {
        $recording = $this->recorded();
        $store = app(SetStore::class);
        $machine = Machine::start(Compiler::compile($store->current($store->open('skerrywing'))));
        $events = [];
        foreach (RecordingReader::batches($this->file($recording)) as $batch) {
            array_push($events, ...$machine->feed($batch));
        }
        array_push($events, ...$machine->finish());
        $rows = array_map(fn (OutputEvent $e) => implode(' ', [$e->t, $e->kind, $e->target, $e->value]), $events);
        $this->assertContains('0 layer live On water', $rows);
        $this->assertContains('50000 key KeyM 1', $rows, 'the mark button in the layer that was held');
        $this->assertContains('110000 key KeyM 0', $rows);
    }

    public function test_runs_go_out_and_come_in_and_are_read_in_pieces(): void
    {
        $recording = $this->recorded();
        $response = $this->get('/recordings/'.$recording.'/file')->assertOk()->assertDownload('take-off.csv');
        $content = (string) file_get_contents($response->baseResponse->getFile()->getPathname());
        $this->from('/sets/skerrywing/bench')->post(
            '/recordings',
            ['file' => UploadedFile::fake()->createWithContent('Mine.csv', $content)],
        )
            ->assertSessionHas('said', 'Kept as "Mine": '.(count(explode("\n", trim($content))) - 1).' rows, 0.4 s.');
        $this->get('/sets/skerrywing/recordings')->assertSee('Take-off')->assertSee('Mine');
        $long = RecordingReader::HEADER."\n".implode(
            '',
            array_map(fn (int $i) => ($i * 10).",fennel,left-lever,{$i}\n", range(1, 5000)),
        );
        $this->post('/recordings', ['file' => UploadedFile::fake()->createWithContent('long.csv', $long)]);
        $id = RecordingRecord::query()->where('name', 'long')->firstOrFail()->id;
        $from = 0;
        $values = [];
        do {
            $piece = app(Recordings::class)->piece(RecordingRecord::query()->findOrFail($id), $from);
            array_push($values, ...array_column($piece['rows'], 2));
            $this->assertLessThanOrEqual(Recordings::PIECE, count($piece['rows']));
            $from = $piece['next'];
        } while ($from !== null);
        $this->assertSame(range(1, 5000), $values);
    }

    public function test_a_piece_is_cut_out_and_begins_with_the_rig_as_it_stood_then(): void
    {
        $recording = $this->recorded();
        $this->from('/sets/skerrywing/recordings')->post(
            '/recordings/'.$recording.'/cut',
            ['start' => '0.06', 'end' => '0.2', 'name' => 'Lever only'],
        )->assertSessionHas('said');
        $lines = $this->file(RecordingRecord::query()->where('name', 'Lever only')->firstOrFail()->id);
        $this->assertContains('0,fennel,mark,1', $lines, 'pressed before the cut');
        $hands = self::byHands($lines);
        $this->assertSame('40000,fennel,left-lever,40000', end($hands));
        $this->assertSame(
            1,
            count(array_filter(
                $hands,
                fn (string $line) => ! str_starts_with($line, '0,') && $line !== RecordingReader::HEADER,
            )),
        );
        $this->post(
            '/recordings/'.$recording.'/cut',
            ['start' => '0.2', 'end' => '0.1'],
        )->assertSessionHasErrors('end');
        $this->from('/sets/skerrywing/recordings')->post(
            '/recordings/'.$recording.'/cut',
            ['start' => '9', 'end' => '10'],
        )->assertSessionHas('problem', 'Take-off: found a start at 9.0 s, expected one before its end at 0.4 s.');
    }

    public function test_a_run_is_removed_and_brought_back(): void
    {
        $recording = $this->recorded();
        $this->from('/sets/skerrywing/recordings')->post('/recordings/'.$recording.'/remove')->assertSessionHas(
            'said',
            'Removed: "Take-off". The list of recordings can bring it back.',
        );
        $this->get('/sets/skerrywing/recordings')->assertSee('None yet.')->assertSee('Bring back');
        $this->from('/sets/skerrywing/recordings')
            ->post('/recordings/'.$recording.'/bring-back')
            ->assertSessionHas('said', '"Take-off" is back.');
        $this->get('/sets/skerrywing/recordings')->assertDontSee('None yet.')->assertSee('Take-off');
    }

    public function test_what_is_recorded_exported_and_imported_gives_the_same_outputs_to_the_byte(): void
    {
        $recording = $this->recorded();
        $content = (string) file_get_contents(app(Recordings::class)->file($recording));
        $this->from('/sets/skerrywing/bench')->post(
            '/recordings',
            ['file' => UploadedFile::fake()->createWithContent('Again.csv', $content)],
        );
        $again = RecordingRecord::query()->where('name', 'Again')->firstOrFail()->id;
        $store = app(SetStore::class);
        $program = Compiler::compile($store->current($store->open('skerrywing')));
        $outputs = array_map(function (string $id) use ($program): string {
            $machine = Machine::start($program, true);
            $text = '';
            foreach (RecordingReader::batches($this->file($id)) as $batch) {
                $text .= implode('', array_map(OutputWriter::line(...), $machine->feed($batch)));
            }

            return $text.implode('', array_map(OutputWriter::line(...), $machine->finish()));
        }, [$recording, $again]);
        $this->assertNotSame('', $outputs[0]);
        $this->assertSame($outputs[0], $outputs[1]);
    }

    public function test_a_file_that_is_no_run_is_told_by_its_line(): void
    {
        foreach ([
            [
                "t_us,device,control,value\n5,d,a,1\n3,d,a,0\n",
                'bad.csv: line 3: found time 3 µs, expected 5 µs or later',
            ],
            ["time,what\n", 'bad.csv: line 1: found "time,what", expected the header t_us,device,control,value.'],
        ] as [$content, $message]) {
            $this->from('/sets/skerrywing/bench')->post(
                '/recordings',
                ['file' => UploadedFile::fake()->createWithContent('bad.csv', $content)],
            )
                ->assertRedirect('/sets/skerrywing/bench')->assertSessionHas(
                    'problem',
                    fn (string $problem) => str_starts_with($problem, $message),
                );
        }
        $this->from('/sets/skerrywing/bench')->post('/recordings')->assertSessionHasErrors('file');
        $this->assertSame(0, RecordingRecord::query()->count());
    }

    public function test_recording_twice_or_keeping_nothing_is_refused(): void
    {
        $nothing = $this->rig->order('keep');
        $this->assertSame([409, 'Nothing was being recorded.'], [$nothing->status, $nothing->body['problem']]);
        $this->assertSame([204, 409], [$this->rig->order('record')->status, $this->rig->order('record')->status]);
        $this->assertSame('Recording 1', $this->rig->order('keep')->body['name']);
        $this->get('/recordings/none/file')->assertNotFound();
    }

    public function test_a_recording_that_was_under_way_when_the_rig_ended_is_kept_as_unfinished(): void
    {
        $this->rig->order('record');
        $this->rig->step([[50_000, 'fennel/mark', 1]], 100_000);
        $this->rig->rig->save();
        $this->rig->step([[150_000, 'fennel/mark', 0]], 200_000);
        $recording = RecordingRecord::query()->firstOrFail();
        // Killed while it wrote: half a row lies beyond what holds.
        file_put_contents(app(Recordings::class)->file($recording->id), '150', FILE_APPEND);
        new TestRig($this->rig->snapshot);
        $lines = $this->file($recording->id);
        $hands = self::byHands($lines);
        $this->assertSame('50000,fennel,mark,1', end($hands));
        $this->assertSame([true, count($lines) - 1], [$recording->refresh()->kept, $recording->rows]);
        $this->assertMatchesRegularExpression('/^Unfinished, \d{4}-\d\d-\d\d \d\d:\d\d$/', $recording->name);
    }

    /** All that are left can be reached, and none twice: page after page, by the links that each shows. */
    public function test_however_many_there_are_each_can_be_reached_and_is_found(): void
    {
        for ($i = 1; $i <= 130; $i++) {
            RecordingRecord::query()->create([
                'id' => sprintf('%016x', $i), 'name' => 'Take '.$i, 'rows' => 0, 'length' => 0, 'kept' => true,
                'removed' => $i % 13 === 0, 'bytes' => 0, 'created_at' => now()->subMinutes($i),
            ]);
        }
        foreach (['page' => range(1, 130), 'removed' => range(13, 130, 13)] as $by => $numbers) {
            $seen = [];
            for ($at = '/sets/skerrywing/recordings'; $at !== null;) {
                $html = (string) $this->get($at)->assertOk()->getContent();
                preg_match_all($by === 'page' ? '/<th scope="row">Take (\d+)</' : '/<span>Take (\d+)</', $html, $found);
                array_push($seen, ...array_map(intval(...), $found[1]));
                $at = preg_match(
                    '/href="([^"]*[?&;]'.$by.'=\d+[^"]*)" data-refresh rel="next"/',
                    $html,
                    $next,
                ) === 1 ? html_entity_decode($next[1]) : null;
            }
            $this->assertSame(
                array_values(array_filter($numbers, fn (int $i): bool => ($i % 13 === 0) === ($by === 'removed'))),
                $seen,
                $by,
            );
        }
        $found = collect(
            (array) $this->getJson('/sets/skerrywing/find?q=Take+127')->json('found'),
        )->firstWhere('name', 'Take 127');
        $this->assertStringContainsString(
            'id="recording-'.sprintf('%016x', 127).'"',
            (string) $this->get((string) ($found['to'] ?? ''))->getContent(),
            'what is found is on the page that it leads to',
        );
    }

    public function test_a_recording_whose_file_is_gone_says_so_everywhere_and_takes_no_hand(): void
    {
        $recording = $this->recorded();
        unlink(app(Recordings::class)->file($recording));
        $said = 'The file of "Take-off" is gone or cannot be read, so there is nothing to play or save. Take the '
            .'recording away, or put its file back.';
        $this->from('/sets/skerrywing/recordings')
            ->get('/recordings/'.$recording.'/file')
            ->assertStatus(422)
            ->assertSeeText($said);
        $this->from('/sets/skerrywing/recordings')->post(
            '/recordings/'.$recording.'/cut',
            ['start' => '0', 'end' => '0.2'],
        )->assertSessionHas('problem', $said);
        for ($i = 0; $i < 40; $i++) {
            $reply = $this->rig->order('play', ['recording' => $recording]);
            $this->assertSame([422, $said], [$reply->status, $reply->body['problem']]);
        }
        $this->assertCount(1, $this->rig->rig->hands());
        $this->from('/sets/skerrywing/recordings')->post('/recordings/'.$recording.'/remove')->assertSessionHas('said');
    }

    public function test_a_name_that_cannot_be_seen_becomes_one_that_can(): void
    {
        $csv = "t_us,device,control,value\n0,fennel,mark,0\n";
        foreach (
            [
                "\u{202E}vsc.csv" => 'vsc', "\u{2800}\u{3164} .csv" => 'Recording',
                "  Take\u{00A0}off \t.csv" => 'Take off',
            ] as $file => $name
        ) {
            $this->from('/sets/skerrywing/recordings')->post(
                '/recordings',
                ['file' => UploadedFile::fake()->createWithContent($file, $csv)],
            )->assertSessionHas('said', fn (string $said): bool => str_starts_with($said, 'Kept as "'.$name.'"'));
        }
        foreach (["\u{202E}evil", " \u{2800} ", "\u{200B}"] as $name) {
            $this->assertSame(
                422,
                $this->rig->call('POST', '/hands', ['name' => $name, 'kind' => 'program'])->status,
                (string) json_encode($name),
            );
        }
        $this->assertSame(
            200,
            $this->rig->call('POST', '/hands', ['name' => ' Höhenruder 2 ', 'kind' => 'program'])->status,
        );
        $this->assertSame('Höhenruder 2', $this->rig->rig->hands()[1]->name);
    }

    public function test_a_full_disk_ends_the_recording_and_keeps_what_came_before(): void
    {
        $this->rig->order('record');
        $this->rig->step([[50_000, 'fennel/mark', 1]], 100_000);
        $this->rig->rig->save();
        $recording = RecordingRecord::query()->firstOrFail();
        $file = app(Recordings::class)->file($recording->id);
        $before = $this->file($recording->id);
        rename($file, $file.'.kept');
        // A device that takes nothing stands in for a disk that is full.
        symlink('/dev/full', $file);
        $this->rig->step([[150_000, 'fennel/mark', 0]], 200_000);
        $this->rig->rig->save();
        $seen = $this->rig->seen();
        $this->assertSame(
            'The recording was ended, since the disk is full. What came before is kept as "Recording 1".',
            $seen['problem'],
        );
        $this->assertNull($seen['recording']);
        unlink($file);
        rename($file.'.kept', $file);
        $this->assertSame(
            [true, count($before) - 1, 'Recording 1'],
            [$recording->refresh()->kept, $recording->rows, $recording->name],
        );
    }

    public function test_a_recording_is_played_by_the_rig_itself_at_its_times_and_a_hand_stops_it(): void
    {
        $recording = $this->recorded();
        $this->rig->seen(1_000_000);
        $this->assertSame(204, $this->rig->order('play', ['recording' => $recording])->status);
        $this->assertSame('Take-off', $this->rig->seen(1_000_000)['playing']);
        $this->assertSame(
            [],
            array_filter($this->rig->seen(1_040_000)['sent'], fn (array $row) => $row['kind'] === 'key'),
        );
        $keys = array_values(
            array_filter($this->rig->seen(1_060_000)['sent'], fn (array $row) => $row['kind'] === 'key'),
        );
        $this->assertSame(
            [1_050_000, 'KeyM'],
            [$keys[0]['t'], $keys[0]['target']],
            'the mark button in the layer that was held',
        );
        $this->assertSame(204, $this->rig->order('stop')->status);
        $seen = $this->rig->seen(1_070_000);
        $this->assertNull($seen['playing']);
        $this->assertSame('"Take-off" was stopped.', $seen['played_said']);
        $this->rig->order('play', ['recording' => $recording]);
        $seen = $this->rig->seen(2_000_000);
        $this->assertSame('"Take-off" has been played.', $seen['played_said']);
        $this->assertSame(40_000, $seen['hands']['fennel/left-lever']);
        $this->assertSame(422, $this->rig->order('play', ['recording' => 'none'])->status);
        $this->rig->order('play', ['recording' => $recording]);
        $this->rig->seen();
        $frames = '';
        $this->rig->calls->look([], '', new Scope(all: true), function (string $frame) use (&$frames): void {
            $frames .= $frame;
        });
        $this->rig->order('stop');
        $this->assertMatchesRegularExpression(
            '/"playing":null.*event: played/s',
            $frames,
            'the picture that nothing is played comes before what is said of it',
        );
    }

    public function test_rows_that_are_played_keep_their_times_however_late_the_rig_looks(): void
    {
        $recording = $this->recorded();
        $this->rig->seen(1_000_000);
        $this->rig->order('play', ['recording' => $recording]);
        $sent = $this->rig->seen(3_000_000)['sent'];
        $this->assertContains(
            [1_050_000, 'KeyM', 1],
            array_map(fn (array $row) => [$row['t'], $row['target'], $row['value']], $sent),
        );
        $this->assertContains(
            1_100_000,
            array_column(array_filter($sent, fn (array $row) => $row['kind'] === 'axis'), 't'),
        );
    }

    public function test_a_device_that_went_and_a_contact_that_was_found_are_played_as_such(): void
    {
        $this->rig->step([[5000, 'bracken/push-1', 1]], 10_000, ['plugs' => ['sedge' => false]]);
        $this->rig->order('record');
        $this->rig->step([], 100_000, ['plugs' => ['bracken' => false]]);
        $this->rig->step([], 200_000, ['plugs' => ['bracken' => true], 'found' => [['fennel/ring', 1]]]);
        $this->rig->step([[250_000, 'fennel/mark', 1]], 300_000);
        $recording = (string) $this->rig->order('keep')->body['id'];
        $lines = self::byHands($this->file($recording));
        $this->assertContains('0,sedge,*,0', $lines);
        $this->assertSame(
            ['90000,bracken,*,0', '190000,bracken,*,1', '190000,fennel,ring*,1', '240000,fennel,mark,1'],
            array_slice($lines, -4),
        );
        $this->rig->step([[310_000, 'fennel/mark', 0]], 400_000, ['plugs' => ['sedge' => true]]);
        $this->rig->step([[410_000, 'fennel/ring', 0]], 500_000);
        $this->rig->order('play', ['recording' => $recording]);
        $this->assertSame(['sedge'], $this->rig->seen(550_000)['unplugged']);
        $this->assertSame(['sedge', 'bracken'], $this->rig->seen(650_000)['unplugged']);
        $seen = $this->rig->seen(2_000_000);
        $this->assertSame([['sedge'], '"Recording 1" has been played.'], [$seen['unplugged'], $seen['played_said']]);
        $this->assertContains(
            'On water',
            array_column(array_filter($seen['sent'], fn (array $row) => $row['kind'] === 'layer'), 'value'),
            'the ring was found in its layer',
        );
        $machine = Machine::start(
            Compiler::compile(app(SetStore::class)->current(app(SetStore::class)->open('skerrywing'))),
        );
        $rows = [];
        foreach (RecordingReader::batches($this->file($recording)) as $batch) {
            array_push(
                $rows,
                ...array_map(
                    fn (OutputEvent $event) => $event->t.' '.$event->kind.' '.$event->target.' '.$event->value,
                    $machine->feed($batch),
                ),
            );
        }
        $this->assertContains('190000 layer live On water', $rows);
        $cut = app(Recordings::class)->cut(RecordingRecord::query()->findOrFail($recording), 150_000, 250_000, 'Piece');
        $this->assertContains('0,bracken,*,0', $this->file($cut->id));
        $this->assertContains('40000,bracken,*,1', $this->file($cut->id));
    }

    public function test_a_full_disk_as_the_recording_is_kept_keeps_what_came_before(): void
    {
        $this->rig->order('record');
        $this->rig->step([[50_000, 'fennel/mark', 1]], 100_000);
        $this->rig->rig->save();
        $recording = RecordingRecord::query()->firstOrFail();
        $file = app(Recordings::class)->file($recording->id);
        rename($file, $file.'.kept');
        symlink('/dev/full', $file);
        $this->rig->step([[150_000, 'fennel/mark', 0]], 200_000);
        $kept = $this->rig->order('keep', ['name' => 'Mine']);
        unlink($file);
        rename($file.'.kept', $file);
        $this->assertSame(
            [200, $recording->id, 'Recording 1'],
            [$kept->status, $kept->body['id'], $kept->body['name']],
        );
    }

    public function test_a_damaged_file_says_where_and_gives_what_is_before_it(): void
    {
        $recording = $this->recorded();
        $lines = $this->file($recording);
        file_put_contents(
            app(Recordings::class)->file($recording),
            implode("\n", [...array_slice($lines, 0, -1), '300000,fennel,mark,on'])."\n",
        );
        $record = RecordingRecord::query()->findOrFail($recording);
        $piece = app(Recordings::class)->piece($record, 0);
        $this->assertCount(count($lines) - 2, $piece['rows']);
        $this->assertSame(
            [null, sprintf('Take-off: line %d: found the value "on", expected a whole number.', count($lines))],
            [$piece['next'], $piece['problem']],
        );
        $this->rig->order('play', ['recording' => $recording]);
        $this->assertStringStartsWith(
            'Played up to the damage. Take-off: line',
            $this->rig->seen(2_000_000)['played_said'],
        );
        $this->expectExceptionMessage(
            'from: found 30, expected the place where a row begins, as the piece before told it.',
        );
        app(Recordings::class)->piece($record, 30);
    }
}
