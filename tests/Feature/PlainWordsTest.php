<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SetRecord;
use App\Sets\SetStore;
use Illuminate\Routing\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** No page, form, finding, refusal or sentence shows an id, a path or a code name where a person has a name for it. */
final class PlainWordsTest extends TestCase
{
    private function words(string $set): PlainWords
    {
        $record = SetRecord::query()->findOrFail($set);

        return new PlainWords(app(SetStore::class)->current($record));
    }

    /** @return iterable<string, array{string}> */
    public static function sets(): iterable
    {
        foreach (['skerrywing', 'hairpin-ladder', 'house'] as $set) {
            yield $set => [$set];
        }
    }

    #[DataProvider('sets')]
    public function test_no_page_shows_what_no_person_reads(string $set): void
    {
        $words = $this->words($set);
        $found = [];
        $pages = $this->pages($set);
        foreach ($pages as $path) {
            $page = $this->get('/sets/'.$set.'/'.$path);
            $this->assertContains($page->getStatusCode(), [200, 422], $path);
            // What is a file to take away is none.
            foreach (
                str_starts_with(
                    (string) $page->headers->get('Content-Type'),
                    'text/html',
                ) ? PlainWords::textsOf((string) $page->getContent()) : [] as $text
            ) {
                foreach ($words->stumbles($text) as $stumble) {
                    $found[$stumble] ??= $path.': '.$stumble;
                }
            }
        }
        $already = $this->get('/sets/'.$set.'/already')->assertOk()->json();
        foreach ([...array_values($already['said']), ...array_values($already['names'])] as $texts) {
            foreach ($texts as $text) {
                array_push($found, ...$words->stumbles($text));
            }
        }
        $this->assertGreaterThan(25, count($pages));
        $this->assertSame([], array_values($found));
    }

    /** @return list<string> every place, with everything picked on it that can be */
    private function pages(string $set): array
    {
        $current = app(SetStore::class)->current(SetRecord::query()->findOrFail($set));
        $pages = array_values(array_unique(array_map(
            fn (Route $route): string => str_replace('sets/{set}/', '', $route->uri()),
            array_filter(
                app('router')->getRoutes()->getRoutes(),
                fn (Route $route): bool => in_array('GET', $route->methods(), true) && preg_match(
                    '#^sets/\{set\}/[a-z-]+$#',
                    $route->uri(),
                ) === 1,
            ),
        )));
        foreach ($current->rig->devices as $device) {
            array_push(
                $pages,
                'rig?device='.$device->id,
                'rig?do=measure&device='.$device->id,
                'rig?do=arrange&device='.$device->id,
                'assign?device='.$device->id,
                'assign?pair=on&device='.$device->id,
                'store?device='.$device->id,
                'lamps?device='.$device->id,
            );
        }
        foreach (array_keys($current->rig->axes) as $axis) {
            $pages[] = 'shape?axis='.rawurlencode((string) $axis);
            $pages[] = 'assign?more=numbers&ref='.rawurlencode((string) $axis);
        }
        foreach ($current->cells as $layer => $cells) {
            foreach (array_keys($cells) as $ref) {
                $pages[] = 'assign?layer='.$layer.'&ref='.rawurlencode((string) $ref);
            }
        }
        foreach (array_keys($current->macros) as $macro) {
            $pages[] = 'macros?macro='.$macro;
        }
        foreach (array_keys($current->lamps) as $rule) {
            $pages[] = 'lamps?rule='.$rule;
        }

        return [
            ...$pages,
            'plan?propose=all',
            ...array_map(
                fn (SetRecord $other): string => 'carry?from='.$other->id,
                SetRecord::query()->where('removed', false)->get()->all(),
            ),
        ];
    }

    public function test_the_page_of_a_list_shows_nothing_that_no_person_reads(): void
    {
        $words = $this->words('skerrywing');
        $page = (string) $this->post('/sets/skerrywing/actions/change')->headers->get('Location');
        $found = [];
        foreach (
            [
                ['gone' => ['horn', 'anchor', 'power-right', 'drop-sack']],
                [
                    'rows' => [
                        'mixture' => ['kind' => 'momentary'], 'flaps-up' => ['variable' => 'Slats', 'written' => 'yes'],
                    ],
                    'new' => [['action' => 'Ice lights']],
                ],
            ] as $edit
        ) {
            $this->post($page.'/said', $edit + ['for' => 'skerrywing', 'whole' => '1'])->assertRedirect();
            foreach (
                PlainWords::textsOf(
                    (string) $this->get($page)->assertOk()->assertSee('What it does')->getContent(),
                ) as $text
            ) {
                array_push($found, ...$words->stumbles($text));
            }
        }
        $this->assertSame([], $found);
    }

    public function test_no_refusal_shows_what_no_person_reads(): void
    {
        $words = $this->words('skerrywing');
        $found = [];
        $refused = 0;
        foreach (Forms::all() as [$path, $fields]) {
            // What something is called is anybody's own.
            foreach (array_diff_key($fields, array_flip(['id', 'stop', 'name', 'names'])) as $field => $value) {
                foreach (
                    [
                        '', '-1', '1e9', '0.123456', 'nowhere', 'fennel/mark', 'fennel/left-lever', 'drop-sack',
                        'water', 'KeyB',
                    ] as $strange
                ) {
                    $said = array_merge(
                        [
                            $field => is_array($value) ? [array_key_first($value) => $strange] + $value : $strange,
                        ] + $fields,
                        ['from' => (string) SetRecord::query()->where('id', 'skerrywing')->value('head_id')],
                    );
                    $this->from('/sets/skerrywing/assign')->post('/sets/skerrywing/'.$path, $said);
                    $texts = array_filter([session('problem'), ...(session('errors')?->all() ?? [])], is_string(...));
                    $refused += $texts === [] ? 0 : 1;
                    foreach ($texts as $text) {
                        // What was sent is told back as it came.
                        foreach (
                            $words->stumbles(
                                str_replace(['"'.$strange.'"', 'found '.$strange], ['…', 'found …'], $text),
                            ) as $stumble
                        ) {
                            $found[$path.$field.substr($stumble, 0, 20)] ??= $path.' '.$field.': '.$text;
                        }
                    }
                    session()->flush();
                }
            }
        }
        $this->assertGreaterThan(500, $refused);
        $this->assertSame([], array_values($found));
    }
}
