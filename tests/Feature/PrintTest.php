<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PrintRecord;
use App\Models\SetRecord;
use App\Sets\SetStore;
use App\View\Keep\PrintAsked;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Exchange\Print\Ink;
use Nailrod\Core\Exchange\Print\Paper;
use Nailrod\Core\Exchange\Print\Scale;
use Tests\TestCase;

/** The Print place: what is asked for, what is kept of it, what has changed since, and how large a device is. */
final class PrintTest extends TestCase
{
    /** @param array<string, mixed> $fields */
    private function send(string $set, string $path, array $fields = [], string $query = ''): TestResponse
    {
        return $this->from('/sets/skerrywing/print')->post(
            '/sets/'.$set.'/'.$path.$query,
            $fields + ['from' => SetRecord::query()->findOrFail($set)->head_id],
        );
    }

    public function test_each_thing_that_is_printed_shows_its_pages(): void
    {
        $this->get('/sets/skerrywing/print')
            ->assertOk()
            ->assertSee('print__page--a4', false)
            ->assertSee('width="210mm"', false);
        foreach (['a4', 'letter', 'tape'] as $paper) {
            foreach (Paper::TAPES as $height) {
                $this->get(
                    '/sets/skerrywing/print?device=fennel&paper='.$paper.'&height='.$height,
                )->assertOk()->assertSee($paper === 'tape' ? 'height="'.$height.'mm"' : 'print__page--'.$paper, false);
            }
        }
        foreach (
            [
                'card&paper=a5', 'card&paper=a6&apart=1', 'card&paper=a4-folded&large=1', 'list&paper=letter',
                'list&large=1&black=1',
            ] as $asked
        ) {
            $this->get('/sets/skerrywing/print?what='.$asked)->assertOk()->assertSee('Power');
        }
        $this->get('/sets/skerrywing/print?device=fennel&black=1')->assertDontSee(Ink::COLOURS[1], false);
    }

    public function test_every_paper_that_can_be_printed_on_has_a_page_of_its_size_in_the_styles(): void
    {
        $css = (string) file_get_contents(resource_path('css/print.css'));
        $papers = [...array_map(Paper::of(...), array_keys(Paper::names('a4', 'letter', 'a5', 'a6', 'a4-folded')))];
        foreach (Paper::TAPES as $height) {
            foreach (Paper::LENGTHS as $length) {
                $papers[] = Paper::tape($height, $length);
            }
        }
        foreach ($papers as $paper) {
            $this->assertStringContainsString(
                sprintf('@page %s { size: %smm %smm; margin: 0; }', $paper->id, $paper->width, $paper->height),
                $css,
            );
            $this->assertStringContainsString(sprintf('.print__page--%1$s { page: %1$s; }', $paper->id), $css);
        }
    }

    public function test_the_colours_on_paper_are_those_of_the_light_theme(): void
    {
        $css = (string) file_get_contents(resource_path('css/app.css'));
        foreach (Ink::COLOURS as $look => $colour) {
            $this->assertStringContainsString('--layer-'.$look.': '.$colour.';', $css);
        }
    }

    public function test_letters_that_the_font_does_not_have_are_told(): void
    {
        $this->get('/sets/skerrywing/print?device=fennel')->assertDontSeeText('The font of the labels has no');
        $this->post(
            '/sets/house/rig/note',
            [
                'from' => (string) SetRecord::query()->findOrFail('house')->head_id, 'control' => 'fennel/mark',
                'name' => 'Знак 5 ‰',
            ],
        );
        $this->get('/sets/skerrywing/print?what=card')->assertSeeText(
            'The font of the labels has no З н а к ‰. A font of this computer draws them, as large as there is room.',
        );
    }

    public function test_a_page_is_saved_as_a_drawing_of_its_own(): void
    {
        $this->get('/sets/skerrywing/print/1.svg?device=fennel')->assertNotFound();
        $response = $this->get('/sets/skerrywing/print/1?device=fennel&paper=letter')->assertOk();
        $this->assertSame('image/svg+xml', explode(';', (string) $response->headers->get('Content-Type'))[0]);
        $this->assertSame(
            'attachment; filename="skerrywing-labels-fennel-1.svg"',
            $response->headers->get('Content-Disposition'),
        );
        $this->assertStringContainsString('width="215.9mm"', (string) $response->getContent());
        $this->get('/sets/skerrywing/print/7?device=fennel')->assertNotFound();
    }

