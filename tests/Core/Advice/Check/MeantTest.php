<?php

declare(strict_types=1);

namespace Tests\Core\Advice\Check;

use Nailrod\Core\Advice\Check\Checks;
use Nailrod\Core\Advice\Check\Finding;
use Nailrod\Core\Advice\Check\FindingsReport;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Drafts;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** What the checks tell can be answered: it is meant. It is told again when what it speaks of becomes another. */
final class MeantTest extends TestCase
{
    private static function of(SetDocument $document, SetDocument ...$beside): BindingSet
    {
        $drafts = [$document->id => $document];
        foreach ($beside as $one) {
            $drafts[$one->id] = $one;
        }

        return (new Assembly(new Drafts(new DemoSets, $drafts)))->assemble($document);
    }

    private static function meant(BindingSet $set, Finding $finding, string $why = 'So it is.'): SetDocument
    {
        return $set->merged->own->with(FindingsReport::path($finding), FindingsReport::meaning($finding, $set, $why));
    }

    private static function halfPair(BindingSet $set): Finding
    {
        return array_values(
            array_filter(FindingsReport::of($set)->told, fn (Finding $finding) => $finding->kind === 'half a pair'),
        )[0];
    }

    /** @return array{list<string>, list<string>} */
    private static function kinds(BindingSet $set): array
    {
        $report = FindingsReport::of($set);

        return [
            array_map(fn (Finding $finding) => $finding->kind, $report->told),
            array_map(fn (Finding $finding) => $finding->kind, $report->meant),
        ];
    }

    public function test_what_is_meant_is_counted_apart_and_stays_away_when_the_set_is_read_again(): void
    {
        $set = DemoSets::skerrywing();
        $this->assertSame([['half a pair', 'not reached', 'not reached'], []], self::kinds($set));
        $this->assertSame('3 to look at', FindingsReport::of($set)->inWords());
        $finding = self::halfPair($set);
        $meant = self::of(SetDocument::fromJson(self::meant($set, $finding)->toJson()));
        $this->assertSame([['not reached', 'not reached'], ['half a pair']], self::kinds($meant));
        $this->assertSame(
            ['2 to look at, 1 meant', [$finding->id() => 'So it is.']],
            [FindingsReport::of($meant)->inWords(), FindingsReport::of($meant)->reasons],
        );
        $this->assertCount(2, Checks::over($meant));
        $this->assertSame($finding->id(), Checks::find($meant, $finding->id())?->id());
        // It is said in every set below, and can be taken back there.
        $below = self::of((new DemoSets)->set('dunlin') ?? throw new \LogicException, $meant->merged->own);
        $this->assertContains('half a pair', self::kinds($below)[1]);
        $this->assertNotContains(
            'half a pair',
            self::kinds(
                self::of((new Edits($below))->takenAway(FindingsReport::path($finding)), $meant->merged->own),
            )[1],
        );
    }

    public function test_it_is_told_again_when_what_it_speaks_of_becomes_another(): void
    {
        $set = DemoSets::skerrywing();
        $finding = self::halfPair($set);
        $meant = self::meant($set, $finding);
        $spot = $finding->spots[0];
        $cell = $set->merged->value(PartPath::cell($spot->layer, $spot->ref));
        assert(is_array($cell));
        foreach ([
            'another behaviour' => $meant->with(
                PartPath::cell($spot->layer, $spot->ref),
                ['behaviour' => ['kind' => 'pulse', 'width_ms' => 90]] + $cell,
            ),
            'another way' => $meant->with(PartPath::way($finding->actions[0]), ['kind' => 'button', 'number' => 77]),
            'another place' => $meant->without(PartPath::cell($spot->layer, $spot->ref))->with(
                PartPath::cell('base', 'fennel/left-thumb'),
                $cell,
            ),
        ] as $what => $changed) {
            $report = FindingsReport::of(self::of($changed));
            $this->assertSame([], $report->meant, $what);
            $this->assertSame('So it is.', $report->reasons[$finding->id()] ?? '', $what);
        }
        // Anything else may change.
        $this->assertCount(
            1,
            FindingsReport::of(
                self::of($meant->with(PartPath::cell('base', 'gorse/button-4'), ['nothing' => true])),
            )->meant,
        );
        $this->assertCount(1, FindingsReport::of(self::of($meant->renamed('Skerrywing, mine')))->meant);
    }

    public function test_what_is_told_of_a_lamp_rule_comes_back_when_the_rule_is_another(): void
    {
        $rule = ['lamp' => 'rowan/rev-1', 'while' => ['always' => true], 'colour' => 'white'];
        $set = self::of(DemoSets::skerrywing()->merged->own->with(PartPath::lamp('ring'), $rule));
        $finding = array_values(
            array_filter(FindingsReport::of($set)->told, fn (Finding $one) => $one->kind === 'no such colour'),
        )[0];
        $meant = self::meant($set, $finding);
        $this->assertSame(['no such colour'], self::kinds(self::of($meant))[1]);
        $this->assertSame(
            [],
            self::kinds(self::of($meant->with(PartPath::lamp('ring'), ['lamp' => 'rowan/rev-2'] + $rule)))[1],
        );
    }

    public function test_a_mark_says_what_it_is_of_and_why(): void
    {
        $set = DemoSets::skerrywing();
        $finding = self::halfPair($set);
        $words = (new \Nailrod\Core\Set\Words($set))->lines(
            \Nailrod\Core\Set\SetDiff::between($set->merged->own, self::meant($set, $finding)),
        );
        $this->assertSame(
            [
                'That cast mooring off is reached, Make mooring fast is not: there is no way back. It is needed: not '
                    .'said here → is meant: “So it is.”',
            ],
            $words,
        );
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('meant.0f: found no field "why"');
        SetDocument::fromJson((string) json_encode([
            'format' => SetDocument::FORMAT, 'version' => 1, 'id' => 'a', 'name' => 'A',
            'meant' => ['0f' => ['says' => 'X', 'of' => 'y']],
        ]));
    }
}
