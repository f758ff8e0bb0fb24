<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SetRecord;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\Core\Exchange\HostileFiles;
use Tests\TestCase;

/**
 * Files that are damaged or made to do harm, at every place that takes one: nothing breaks, what is refused changes
 * nothing, and what is taken can be shown. NAILROD_HOSTILE_FILES=3000 sends as many, NAILROD_SEED brings a case back.
 */
final class HostileUploadsTest extends TestCase
{
    use Dice;

    private const USUAL = 250;

    public function test_files_that_are_damaged_or_made_to_do_harm_break_nothing(): void
    {
        $seed = $this->throwDice();
        $count = (int) (getenv('NAILROD_HOSTILE_FILES') ?: self::USUAL);
        $hostile = array_values(HostileFiles::all());
        $originals = $this->originals();
        $refused = $taken = 0;
        for ($i = 0; $i < $count; $i++) {
            $place = $this->pick(array_keys($originals));
            $content = $this->dice->getInt(1, 4) === 1
                ? $this->pick($hostile)
                : $this->damaged($this->pick($originals[$place]));
            $before = $this->all();
            // Most come where such a file is wanted: there it is looked at most closely.
            [$where, $response] = $this->send(
                $this->dice->getInt(1, 3) === 1 ? $this->pick(array_keys($originals)) : $place,
                $content,
            );
            $case = sprintf(
                'seed %d, file %d to %s: %s',
                $seed,
                $i,
                $where,
                substr((string) json_encode($content, JSON_INVALID_UTF8_SUBSTITUTE), 0, 600),
            );
            $this->assertLessThan(
                500,
                $response->getStatusCode(),
                $case."\n".get_debug_type($response->exception ?? null)
                    .' '
                    .$response->exception?->getMessage()
                    .' '
                    .$response->exception?->getFile()
                    .':'
                    .$response->exception?->getLine(),
            );
            if ($response->getStatusCode() >= 400 || session('problem') !== null || session('errors') !== null) {
                $refused++;
                $this->assertSame($before, $this->all(), $case.' was refused, and yet something stays');
            } else {
                $taken++;
            }
            session()->flush();
        }
        $this->assertGreaterThan($count / 4, $refused, 'seed '.$seed);
        $this->assertGreaterThan($count / 50, $taken, 'seed '.$seed);
        foreach (SetRecord::query()->where('removed', false)->pluck('id') as $set) {
            foreach (['rig', 'assign', 'plan', 'bench', 'store', 'macros', 'lamps'] as $place) {
                $this->get('/sets/'.$set.'/'.$place)->assertOk();
            }
        }
    }

    /** @return array<string, list<string>> every kind of file that something takes, by where it is taken */
    private function originals(): array
    {
        $read = fn (string $files): array => array_map(
            fn (string $file) => (string) file_get_contents($file),
            glob(__DIR__.'/../../demo/'.$files) ?: [],
        );
        $saved = fn (string $what): string => (string) $this->get('/sets/skerrywing/'.$what)->getContent();

        return [
            'import' => [
                ...$read('sets/*.json'),
                ...$read('catalogues/*.json'),
                $saved('with-parents'), $saved('keys'),
                "action,key,group,kind\nPower up,Shift+L,Engine,momentary\nPower down,L,Engine,momentary\n",
            ],
            'runs' => $read('runs/*.csv'),
            'sets/skerrywing/file' => [
                $saved('file'),
                (string) json_encode(['name' => 'Another name'] + (array) json_decode($saved('file'), true)),
            ],
            'sets/skerrywing/bindings' => [$saved('bindings'), $saved('keys')],
            'sets/house/rig/devices' => [
                ...$read('devices/*.json'),
                '05010904a1010509190129081500250175019508810205010930093126ff00750895028102c0',
            ],
        ];
    }

    /** @return array{string, TestResponse} */
    private function send(string $where, string $content): array
    {
        $file = UploadedFile::fake()->createWithContent(
            $this->pick(['a.json', 'b.csv', "c\u{202E}.txt", 'd']),
            $content,
        );
        $set = explode('/', $where)[1] ?? 'skerrywing';
        $from = (string) SetRecord::query()->where('id', $set)->value('head_id');
        $response = $this->from('/sets/'.$set.'/rig')->call(
            'POST',
            '/'.$where,
            ['from' => $from, 'name' => $this->pick(['', 'A name']), 'kind' => 'button box', 'set' => $set],
            [],
            ['file' => $file],
        );
        $next = (string) $response->headers->get('Location');
        if ($where !== 'import' || ! str_contains($next, '/import/') || $response->getStatusCode() >= 400) {
            return [$where, $response];
        }
        $shown = $this->get($next);
        if ($shown->getStatusCode() >= 400) {
            return [$where.', shown', $shown];
        }

        return [
            $where.', taken',
            $this->from($next)->post(
                $next,
                [
                    'name' => $this->pick(['Brought', '12']), 'parent' => $this->pick(['', 'house']),
                    'game' => $this->pick(['', 'skerrywing']), 'buttons' => '32', 'axes' => '4',
                ],
            ),
        ];
    }

    private function damaged(string $content): string
    {
        $at = $this->dice->getInt(0, max(0, strlen($content) - 1));
        $strange = [
            'null', '[]', '{}', '-1', '1e999', '0.5', '"x"', '99999999999999999999', '"12"', '"\u0000"', '"\u202e"',
            'true', '[[[[1]]]]',
        ];

        return match ($this->dice->getInt(1, 12)) {
            1 => substr($content, 0, $at),
            2 => substr($content, $at),
            3 => substr_replace($content, $this->dice->getBytes(1), $at, 1),
            4 => substr_replace($content, substr($content, (int) ($at / 2), 80), $at, 0),
            5 => (string) preg_replace_callback(
                '/(?<=: |:|,)-?\d+(\.\d+)?/',
                fn (array $m) => $this->dice->getInt(1, 20) === 1 ? $this->pick($strange) : $m[0],
                $content,
            ),
            6 => (string) preg_replace_callback(
                '/(?<=: )"[^"]*"/',
                fn (array $m) => $this->dice->getInt(1, 40) === 1 ? $this->pick($strange) : $m[0],
                $content,
            ),
            7 => (string) preg_replace_callback(
                '/"[a-z0-9-]+"(?=:)/',
                fn (array $m) => $this->dice->getInt(1, 40) === 1 ? $this->pick(
                    ['"12"', '"0"', '"name"', '""', '"__proto__"'],
                ) : $m[0],
                $content,
            ),
            8 => str_replace(["\n", ','], $this->pick([["\r", ';'], ["\n", "\t"], ['', ',']]), $content),
            default => $content,
        };
    }
}
