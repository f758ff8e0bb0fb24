<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SetRecord;
use App\View\Places;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Mapping\Action\ActionKind;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Mapping\Axis\Curves;
use Nailrod\Core\Mapping\Axis\Stop;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Lamp\LampRules;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Made\MadeKinds;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Rig\Panel\PanelPage;
use Nailrod\Core\Rig\Panel\Tile;
use Nailrod\Core\Set\HandOver;
use Tests\TestCase;

/**
 * Requests that no page sends, to every route: none breaks anything, and what is refused changes nothing. By default a
 * part of them; NAILROD_HOSTILE=10000 sends as many, NAILROD_SEED brings a case back.
 */
final class HostileRequestsTest extends TestCase
{
    use Dice;

    private const USUAL = 500;

    /** How the code of the application asks for a field of a request. */
    private const ASKS = '/\b(?:string|integer|boolean|float|array|input|'
        .'has|json|file|query|filled|word|figure|part|place|places|date)\(\'([a-z_]+)\'|'
        .'\'([a-z_]+)\' => (?:\[(?:\'(?:required|sometimes|nullable|present)|\.\.\.)|\$part\b)/';

    /** How many of a hundred values are such as a page may send. */
    private int $tame = 90;

    public function test_requests_that_no_page_sends_break_nothing(): void
    {
        $seed = $this->throwDice();
        $routes = array_values(array_filter(
            app('router')->getRoutes()->getRoutes(),
            fn (Route $route) => ! str_starts_with($route->uri(), 'storage')
                && ! str_starts_with($route->uri(), 'bench'),
        ));
        $refused = 0;
        $count = (int) (getenv('NAILROD_HOSTILE') ?: self::USUAL);
        for ($i = 0; $i < $count; $i++) {
            $route = $routes[$i % count($routes)];
            $before = $this->all();
            [$request, $response] = $this->send($route);
            $this->assertLessThan(
                500,
                $response->getStatusCode(),
                sprintf(
                    "seed %d, request %d: %s\n%s\n%s",
                    $seed,
                    $i,
                    $request,
                    get_debug_type($response->exception ?? null),
                    $response->exception?->getMessage()
                        .' '
                        .$response->exception?->getFile()
                        .':'
                        .$response->exception?->getLine(),
                ),
            );
            if ($response->getStatusCode() >= 400 || session('problem') !== null || session('errors') !== null) {
                $refused++;
                $this->assertSame(
                    $before,
                    $this->all(),
                    sprintf('seed %d, request %d was refused, and yet something stays: %s', $seed, $i, $request),
                );
            }
            session()->flush();
        }
        $this->assertGreaterThan($count / 3, $refused);
    }

    public function test_a_form_with_one_strange_value_breaks_nothing(): void
    {
        $seed = $this->throwDice();
        $forms = Forms::all();
        $taken = $refused = 0;
        $count = (int) (getenv('NAILROD_HOSTILE') ?: self::USUAL);
        for ($i = 0; $i < $count; $i++) {
            [$path, $fields] = $forms[$i % count($forms)];
            foreach (
                $this->dice->getInt(0, 3) === 0
                    || $fields === []
                    ? []
                    : $this->dice->pickArrayKeys($fields, 1) as $field
            ) {
                $this->tame = $this->pick([0, 40]);
                $fields[$field] = is_array($fields[$field]) && $this->dice->getInt(0, 1) === 1 ? [
                    $this->value((string) $field, 1),
                    ...$fields[$field],
                ] : $this->value((string) $field, 0);
            }
            $set = $this->pick(['skerrywing', 'skerrywing', 'house', 'hairpin-ladder', 'marl']);
            $before = $this->all();
            $response = $this->from('/sets/'.$set.'/assign')->post(
                '/sets/'.$set.'/'.$path,
                $fields + ['from' => (string) SetRecord::query()->where('id', $set)->value('head_id')],
            );
            $said = sprintf(
                'seed %d, request %d: %s/%s %s',
                $seed,
                $i,
                $set,
                $path,
                substr(
                    (string) json_encode($fields, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE),
                    0,
                    900,
                ),
            );
            $this->assertLessThan(
                500,
                $response->getStatusCode(),
                $said."\n".get_debug_type($response->exception ?? null)
                    .' '
                    .$response->exception?->getMessage()
                    .' '
                    .$response->exception?->getFile()
                    .':'
                    .$response->exception?->getLine(),
            );
            if ($response->getStatusCode() >= 400 || session('problem') !== null || session('errors') !== null) {
                $refused++;
                // A role is brought in line in each set by itself: what one refuses, the others may have taken, and it
                // is said.
                if ($path !== 'roles') {
                    $this->assertSame($before, $this->all(), $said.' was refused, and yet something stays');
                }
            } else {
                $taken++;
            }
            session()->flush();
        }
        $this->assertGreaterThan($count / 5, min($taken, $refused));
        // What was taken can be worked with: every place of every set still shows.
        foreach (array_keys(Places::all()) as $place) {
            foreach (['skerrywing', 'house', 'hairpin-ladder', 'marl'] as $set) {
                $this->get('/sets/'.$set.'/'.$place)->assertOk();
            }
        }
    }

