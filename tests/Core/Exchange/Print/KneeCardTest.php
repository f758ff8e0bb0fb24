<?php

declare(strict_types=1);

namespace Tests\Core\Exchange\Print;

use Nailrod\Core\Exchange\Print\Flow;
use Nailrod\Core\Exchange\Print\Ink;
use Nailrod\Core\Exchange\Print\KneeCard;
use Nailrod\Core\Exchange\Print\Paper;
use Nailrod\Core\Exchange\Print\PrintPage;
use Nailrod\Core\Exchange\Print\SetListPage;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/**
 * The card for the knee and the list of a set: all that is assigned is on them, inside their pages, in letters that can
 * be read.
 */
final class KneeCardTest extends TestCase
{
    private static function set(string $id = 'skerrywing'): BindingSet
    {
        $library = new DemoSets(withPanels: true);
        $document = $library->set($id);
        assert($document !== null);

        return (new \Nailrod\Core\Set\Assembly($library))->assemble($document);
    }

    /** @return iterable<string, array{string, string, bool, bool}> */
    public static function cards(): iterable
    {
        foreach (['skerrywing', 'dunlin', 'quay-cable', 'hairpin-ladder', 'house'] as $set) {
            foreach (['a5', 'a6', 'a4-folded'] as $paper) {
                yield $set.' on '.$paper => [$set, $paper, false, false];
            }
            yield $set.', a page for each layer, large' => [$set, 'a5', true, true];
        }
    }

    #[DataProvider('cards')]
    public function test_all_that_is_assigned_is_on_the_card_inside_its_pages(
        string $id,
        string $paper,
        bool $isByLayer,
        bool $isLarge,
    ): void {
        $card = new KneeCard(self::set($id), Paper::of($paper), $isByLayer, $isLarge);
        $pages = $card->pages();
        $all = str_replace(' ', '', implode('', Marks::words($pages)));
        foreach ($card->says() as $text) {
            $this->assertStringContainsString(str_replace(' ', '', $text), $all);
        }
        $this->assertInside($pages, $isLarge ? 9.0 : 6.0);
    }

    /** @param list<PrintPage> $pages */
    private function assertInside(array $pages, float $least): void
    {
        foreach ($pages as $page) {
            foreach (Marks::texts($page->marks) as [$text, $left, $top, $right, $bottom, $size]) {
                $this->assertTrue($left >= 0.0 && $right <= $page->paper->width + 0.001, $text.' is beyond the sides');
                $this->assertTrue($top >= 0.0 && $bottom <= $page->paper->height, $text.' is beyond top or bottom');
                $this->assertGreaterThanOrEqual($least, $size, $text);
            }
        }
    }

    #[DataProvider('cards')]
    public function test_no_two_texts_lie_over_each_other(
        string $id,
        string $paper,
        bool $isByLayer,
        bool $isLarge,
    ): void {
        foreach ((new KneeCard(self::set($id), Paper::of($paper), $isByLayer, $isLarge))->pages() as $page) {
            $texts = Marks::texts($page->marks);
            foreach ($texts as $i => [$one, $left, $top, $right, $bottom]) {
                foreach (array_slice($texts, $i + 1) as [$other, $left2, $top2, $right2, $bottom2]) {
                    $over = min($right, $right2) - max($left, $left2) > 0.2
                        && min($bottom, $bottom2) - max($top, $top2) > 0.2;
                    $this->assertFalse($over, $one.' and '.$other);
                }
            }
        }
    }

    public function test_what_is_not_assigned_is_not_on_it_and_a_set_that_says_nothing_has_no_card(): void
    {
        $words = implode(
            ' ',
            Marks::words((new KneeCard(self::set('dunlin'), Paper::of('a5'), false, false))->pages()),
        );
        $this->assertStringNotContainsString('Bracken', $words);
        $this->assertStringNotContainsString('Sedge', $words);
        $this->assertStringContainsString('Fennel throttle', $words);
        $empty = (new \Nailrod\Core\Set\Assembly(new DemoSets))->assemble(SetDocument::fromJson(
            '{"format": "nailrod-set", "version": 1, "id": "empty", "name": "Empty", "devices": ["fennel"]}',
        ));
        $this->assertSame([], (new KneeCard($empty, Paper::of('a5'), false, false))->pages());
    }

    public function test_actions_stand_by_the_alphabet_with_what_reaches_them_and_the_keys_to_keep_off(): void
    {
        $pages = (new KneeCard(self::set('dunlin'), Paper::of('a5'), false, false))->pages();
        $words = Marks::words(
            array_values(array_filter($pages, fn (PrintPage $page) => str_contains($page->title, 'by action'))),
        );
        $names = array_values(array_intersect(
            $words,
            array_map(fn ($action) => $action->name, self::set('dunlin')->catalogue->actions ?? []),
        ));
        $sorted = $names;
        natcasesort($sorted);
        $this->assertSame(array_values($sorted), $names);
        $this->assertContains('Cast mooring off', $names);
        $this->assertContains('Keys to keep off', $words);
        $this->assertStringContainsString('Fennel Mark button in On water', implode(' ', $words));
    }

