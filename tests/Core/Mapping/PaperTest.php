<?php

declare(strict_types=1);

namespace Tests\Core\Mapping;

use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Mapping\Output\KeyNames;
use Nailrod\Core\Mapping\TypingTest;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What keys type is what they would type on a keyboard of that layout. */
final class PaperTest extends TestCase
{
    private static function layout(string $id): KeyLayout
    {
        return KeyLayout::fromJson((string) file_get_contents(__DIR__.'/../../../layouts/'.$id.'.layout.json'));
    }

    private static function typed(string $layout, string ...$strokes): string
    {
        $paper = new TypingTest(self::layout($layout));
        foreach ($strokes as $stroke) {
            $key = KeyNames::read($stroke) ?? throw new \LogicException($stroke);
            $codes = [...$key->with, $key->code];
            array_map(fn (string $code) => $paper->key($code, true), $codes);
            array_map(fn (string $code) => $paper->key($code, false), array_reverse($codes));
        }

        return $paper->text();
    }

    #[TestWith(['us'])]
    #[TestWith(['uk'])]
    #[TestWith(['german'])]
    #[TestWith(['french'])]
    #[TestWith(['swedish'])]
    public function test_what_a_layout_types_stands_on_its_paper(string $id): void
    {
        $layout = self::layout($id);
        $text = "Harbour 42, over!\n(a;b:c)\té";
        $text = implode('', array_diff(mb_str_split($text), $layout->missing($text)));
        $paper = new TypingTest($layout);
        foreach ($layout->strokes($text) as $stroke) {
            $codes = [...$stroke->with, $stroke->code];
            array_map(fn (string $code) => $paper->key($code, true), $codes);
            array_map(fn (string $code) => $paper->key($code, false), $codes);
        }
        $this->assertSame($text, $paper->text());
    }

    public function test_the_same_keys_type_something_else_in_another_layout(): void
    {
        $this->assertSame(
            ['yz;', 'zyö'],
            [self::typed('us', 'KeyY', 'KeyZ', 'Semicolon'), self::typed('german', 'KeyY', 'KeyZ', 'Semicolon')],
        );
    }

    public function test_commands_and_keys_without_a_sign_stand_there_by_their_names(): void
    {
        $this->assertSame(
            "a[Ctrl+R][F7]B 5+\n[Right Alt+Enter]",
            self::typed(
                'us',
                'KeyA',
                'Ctrl+R',
                'F7',
                'Right Shift+B',
                'Space',
                'Num 5',
                'Num +',
                'Enter',
                'Right Alt+Enter',
            ),
        );
        $this->assertSame('ac', self::typed('us', 'KeyA', 'KeyB', 'Backspace', 'KeyC'));
        $this->assertSame('aBCd', self::typed('us', 'KeyA', 'CapsLock', 'KeyB', 'KeyC', 'CapsLock', 'KeyD'));
        $this->assertSame('', self::typed('us', 'Backspace', 'Shift'));
    }

    public function test_a_key_that_stays_down_types_once_and_a_dead_key_waits_for_the_next(): void
    {
        $paper = new TypingTest(self::layout('us'));
        foreach ([true, true, false, false, true] as $isDown) {
            $paper->key('KeyA', $isDown);
        }
        $this->assertSame('aa', $paper->text());
        $french = self::layout('french');
        [$dead, $after] = $french->strokes('ê');
        $paper = new TypingTest($french);
        foreach ([$dead, $after, $dead] as $stroke) {
            $paper->key($stroke->code, true);
            $paper->key($stroke->code, false);
        }
        $this->assertSame('ê', $paper->text());
        $paper->key('F9', true);
        $this->assertSame('ê[F9]', $paper->text());
    }
}
