<?php

declare(strict_types=1);

namespace Tests\Core\Exchange\Print;

use Nailrod\Core\Exchange\Print\Fitted;
use Nailrod\Core\Exchange\Print\Letters;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How much room a text takes, how it is broken, and how it is made to fit. */
final class LettersTest extends TestCase
{
    public function test_a_text_is_as_wide_as_its_letters_together_and_grows_with_its_size(): void
    {
        $this->assertEqualsWithDelta(
            Letters::width('Trim', 8) + Letters::width(' nose', 8),
            Letters::width('Trim nose', 8),
            0.001,
        );
        $this->assertEqualsWithDelta(2 * Letters::width('Trim', 5), Letters::width('Trim', 10), 0.001);
        $this->assertGreaterThan(
            Letters::width('mast', 8, false),
            Letters::width('mast', 8, true),
            'bold letters are wider',
        );
        $this->assertGreaterThan(
            Letters::width('ab', 8),
            Letters::width('舵輪', 8),
            'a letter that the font does not have takes room too',
        );
        $this->assertSame(0.0, Letters::width('', 8));
    }

    /** @return iterable<string, array{string}> */
    public static function texts(): iterable
    {
        yield 'short' => ['Horn'];
        yield 'of several words' => ['Landing lights of the left wing on or off'];
        yield 'one word that is long' => ['Navigationslichterumschaltung'];
        yield 'both' => ['Call Navigationslichterumschaltung 2'];
        yield 'other signs' => ['Зажигание левого двигателя'];
        yield 'nothing' => [''];
    }

    #[DataProvider('texts')]
    public function test_no_line_is_wider_than_there_is_room_and_no_letter_is_lost(string $text): void
    {
        foreach ([4.0, 9.0, 20.0, 200.0] as $width) {
            $lines = Letters::lines($text, 7.0, $width);
            $this->assertSame(str_replace(' ', '', $text), str_replace(' ', '', implode('', $lines)));
            foreach ($lines as $line) {
                $this->assertLessThanOrEqual($width, Letters::width($line, 7.0));
            }
        }
        $this->assertSame([$text], Letters::lines($text, 7.0, 200.0));
    }

    public function test_what_the_font_does_not_have_is_known_and_has_a_room_that_is_guessed(): void
    {
        $this->assertSame(['‰', 'Ж'], Letters::lacking("5 ‰ of Ж, ‰ and caf\u{E9} \u{AD}"));
        $this->assertSame([], Letters::lacking('Left lever, 62.4 % – “on”'));
        $this->assertGreaterThan(0.0, Letters::width('‰', 8.0));
        $this->assertSame(Letters::width('ab', 8.0), Letters::width("a\u{AD}b", 8.0));
    }

    public function test_a_text_gets_the_largest_letters_in_one_line_then_in_two_then_the_owners_words(): void
    {
        $fit = fn (float $width, string $own = 'Sw 4') => Fitted::of('Landing lights', $own, $width, 5.5, 10.0, 5.0);
        $this->assertSame(
            [['Landing lights'], 10.0, false, true],
            [$fit(40)->lines, $fit(40)->size, $fit(40)->isOwn, $fit(40)->fits],
        );
        $one = $fit(13.0);
        $this->assertSame(['Landing lights'], $one->lines);
        $this->assertTrue($one->size < 10.0 && $one->size >= 5.0);
        $this->assertGreaterThan(
            13.0,
            Letters::width('Landing lights', $one->size + 0.5),
            'no larger ones would have had room',
        );
        $this->assertSame(['Landing', 'lights'], $fit(8.0)->lines);
        $this->assertSame([['Sw 4'], true, true], [$fit(5.0)->lines, $fit(5.0)->isOwn, $fit(5.0)->fits]);
        $this->assertFalse($fit(2.0)->fits);
        $this->assertFalse($fit(4.0, '')->fits, 'who has no shorter words is told');
        $this->assertSame(['Landing lights'], $fit(4.0, '')->lines, 'it is whole, however small');
    }

    public function test_two_lines_need_the_height_for_two(): void
    {
        $this->assertCount(2, Fitted::of('Landing lights', '', 8.0, 4.2, 10.0, 5.0)->lines);
        $this->assertFalse(Fitted::of('Landing lights', '', 8.0, 3.0, 10.0, 5.0)->fits);
        $fitted = Fitted::of('Landing lights', '', 8.0, 4.2, 10.0, 5.0);
        $this->assertLessThanOrEqual(4.2, $fitted->height());
    }
}