    /**
     * @return array<string, true> every field that a request is asked for, by name: the code of the application says
     *    which there are
     */
    private static function fields(): array
    {
        static $fields = [];
        if ($fields === []) {
            foreach (['app/Http', 'app/View', 'app/Forms'] as $folder) {
                foreach (
                    new \RecursiveIteratorIterator(
                        new \RecursiveDirectoryIterator(base_path($folder), \FilesystemIterator::SKIP_DOTS),
                    ) as $file
                ) {
                    preg_match_all(self::ASKS, (string) file_get_contents((string) $file), $found);
                    $fields += array_fill_keys(array_filter([...$found[1], ...$found[2]]), true);
                }
            }
        }

        return $fields;
    }

    public function test_the_fields_of_all_forms_are_among_those_that_are_drawn(): void
    {
        $forms = array_merge(...array_map(fn (array $form): array => array_keys($form[1]), Forms::all()));
        // What a kind or an axis has is in a list of its own, or drawn with it.
        $known = self::fields() + self::ofKinds();
        $this->assertSame([], array_values(array_unique(array_diff($forms, array_keys($known)))));
        $this->assertGreaterThan(150, count($known));
    }

    /** @return array<string, true> fields of kinds, by name */
    private static function ofKinds(): array
    {
        $fields = [];
        foreach (
            [
                ...Outputs::all(),
                ...Behaviours::all(),
                ...MadeKinds::all(),
                ...Curves::all(),
                ...array_values(LampRules::all()),
            ] as $class
        ) {
            $fields += $class::fields()->all;
        }
        foreach (
            [
                Stop::fields(), Layer::fields(), HandOver::fields(), Tile::fields(), PanelPage::fields(),
                Macro::fields(),
                ...array_map(fn (string $class): Fields => $class::fields(null), AxisParts::all()),
            ] as $one
        ) {
            $fields += $one->all;
        }

        return array_fill_keys(array_keys($fields), true);
    }

    /** @return array{string, TestResponse} */
    private function send(Route $route): array
    {
        $method = $route->methods()[0];
        $uri = '/'.(string) preg_replace_callback('/\{(\w+)\}/', fn (array $m) => rawurlencode(match ($m[1]) {
            'set' => $this->pick(['skerrywing', 'skerrywing', 'skerrywing', 'house', 'marl', 'nowhere', '12']),
            'part' => $this->pick(
                ['curve', 'range', 'notches', 'steady', 'calibrate', 'rotation', 'dead_zones', 'nonsense', 'measured'],
            ),
            'device' => $this->pick(['fennel', 'teasel', 'gorse', 'nowhere', "a\0b", "\xff"]),
            default => $this->pick(['0123456789abcdef', "\0", "\xff", '..%2f..']),
        }), $route->uri());
        $fields = [];
        // Most requests have one or two strange values among many usual ones: what is all strange is refused at the
        // door.
        $this->tame = $this->pick([97, 97, 97, 90, 50]);
        foreach ($this->dice->pickArrayKeys(self::fields(), $this->dice->getInt(1, 80)) as $field) {
            $fields[$field] = $this->value((string) $field, 0);
        }
        if ($this->dice->getInt(1, 100) <= 80) {
            $fields['from'] = (string) SetRecord::query()->where('id', 'skerrywing')->value('head_id');
        }
        $request = $method.' '.$uri.' '.substr(
            (string) json_encode($fields, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE),
            0,
            1500,
        );
        if (str_starts_with((string) $route->getName(), 'line.')) {
            $json = $this->dice->getInt(1, 100) <= 85 ? (string) json_encode(
                ['set' => 'skerrywing'] + $fields,
                JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE,
            ) : $this->pick([
                '{"n":1e999,"to":1e999}', '[',
                '{"n":9223372036854775807,"to":1,"set":"skerrywing","inputs":[[1e999,"fennel/mark",1]]}', '"text"',
                '{"a":'.str_repeat('[', 600).str_repeat(']', 600).'}', "{\"set\":\"\xff\"}",
            ]);

            return [
                $method.' '.$uri.' '.substr($json, 0, 600),
                $this->call(
                    'POST',
                    $uri,
                    [],
                    [],
                    [],
                    ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                    $json,
                ),
            ];
        }
        if ($method === 'GET') {
            return [$request, $this->call('GET', $uri, $fields)];
        }
        $files = $this->dice->getInt(1, 100) <= 40 ? [
            'file' => UploadedFile::fake()->createWithContent($this->pick(['a.json', "b\xff.csv", 'c']), $this->file()),
        ] : [];

        return [$request, $this->from('/sets/skerrywing/assign')->call('POST', $uri, $fields, [], $files)];
    }

