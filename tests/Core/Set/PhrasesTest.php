<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\PhraseList;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\RigEdits;
use Nailrod\Core\Set\SetDiff;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Words;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** The list of phrases, as its owner writes it. */
final class PhrasesTest extends TestCase
{
    private static function with(string $phrase, ?BindingSet $on = null): BindingSet
    {
        return DemoSets::skerrywing((new RigEdits($on ?? DemoSets::skerrywing()))->addPhrase('phrases', $phrase));
    }

    private static function without(string $ref, ?BindingSet $on = null): BindingSet
    {
        return DemoSets::skerrywing((new RigEdits($on ?? DemoSets::skerrywing()))->removePhrase($ref));
    }

    public function test_a_phrase_that_is_added_has_a_number_a_place_and_is_known_when_it_is_said(): void
    {
        $set = self::with('Cast off', self::with('Wait for me'));
        $this->assertSame(
            ['phrases/phrase-13', 'phrases/phrase-14'],
            [$set->rig->phrase('wait  FOR me'), $set->rig->phrase('cast off')],
        );
        $this->assertSame(
            ['13', '14'],
            [$set->rig->numberOf('phrases/phrase-13'), $set->rig->numberOf('phrases/phrase-14')],
        );
        $controls = $set->rig->devices['phrases']->controls;
        $places = array_map(fn ($control) => $control->x.' '.$control->y, $controls);
        $this->assertSame(count($places), count(array_unique($places)));
        $this->assertGreaterThanOrEqual(
            max(array_map(fn ($control) => $control->y, $controls)) + 50,
            $set->rig->devices['phrases']->height,
            'all are on the plate',
        );
        $this->assertSame([], $set->missing);
    }

    public function test_a_removed_phrase_is_not_known_and_its_number_may_be_had_but_not_what_was_said_of_it(): void
    {
        $set = self::without('phrases/phrase-4');
        $this->assertNull($set->rig->phrase('Lines in'));
        $this->assertCount(11, $set->rig->phrases());
        $again = self::with('Lines in', $set);
        $this->assertNotSame(
            'phrases/phrase-4',
            $again->rig->phrase('Lines in'),
            'what the old one did is not taken over',
        );
        $gone = self::without((string) $again->rig->phrase('Lines in'), $again);
        $this->assertCount(11, $gone->rig->phrases());
    }

    public function test_it_is_told_in_words(): void
    {
        $before = DemoSets::skerrywing();
        $told = fn (BindingSet $from, BindingSet $to): string => (new Words($to))->sentence(
            SetDiff::between($from->merged->own, $to->merged->own),
        );
        $added = self::with('Cast off');
        $this->assertSame(
            'Phrase list, Cast off: not said here → named "Cast off", at 240, 690, positions 13',
            $told($before, $added),
        );
        $this->assertSame(
            'Phrase list, Lines in: not said here → left out',
            $told($before, self::without('phrases/phrase-4')),
        );
    }

    public function test_what_cannot_be_is_refused(): void
    {
        $refused = function (\Closure $does, string $words): void {
            try {
                $does();
                $this->fail('taken');
            } catch (FormatError $error) {
                $this->assertStringContainsString($words, $error->getMessage());
            }
        };
        $refused(fn () => self::with('lights'), 'found "lights", expected one that the list does not have yet');
        $refused(
            fn () => DemoSets::skerrywing(
                (new RigEdits(DemoSets::skerrywing()))->note('phrases/phrase-4', ['name' => 'Lights']),
            ),
            'one that the list does not have yet',
        );
        $refused(
            fn () => (new RigEdits(DemoSets::skerrywing()))->addPhrase('fennel', 'Cast off'),
            'a list of phrases of the rig',
        );
        $refused(fn () => self::without('fennel/mark'), 'a phrase of a list');
        $document = fn (array $note): SetDocument => SetDocument::read(Node::of([
            'format' => 'nailrod-set', 'version' => 1, 'id' => 'x', 'name' => 'X', 'parent' => 'house',
            'controls' => ['phrases' => ['one-more' => $note]],
        ]));
        $refused(fn () => DemoSets::skerrywing($document(['name' => 'Cast off'])), 'at');
        $refused(
            fn () => DemoSets::skerrywing(
                $document(['name' => 'Cast off', 'at' => [10, 10], 'contacts' => [['number' => 4]]]),
            ),
            'a number that no other phrase has',
        );
        $refused(
            fn () => DemoSets::skerrywing($document([
                'name' => 'Cast off', 'at' => [10, 10], 'contacts' => [['number' => 40], ['id' => 'b', 'number' => 41]],
            ])),
            'a kind that fits',
        );
    }

    public function test_a_list_that_is_begun_is_empty_and_takes_phrases(): void
    {
        $list = DeviceReader::read(Node::of(PhraseList::document()));
        $this->assertTrue(PhraseList::isIn(new Rig([$list])));
        [$id, $note] = PhraseList::note($list, 'Cast off', []);
        $this->assertSame(['phrase-1', [['number' => 1]]], [$id, $note['contacts']]);
    }
}
