<?php

declare(strict_types=1);

namespace Tests\Ways;

use App\Sets\SetStore;
use Nailrod\Core\Format\Type\Type;
use Tests\TestCase;

/**
 * Goes each way of docs/START.md, and compares whose methods were called with what the page lists. Run by WaysTest in a
 * process of its own, since the classes have to be loaded in another way.
 */
final class Going extends TestCase
{
    private const ROOT = __DIR__.'/../../';

    private const PAGE = 'Every request of a page';

    private const EDIT = 'An edit becomes a revision';

    private const READING = 'A reading comes to the game';

    /** @var array<string, true> files that some way passed */
    private static array $met = [];

    /** The formats, and kinds: each is found by the list of its family. */
    private const KINDS = [
        'core/Format/', 'core/Mapping/Output/', 'core/Mapping/Behaviour/', 'core/Mapping/Condition/',
        'core/Mapping/Lamp/', 'core/Mapping/Made/', 'core/Mapping/Axis/', 'core/Rig/Device/Kind/', 'core/Set/Section/',
    ];

    public function test_a_reading_comes_to_the_game(): void
    {
        $rig = $this->rig();
        $rig->call(
            'POST',
            '/hands/'.$rig->hand,
            ['n' => 1, 't' => 1000, 'inputs' => [[1000, 'gorse/trigger.half', 0]]],
        );
        $this->goes([self::READING], function () use ($rig): void {
            $rig->clock->time += 50_000;
            $reply = $rig->call('POST', '/hands/'.$rig->hand, ['n' => 2, 't' => 2000, 'inputs' => [
                [2000, 'fennel/left-lever', 40_000], [2000, 'fennel/mark', 1],
            ]]);
            $this->assertSame(200, $reply->status);
        });
        $this->assertNotSame([], $rig->seen()['hands']);
    }

    public function test_an_edit_becomes_a_revision(): void
    {
        $this->get('/sets/dunlin/assign')->assertOk();
        $from = app(SetStore::class)->open('dunlin')->head_id;
        $this->goes([self::EDIT, self::PAGE], fn () => $this->post('/sets/dunlin/cells', [
            'from' => $from, 'layer' => 'base', 'ref' => 'fennel/left-thumb', 'does' => 'button',
            'output' => ['number' => '30'], 'behaviour' => 'follow',
        ])->assertSessionHas('said'));
    }

    public function test_a_layer_goes_with_all_that_names_it(): void
    {
        $this->get('/sets/dunlin/layers')->assertOk();
        $from = app(SetStore::class)->open('dunlin')->head_id;
        $this->goes(['A layer goes, with all that names it', self::EDIT, self::PAGE], fn () => $this->post(
            '/sets/dunlin/layers/remove',
            ['from' => $from, 'layer' => 'water'],
        )
            ->assertSessionHas('said'));
    }

    public function test_labels_are_printed(): void
    {
        $this->get('/sets/skerrywing/print?what=labels&device=fennel')->assertOk();
        $this->goes(
            ['Labels are printed', self::PAGE],
            fn () => $this->get('/sets/skerrywing/print/1?what=labels&device=fennel')->assertOk(),
        );
    }

    public function test_a_tap_on_a_phone_comes_to_the_game(): void
    {
        $rig = $this->rig();
        $this->goes(['A tap on a phone comes to the game', self::READING], function () use ($rig): void {
            $rig->clock->time += 50_000;
            $reply = $rig->call('POST', '/hands/'.$rig->hand, ['n' => 1, 't' => 2000, 'inputs' => [
                [2000, 'clover/talk', 1], [2080, 'clover/talk', 0],
            ]]);
            $this->assertSame(200, $reply->status);
        });
    }

    /**
     * @param list<string>      $as  sections of the page whose files it passes
     * @param callable(): mixed $way
     */
    private function goes(array $as, callable $way): void
    {
        Trace::begin();
        $way();
        $passed = array_values(array_filter(array_keys(Trace::$called), self::does(...)));
        sort($passed);
        $this->assertGreaterThan(10, count($passed));
        $listed = array_merge(...array_map(fn (string $section): array => self::listed()[$section], $as));
        $this->assertSame(
            [],
            array_values(array_diff($passed, $listed)),
            $as[0].': passed, and not listed in docs/START.md.',
        );
        self::$met += array_fill_keys($passed, true);
    }

    /** Goes last: a file that is listed under a way and that no way passes is out of date. */
    public function test_what_is_listed_is_passed(): void
    {
        $listed = array_merge(...array_values(array_diff_key(self::listed(), ['What you look for' => true])));
        foreach ($listed as $file) {
            $this->assertFileExists(self::ROOT.$file);
        }
        $doing = array_filter(array_unique($listed), self::does(...));
        $this->assertSame([], array_values(array_diff($doing, array_keys(self::$met))), 'listed, and passed by no way');
    }

    /** @return array<string, list<string>> files that the page lists, by section */
    private static function listed(): array
    {
        $listed = [];
        foreach (preg_split('/^## /m', (string) file_get_contents(self::ROOT.'docs/START.md')) ?: [] as $section) {
            preg_match_all('/`((?:core|app)\/[\w\/]+\.php)`/', $section, $found);
            $listed[strtok($section, "\n")] = $found[1];
        }

        return $listed;
    }

    /**
     * Does a file do something: is it neither of the formats, nor a kind, nor an enum, nor a value that shows all that
     * it is?
     */
    private static function does(string $file): bool
    {
        foreach (self::KINDS as $folder) {
            if (str_starts_with($file, $folder)) {
                return false;
            }
        }
        $class = strtr(
            substr($file, 0, -strlen('.php')),
            ['core/' => 'Nailrod\\Core\\', 'app/' => 'App\\', '/' => '\\'],
        );
        if (! class_exists($class)) {
            return trait_exists($class);
        }
        $of = new \ReflectionClass($class);
        if ($of->isEnum() || $of->implementsInterface(Type::class)) {
            return false;
        }
        $hidden = array_filter(
            $of->getProperties(),
            fn (\ReflectionProperty $one): bool => ! $one->isStatic() && ! $one->isPublic(),
        );

        return ! $of->isReadOnly() || $of->getProperties() === [] || $hidden !== [];
    }
}