    private function value(string $field, int $depth): mixed
    {
        if (
            in_array(
                $field,
                ['output', 'behave', 'otherwise', 'say'],
                true,
            ) && $depth === 0 && $this->dice->getInt(1, 100) <= $this->tame
        ) {
            // All that a kind has stands in a list.
            $all = $this->dice->pickArrayKeys(self::ofKinds(), $this->dice->getInt(1, 12));

            return array_combine($all, array_map(fn (string $one): mixed => $this->value($one, 1), $all));
        }
        $known = match ($field) {
            'layer', 'to_layer', 'hold' => ['base', 'water', 'nowhere'],
            'ref', 'to_ref', 'together', 'opener', 'control', 'holder' => [
                'fennel/mark', 'fennel/ring', 'gorse/hat.north', 'fennel/left-lever', 'fennel/switch-1.up', 'nowhere/x',
                'fennel/encoder.plus',
            ],
            'axis', 'other' => ['fennel/left-lever', 'gorse/y', 'gorse/x', 'rowan/wheel', 'nowhere/x'],
            'does', 'kind' => [
                'axis', 'axis variable', 'mouse movement', 'button', 'key', 'set variable', 'on/off variable',
                'hold layer', 'open stop', 'hat', 'mouse button', 'mouse wheel', 'mouse step', 'consumer control',
                'step variable', 'swap variable', 'lamp', 'flag', 'go to layer', 'step layer', 'start macro',
                'let go of everything', 'nothing', 'macro', 'type', 'above', 'between', 'zones', 'four directions',
                'shared travel', 'flat', 'stepped', 'expo', 'points', 'button', 'two-way',
            ],
            'behaviour' => ['follow', 'toggle', 'pulse', 'repeat', 'cycle', 'short/long/double', 'ticks', 'macro'],
            'what' => [
                'cell', 'row', 'layer', 'point', 'notch', 'stop', 'threshold', 'zones', 'directions', 'halves', 'made',
                'bound', 'measure', 'teach', 'next', 'end', 'sheet',
            ],
            'how' => ['copy', 'move', 'swap', 'clear'],
            'path' => [
                'stops/cruise', 'cells/base/fennel/mark', 'layers/water', 'nonsense', 'axes/fennel/left-lever/curve',
            ],
            'action' => ['power', 'drop-sack', 'nowhere', '1'],
            'way' => [
                '{"kind":"button","number":3}', '{"kind":"key","code":"KeyA"}', '{"kind":"start macro","macro":"x"}',
                '{', '[]', '{"kind":1e999}',
            ],
            'events' => [
                '[{"t":1,"kind":"key","target":"KeyA","on":true},{"t":9,"kind":"key","target":"KeyA","on":false}]',
                '[{}]', '{', '[1e999]',
            ],
            'opens' => ['held', 'flip', 'until drawn back', 'held shut', 'x'],
            'side' => ['above', 'below'],
            'set', 'target', 'carry' => ['skerrywing', 'hairpin-ladder', 'nowhere'],
            'device', 'old', 'new' => ['fennel', 'gorse', 'nowhere'],
            'name' => ['A name', ...array_column(ActionKind::cases(), 'value')],
            default => ['1', '0', '50', '3.5'],
        };
        $roll = $this->dice->getInt(1, 100);

        return match (true) {
            $roll <= $this->tame => $this->pick($known),
            $roll <= $this->tame + (100 - $this->tame) / 2 => $this->pick([
                '', '0', '1', '-1', '100', '1e999', '-1e999', '9223372036854775807', '-9223372036854775808', 'NAN',
                '1e308', '0x10', ' 5 ', '٣', '1,5',
            ]),
            $roll <= $this->tame + (100 - $this->tame) * 0.8 => $this->pick([
                "\0", "a\0b", "line\nbreak", "\e[31m", "\u{202E}txt", "\xff\xfe", "\xc3\x28", str_repeat('x', 5000),
                '<script>', '../../etc', "'\"--", '{"a":1}', '💡', "\u{FEFF}",
            ]),
            $depth < 2 => array_map(
                fn () => $this->value($field, $depth + 1),
                array_fill(0, $this->dice->getInt(0, 3), 0),
            ),
            default => $this->pick(['x', '7']),
        };
    }

    private function file(): string
    {
        $set = (string) SetRecord::query()->with('head')->findOrFail('skerrywing')->head->document;

        return match ($this->dice->getInt(1, 8)) {
            1 => '',
            2 => substr($set, 0, $this->dice->getInt(0, strlen($set))),
            3 => str_replace('"base"', '"12"', $set),
            4 => "action,key\nPower,Shift+L\n",
            5 => "t_us,device,control,value\n0,fennel,mark,1\n5,fennel,mark,x\n",
            6 => $this->dice->getBytes(200),
            7 => '05010904a101',
            default => (string) preg_replace_callback(
                '/\d+/',
                fn () => (string) $this->pick(['1e999', '-1', '99999999999999999999', '0.5', '"x"', 'null']),
                $set,
                3,
            ),
        };
    }
}