    public function test_what_changes_after_it_was_printed_is_counted_and_can_be_printed_alone(): void
    {
        $this->get('/sets/skerrywing/print?device=fennel')->assertDontSee('since it was printed');
        $this->send('skerrywing', 'print/done', [], '?device=fennel')->assertSessionHas(
            'said',
            'Kept as printed. What changes from now on is counted here.',
        );
        $this->get('/sets/skerrywing/print?device=fennel')->assertSee('Nothing has changed since it was printed on');
        $this->get('/sets/skerrywing/print?device=gorse')->assertDontSee('since it was printed');
        $this->from('/sets/skerrywing/assign')->post(
            '/sets/skerrywing/cells',
            [
                'from' => SetRecord::query()->findOrFail('skerrywing')->head_id, 'layer' => 'base',
                'ref' => 'fennel/mark', 'does' => 'button', 'output' => ['number' => '5'],
            ],
        )->assertSessionHas('said');
        $this->get('/sets/skerrywing/print?device=fennel')
            ->assertSee('1 label since it was printed on')
            ->assertSee('1 changed');
        $this->get(
            '/sets/skerrywing/print?device=fennel&changed=1',
        )->assertSee('Mark button')->assertDontSee('>Power<', false);
        $this->send('skerrywing', 'print/done', [], '?device=fennel&changed=1');
        $this->get(
            '/sets/skerrywing/print?device=fennel&changed=1',
        )->assertSee('Nothing has changed since it was printed.');
        $this->assertSame(1, PrintRecord::query()->count(), 'it is kept once for each device');
        $this->send('skerrywing', 'print/done', [], '?what=card');
        $this->send('skerrywing', 'print/done', [], '?what=list');
        $this->assertSame(
            ['card', 'labels fennel', 'list'],
            PrintRecord::query()->orderBy('what')->pluck('what')->all(),
        );
    }

    public function test_how_large_a_device_is_is_said_once_for_every_simulator_and_can_be_undone(): void
    {
        $size = ['device' => 'fennel', 'control' => 'left-lever', 'other' => 'right-lever', 'mm' => '48'];
        $this->send('house', 'print/size', $size)->assertSessionHas(
            'said',
            'Fennel, size: not said here → 48 mm from Left lever to Right lever',
        );
        foreach (['skerrywing', 'hairpin-ladder'] as $id) {
            $set = app(SetStore::class)->current(SetRecord::query()->findOrFail($id));
            $this->assertEqualsWithDelta(0.3, Scale::of($set, $set->rig->devices['fennel'])->unit, 0.0001);
        }
        $this->get('/sets/skerrywing/print?device=fennel')->assertSee('It is 48 mm from Left lever to Right lever.');
        $this->send('house', 'print/size', ['mm' => ''] + $size)->assertSessionHasErrors(
            ['mm' => 'Apart: found nothing, expected how far they are apart in mm.'],
        );
        $this->send('house', 'print/size', ['mm' => '0.4'] + $size)->assertSessionHasErrors(
            ['mm' => 'Apart: found "0.4", expected 2 to 2000.'],
        );
        $this->send('house', 'print/size', ['other' => 'left-lever'] + $size)->assertSessionHas(
            'problem',
            fn (string $problem) => str_contains($problem, 'another control'),
        );
        $this->send('house', 'print/size', ['device' => 'fennel'])->assertSessionHas('said');
        $this->get('/sets/skerrywing/print?device=fennel')->assertSee('So far the drawing is taken for true.');
        $this->send('house', 'undo');
        $this->get('/sets/skerrywing/print?device=fennel')->assertSee('It is 48 mm');
    }

    public function test_an_address_that_asks_for_what_is_not_there_says_what_is_shown_instead(): void
    {
        $this->get('/sets/skerrywing/print?what=poster')->assertOk()->assertSee(
            'The address names the thing to print “poster”, which is not here. Labels is shown instead.',
        );
        $this->get('/sets/skerrywing/print?device=nettle')->assertOk()->assertSee('which is not here');
        foreach (
            ['height=7', 'paper=a3', 'text=poem', 'layers[]=moon', 'layers=base', 'what[]=card', 'large=yes'] as $query
        ) {
            $this->assertContains($this->get('/sets/skerrywing/print?'.$query)->getStatusCode(), [200, 302, 303, 422]);
        }
        $this->get('/sets/house/print?what=list')->assertOk();
    }

    public function test_it_begins_with_the_device_of_which_most_is_said(): void
    {
        $set = app(SetStore::class)->current(SetRecord::query()->findOrFail('quay-cable'));
        $asked = new PrintAsked($set, [], new \App\View\NotHere);
        $most = array_count_values(array_map(
            fn (string $ref) => explode('/', $ref)[0],
            array_merge(...array_map(array_keys(...), array_values($set->cells))),
        ));
        unset($most['clover']);
        $this->assertSame(max($most), $most[$asked->device?->id]);
    }
}
