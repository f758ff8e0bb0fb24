<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\RigEdits;
use Nailrod\Core\Set\SetDocument;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** What is wrong with a part is told when its document is read, before anybody knows the rig. */
final class PartsCheckTest extends TestCase
{
    private const GOOD = [
        'layers' => ['name' => 'Water'],
        'flags' => ['name' => 'Flag'],
        'macros' => ['name' => 'Macro', 'steps' => [['do' => 'tap', 'key' => 'KeyA', 'at_ms' => 0]]],
        'lamps' => ['lamp' => 'd/lamp', 'while' => ['layer' => 'water'], 'colour' => 'green'],
        'made' => ['kind' => 'above', 'name' => 'Up', 'of' => ['d/a'], 'at' => 0.5],
    ];

    /** @param array<string, mixed> $part */
    private static function refusal(string $section, string $key, array $part): string
    {
        try {
            SetDocument::read(Node::of([
                'format' => 'nailrod-set', 'version' => 1, 'id' => 'test', 'name' => 'Test',
                $section => [$key => $part],
            ]));
        } catch (FormatError $error) {
            return $error->getMessage();
        }

        return '';
    }

    #[TestWith(['layers'])]
    #[TestWith(['flags'])]
    #[TestWith(['macros'])]
    #[TestWith(['lamps'])]
    #[TestWith(['made'])]
    public function test_a_part_has_an_id_of_plain_letters(string $section): void
    {
        $this->assertStringContainsString('Not An Id', self::refusal($section, 'Not An Id', self::GOOD[$section]));
    }

    #[TestWith(['macros', ['name' => 'Macro', 'steps' => [['do' => 'dance']]], 'dance'])]
    #[TestWith(['lamps', ['lamp' => 'd/lamp', 'while' => ['layer' => 'water'], 'colour' => 'beige'], 'beige'])]
    #[TestWith(['made', ['kind' => 'wish', 'axis' => 'd/a'], 'wish'])]
    #[TestWith(['made', ['kind' => 'above', 'name' => 'Up', 'of' => ['d/a'], 'at' => 7], '7'])]
    public function test_what_a_part_says_is_looked_at(string $section, array $part, string $told): void
    {
        $this->assertStringContainsString($told, self::refusal($section, 'good', $part));
    }

    public function test_stops_from_both_sides_may_meet_but_not_pass_each_other(): void
    {
        $stops = fn (float $from): array => [
            'stops' => [
                'up' => ['name' => 'Up', 'axes' => ['d/a'], 'at' => 0.5, 'side' => 'above', 'opens' => 'held'],
                'down' => ['name' => 'Down', 'axes' => ['d/a'], 'at' => $from, 'side' => 'below', 'opens' => 'held'],
            ],
        ];
        $this->assertCount(2, Desk::plain()->saying($stops(0.5))->assembled()->stops);
        $this->expectExceptionMessage('leaves room on Lever A');
        Desk::plain()->saying($stops(0.51))->assembled();
    }

    public function test_only_an_axis_of_the_rig_is_shaped(): void
    {
        $edits = new RigEdits(Desk::plain()->assembled());
        $this->assertNotNull(
            $edits->shape('d/a', ['dead_zones' => ['low' => 0.1]])->value(PartPath::axis('d/a', 'dead_zones')),
        );
        $this->expectException(FormatError::class);
        $edits->shape('d/none', ['dead_zones' => ['low' => 0.1]]);
    }

    public function test_an_axis_is_as_it_comes_until_anything_shapes_it(): void
    {
        $axis = new AxisInput('d/a', '', 1, 0, 1000, false);
        $with = fn (array $parts): bool => Shaping::read($axis, array_map(Node::of(...), $parts))->isAsItComes();
        $this->assertTrue($with([]));
        $this->assertFalse(
            $with(['notches' => ['kind' => 'flat', 'at' => [0.5], 'width' => 0.02, 'hysteresis' => 0.01]]),
        );
        $this->assertFalse($with(['dead_zones' => ['low' => 0.1]]));
    }
}
