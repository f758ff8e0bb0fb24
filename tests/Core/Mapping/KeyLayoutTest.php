<?php

declare(strict_types=1);

namespace Tests\Core\Mapping;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Mapping\Output\KeyStroke;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class KeyLayoutTest extends TestCase
{
    private static function shipped(string $id): KeyLayout
    {
        return KeyLayout::fromJson((string) file_get_contents(__DIR__.'/../../../layouts/'.$id.'.layout.json'));
    }

    private static function typed(string $layout, string $text): string
    {
        return implode(
            ' ',
            array_map(
                fn (KeyStroke $stroke) => implode('+', [...$stroke->with, $stroke->code]),
                self::shipped($layout)->strokes($text),
            ),
        );
    }

    /** @return iterable<array{string, string, string}> */
    public static function texts(): iterable
    {
        yield ['us', "Zoe?\n", 'ShiftLeft+KeyZ KeyO KeyE ShiftLeft+Slash Enter'];
        yield ['german', "Zoe?\n", 'ShiftLeft+KeyY KeyO KeyE ShiftLeft+Minus Enter'];
        yield ['french', 'Zoe? 7', 'ShiftLeft+KeyW KeyO KeyE ShiftLeft+KeyM Space ShiftLeft+Digit7'];
        yield ['uk', '"@£é', 'ShiftLeft+Digit2 ShiftLeft+Quote ShiftLeft+Digit3 AltRight+KeyE'];
        yield ['german', 'ß@[é^', 'Minus AltRight+KeyQ AltRight+Digit8 Equal KeyE Backquote Space'];
        yield ['french', 'ê#ù', 'BracketLeft KeyE AltRight+Digit3 Quote'];
        yield [
            'swedish', 'Åsa å ö é',
            'ShiftLeft+BracketLeft KeyS KeyA Space BracketLeft Space Semicolon Space Equal KeyE',
        ];
    }

    #[DataProvider('texts')]
    public function test_a_text_is_typed_by_the_keys_of_its_layout(string $layout, string $text, string $keys): void
    {
        $this->assertSame($keys, self::typed($layout, $text));
    }

    public function test_what_a_layout_cannot_type_is_left_out_and_named_once(): void
    {
        $us = self::shipped('us');
        $this->assertSame(['ö', '€'], $us->missing('Böö € öx'));
        $this->assertSame('ShiftLeft+KeyB Space Space KeyX', self::typed('us', 'Böö € öx'));
        $this->assertSame([], self::shipped('german')->missing('Böö € öx'));
    }

    public function test_every_shipped_layout_types_letters_figures_and_the_signs_of_a_call(): void
    {
        foreach (glob(__DIR__.'/../../../layouts/*.json') ?: [] as $file) {
            $layout = KeyLayout::fromJson((string) file_get_contents($file));
            $this->assertSame($layout->id.'.layout.json', basename($file));
            $this->assertSame(
                [],
                $layout->missing(
                    "The quick brown fox jumps over the lazy dog, 0123456789: \"Quay 4?\" (yes!) - it's/we're; "
                        ."a.b_c=d+e\n\t",
                ),
                $layout->name,
            );
        }
    }

    public function test_no_two_characters_are_typed_alike(): void
    {
        foreach (['us', 'uk', 'german', 'french', 'swedish'] as $id) {
            $seen = [];
            $layout = self::shipped($id);
            foreach (
                mb_str_split(
                    'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ'
                        .'0123456789äöüßåéèêñ!"#$%&/()=?+*,.-;:_<>@£€[]{}|~^`´§°\'\\',
                ) as $character
            ) {
                $keys = json_encode(
                    array_map(fn (KeyStroke $stroke) => $stroke->toArray(), $layout->strokes($character)),
                );
                if ($keys !== '[]') {
                    $this->assertArrayNotHasKey($keys, $seen, $id.': '.$character.' and '.($seen[$keys] ?? ''));
                    $seen[$keys] = $character;
                }
            }
        }
    }

    /** @return iterable<array{array<string, mixed>, string}> */
    public static function broken(): iterable
    {
        yield [['keys' => ['Key1' => ['a']]], 'keys.Key1: found "Key1", expected a key by its W3C code'];
        yield [['keys' => ['KeyA' => ['ab']]], 'keys.KeyA[0]: found 2 characters, expected at most 1 characters'];
        yield [
            ['keys' => ['KeyA' => ['a']], 'dead' => [['key' => 'Equal', 'level' => 0, 'makes' => ['b' => 'c']]]],
            'dead[0].makes.b: found "b", expected a character that a key of the layout gives',
        ];
        yield [['keys' => ['KeyA' => ["\n"]]], 'keys.KeyA[0]'];
    }

    /** @param array<string, mixed> $fields */
    #[DataProvider('broken')]
    public function test_a_broken_layout_is_refused_with_its_place(array $fields, string $told): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($told);
        KeyLayout::read(Node::of(['format' => 'nailrod-layout', 'version' => 1, 'id' => 'x', 'name' => 'X'] + $fields));
    }
}