    public function test_a_page_for_each_layer_has_that_layer_alone(): void
    {
        $one = (new KneeCard(self::set('skerrywing'), Paper::of('a5'), true, false))->pages();
        $withWater = array_values(
            array_filter($one, fn (PrintPage $page) => in_array('On water', Marks::words([$page]), true)),
        );
        $this->assertNotSame([], $withWater);
        foreach ($withWater as $page) {
            $this->assertNotContains('Cruise', Marks::words([$page]));
        }
    }

    public function test_a_folded_sheet_has_two_pages_of_a5_beside_each_other(): void
    {
        $flat = (new KneeCard(self::set('skerrywing'), Paper::of('a5'), false, false))->pages();
        $folded = (new KneeCard(self::set('skerrywing'), Paper::of('a4-folded'), false, false))->pages();
        $this->assertCount((int) ceil(count($flat) / 2), $folded);
        $this->assertSame(Marks::words($flat), Marks::words($folded));
    }

    public function test_a_large_rig_goes_on_over_as_many_pages_as_it_takes(): void
    {
        $set = self::set('dunlin');
        $own = array_reduce(
            array_merge(...array_map(fn ($device) => $device->contacts(), array_values($set->rig->devices))),
            fn (SetDocument $document, $contact) => $document->with(
                PartPath::cell('base', $contact->ref),
                [
                    'behaviour' => ['kind' => 'pulse', 'on' => 'press'],
                    'outputs' => [
                        ['kind' => 'key', 'code' => 'KeyQ', 'with' => ['ControlLeft', 'AltLeft', 'ShiftLeft']],
                    ],
                ],
            ),
            $set->merged->own,
        );
        $full = (new \Nailrod\Core\Set\Assembly(new DemoSets(withPanels: true)))->assemble($own);
        $card = new KneeCard($full, Paper::of('a6'), false, true);
        $pages = $card->pages();
        $this->assertGreaterThan(8, count($pages));
        $this->assertInside($pages, 9.0);
        $wanted = count(array_filter($card->says(), fn (string $text) => $text === 'Key Ctrl+Alt+Shift+Q'));
        $this->assertGreaterThan(150, $wanted);
        $this->assertSame(
            $wanted,
            substr_count(str_replace(' ', '', implode('', Marks::words($pages))), 'Ctrl+Alt+Shift+Q'),
        );
    }

    public function test_the_list_has_every_line_of_the_set_inside_its_pages(): void
    {
        foreach (['a4', 'letter'] as $paper) {
            foreach ([false, true] as $isLarge) {
                $list = new SetListPage(self::set('dunlin'), Paper::of($paper), $isLarge);
                $pages = $list->pages();
                $this->assertInside($pages, $isLarge ? 12.0 : 8.0);
                $words = Marks::words($pages);
                $this->assertGreaterThan(30, count($list->says()));
                foreach (array_keys($list->says()) as $key) {
                    $name = array_reverse(explode(' ', (string) $key, 3))[0];
                    $this->assertStringContainsString(
                        str_replace(' ', '', $name),
                        str_replace(' ', '', implode('', $words)),
                    );
                }
            }
        }
    }

    public function test_a_row_is_never_torn_and_a_heading_never_alone_at_the_end(): void
    {
        $flow = new Flow(Paper::of('a6'), 'Test', 8.0, 2);
        for ($i = 1; $i <= 60; $i++) {
            if ($i % 7 === 1) {
                $flow->heading('Part '.$i, $i % 8);
            }
            $flow->row(['Row '.$i, str_repeat('word ', 1 + $i % 9)], [0.4, 0.6]);
        }
        $pages = $flow->pages();
        $this->assertGreaterThan(1, count($pages));
        $this->assertInside($pages, 8.0);
        foreach ($pages as $page) {
            $texts = Marks::texts($page->marks);
            foreach ($texts as $i => [$text]) {
                if (str_starts_with($text, 'Part ')) {
                    $this->assertStringStartsWith('Row ', $texts[$i + 1][0] ?? 'nothing', 'below '.$text);
                }
            }
        }
    }

    public function test_a_page_is_a_drawing_in_millimetres_that_stands_alone(): void
    {
        $page = (new KneeCard(self::set('dunlin'), Paper::of('a5'), false, false))->pages()[0];
        $colour = new \DOMDocument;
        $this->assertTrue($colour->loadXML($page->svg(new Ink(true, 'x'))));
        $this->assertSame(
            ['148mm', '210mm', '0 0 148 210'],
            array_map(
                fn (string $name) => $colour->documentElement?->getAttribute($name),
                ['width', 'height', 'viewBox'],
            ),
        );
        $this->assertStringNotContainsString('style=', $page->svg(new Ink(true)));
        $this->assertStringNotContainsString(
            'http',
            str_replace('http://www.w3.org/2000/svg', '', $page->svg(new Ink(true))),
        );
        $black = $page->svg(new Ink(false, 'x'));
        foreach (Ink::COLOURS as $hex) {
            $this->assertStringNotContainsString($hex, $black);
        }
        $this->assertStringContainsString('url(#hatchx-1)', $black, 'layers are told apart by their hatch');
    }
}
