<?php

declare(strict_types=1);

namespace Tests\Core\Advice\Plan;

use Nailrod\Core\Advice\Plan\KeyPairing;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\ChordEdits;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\Heard;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Words;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** A key and a control that are pressed soon after each other belong to each other. */
final class PairingTest extends TestCase
{
    private static function set(?SetDocument $document = null): BindingSet
    {
        return DemoSets::skerrywing($document);
    }

    #[TestWith(['KeyJ', 'bracken/push-12', 'When Push 12 closes in Cruise: key J, follow.'])]
    #[TestWith(['ShiftLeft+ControlLeft+KeyJ', 'bracken/push-12', 'When Push 12 closes in Cruise: key Shift+Ctrl+J, '
        .'follow.'])]
    #[TestWith(['KeyV', 'bracken/push-12', 'When Push 12 closes in Cruise: Flaps one up by key V, pulse 60 ms.'])]
    #[TestWith(['ShiftRight', 'bracken/push-12', 'When Push 12 closes in Cruise: key Right Shift, follow.'])]
    #[TestWith(['KeyJ', 'fennel/switch-2.up', 'When Switch 2 up closes in Cruise: key J, pulse 60 ms.'])]
    #[TestWith(['KeyJ', 'bracken/encoder-1.plus', 'When Encoder 1 + closes in Cruise: key J, a pulse of 20 ms a '
        .'tick.'])]
    public function test_what_is_pressed_together_is_assigned_and_read_back(
        string $keys,
        string $ref,
        string $sentence,
    ): void {
        $this->assertSame(
            $sentence,
            (
                new Words(self::set((new KeyPairing(self::set()))->pair($keys, 'base', $ref, 1999)))
            )->sentenceOf('base', $ref),
        );
    }

    #[TestWith(['KeyJ', 'base', 'bracken/push-12', 2001, 'Pair: found Push 12 and the key 2.0 s apart, expected both '
        .'within 2 s'])]
    #[TestWith(['KeyJ', 'base', 'fennel/left-lever', 10, 'Control: found Left lever, which is an axis, expected one '
        .'that is pressed or flipped'])]
    #[TestWith(['KeyJ', 'base', 'fennel/ring', 10, 'Control: found Ring lever, which leads to another layer'])]
    #[TestWith(['KeyJ', 'water', 'fennel/ring', 10, 'Control: found Ring lever, which leads to another layer'])]
    #[TestWith(['Fn', 'base', 'bracken/push-12', 10, 'Key: found Fn, expected a key that has a name'])]
    #[TestWith(['', 'base', 'bracken/push-12', 10, 'Key: found none'])]
    #[TestWith(['KeyJ', 'none', 'bracken/push-12', 10, 'Layer: found none of that name'])]
    #[TestWith(['KeyJ', 'base', 'none/none', 10, 'Control: found none'])]
    public function test_what_is_no_pair_says_why(
        string $keys,
        string $layer,
        string $ref,
        int $apart,
        string $why,
    ): void {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($why);
        (new KeyPairing(self::set()))->pair($keys, $layer, $ref, $apart);
    }

    public function test_what_is_left_grows_less_until_nothing_is_asked_for(): void
    {
        $set = self::set();
        $pairing = new KeyPairing($set);
        $all = [...$pairing->done('fennel', 'base'), ...$pairing->left('fennel', 'base')];
        $this->assertContains(
            'fennel/ring',
            $pairing->done('fennel', 'water'),
            'what holds the layer has something to do in it',
        );
        $this->assertSame($pairing->left('fennel', 'base')[0], $pairing->next('fennel', 'base'));
        $this->assertSame('fennel/switch-2.up', $pairing->next('fennel', 'base', 'fennel/switch-2.up'));
        $this->assertSame('fennel/switch-2.down', $pairing->after('fennel', 'base', 'fennel/switch-2.up'));
        $asked = [];
        for (
            $ref = $pairing->next(
                'fennel',
                'base',
                'fennel/switch-2.up',
            ); $ref !== null; $ref = $pairing->next('fennel', 'base', $ref)
        ) {
            $asked[] = $ref;
            $set = self::set($pairing->pair('KeyJ', 'base', $ref, 0));
            $pairing = new KeyPairing($set);
        }
        $this->assertSame([], $pairing->left('fennel', 'base'));
        $this->assertEqualsCanonicalizing($all, $pairing->done('fennel', 'base'));
        $this->assertSame(array_unique($asked), $asked);
        $this->assertSame('fennel/switch-2.up', $asked[0]);
        $this->assertNull($pairing->after('fennel', 'base', $asked[0]));
        $this->assertNull($pairing->next('none', 'base'));
    }

    public function test_what_was_there_before_is_taken_back_by_the_document_before(): void
    {
        $set = self::set();
        $paired = self::set((new KeyPairing($set))->pair('KeyJ', 'base', 'fennel/mark', 5));
        $this->assertSame(
            'key J',
            (new Words($paired))->output(
                $paired->cell('base', 'fennel/mark')?->outputs[0] ?? throw new \LogicException,
            ),
        );
        $cleared = self::set((new Edits($paired))->clear('base', 'fennel/mark'));
        $this->assertNull($cleared->cell('base', 'fennel/mark'));
    }

    public function test_a_contact_that_is_only_in_a_chord_is_not_left_to_be_asked_for(): void
    {
        $set = self::set();
        [$one, $two] = (new KeyPairing($set))->left('fennel', 'base');
        $chorded = self::set((new ChordEdits($set))->add('base', [$one, $two], 50, 0, new ControllerButton(9)));
        $this->assertNotContains($one, (new KeyPairing($chorded))->left('fennel', 'base'));
        $this->assertNotContains($two, (new KeyPairing($chorded))->left('fennel', 'base'));
        $this->assertStringStartsWith('part of chord ', $chorded->chordWords('base', $one));
        $this->assertSame('', $chorded->chordWords('water', $one), 'it is named in the layer that has it');
        $this->assertSame('', $set->chordWords('base', $one));
    }

    public function test_a_key_that_has_a_use_already_is_warned_of_and_the_games_own_key_for_an_action_is_not(): void
    {
        $set = self::set();
        $this->assertSame('', (new KeyPairing($set))->warning('KeyJ'));
        $this->assertSame('', (new KeyPairing($set))->warning('no key'));
        // Once it is paired, it has a use.
        $paired = self::set((new KeyPairing($set))->pair('KeyJ', 'base', 'bracken/push-12', 0));
        $this->assertSame(
            'Paired, but key J has a use already: sent by Bracken Push 12, Cruise.',
            (new KeyPairing($paired))->warning('KeyJ'),
        );
        $this->assertStringContainsString('the desktop keeps', (new KeyPairing($set))->warning('AltLeft+Tab'));
        // Flaps one up by V: only that another contact does it is said.
        $this->assertSame(
            'Paired, but key V has a use already: sent by Fennel Switch 4 up, Cruise.',
            (new KeyPairing($set))->warning('KeyV'),
        );
        // Where a key is taken for the action itself, the action is what is meant; else what the game does with it is
        // said.
        $meant = 0;
        foreach ($set->catalogue->actions ?? [] as $action) {
            if ($action->key === null) {
                continue;
            }
            $isMeant = (new Heard($set))->action($action->key)?->id === $action->id;
            $this->assertSame(
                ! $isMeant,
                str_contains(
                    (new KeyPairing($set))->warning($action->key->codes()),
                    'the game takes it for '.$action->name,
                ),
                $action->name,
            );
            $meant += (int) $isMeant;
        }
        $this->assertGreaterThan(0, $meant);
    }
}
