<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Nailrod\Core\Set\Findable;
use Nailrod\Core\Set\Finder;
use PHPUnit\Framework\TestCase;

/** Finding anything by a part of its name. */
final class FinderTest extends TestCase
{
    /** @return list<string> */
    private static function found(string $typed, int $most = 40): array
    {
        $all = array_map(fn (array $said): Findable => new Findable($said[0], $said[1], $said[2] ?? '', 'there'), [
            ['action', 'Anchor light', 'lights'], ['action', 'Anchor', 'water'], [
                'control', 'Mark button', 'Fennel, output 31',
            ], ['place', 'Lamps', 'Make'],
            ['macro', 'Drop the anchor', ''], ['control', 'Ring lever', 'Fennel'], [
                'control', 'String pull', 'Teasel',
            ], ['finding', 'Lehár’s Ünder (x)', ''],
        ]);

        return array_map(fn (Findable $one): string => $one->name, (new Finder($all))->find($typed, $most));
    }

    public function test_what_begins_so_comes_before_what_has_it_within(): void
    {
        $this->assertSame(['Anchor', 'Anchor light', 'Drop the anchor'], self::found('anch'));
        $this->assertSame(
            ['Ring lever', 'String pull'],
            self::found('ring'),
            'a word that begins so, then one that has it within',
        );
        $this->assertSame(['Anchor', 'Anchor light'], self::found('anchor', 2));
    }

    public function test_all_words_must_be_there_in_the_name_or_beside_it_and_capitals_and_spaces_do_not_count(): void
    {
        $this->assertSame(['Mark button'], self::found('  FENNEL   mark '));
        $this->assertSame(['Ring lever', 'Mark button'], self::found('fennel'));
        $this->assertSame(
            ['Mark button', 'Ring lever', 'String pull'],
            array_values(array_intersect(['Mark button', 'Ring lever', 'String pull'], self::found('control'))),
        );
        $this->assertSame([], self::found('fennel anchor'));
        $this->assertSame(['Lehár’s Ünder (x)'], self::found('ünd'));
        $this->assertSame(['Lehár’s Ünder (x)'], self::found('(x)'));
    }

    public function test_nothing_typed_finds_nothing(): void
    {
        $this->assertSame([[], []], [self::found(''), self::found(" \t ")]);
        $this->assertSame([], self::found('zzzz'));
    }
}
