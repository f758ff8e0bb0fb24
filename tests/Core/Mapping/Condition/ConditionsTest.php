<?php

declare(strict_types=1);

namespace Tests\Core\Mapping\Condition;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Condition\Conditions;
use Nailrod\Core\Mapping\Condition\Joined;
use Nailrod\Core\Mapping\Condition\RunView;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ConditionsTest extends TestCase
{
    private const UP = ['flag' => 'armed', 'is' => 'up'];
    private const SHUT = ['stop' => 'cruise', 'is' => 'shut'];
    private const LIVE = ['layer' => 'water', 'is' => 'live'];
    private const FAST = ['variable' => 'speed', 'is' => '≥', 'to' => 5];

    private static function read(array $said): Condition
    {
        return Conditions::read(Node::of($said, 'when'));
    }

    private static function seen(
        bool $flag = false,
        bool $stop = false,
        string $layer = 'base',
        float $speed = 0.0,
    ): RunView {
        return new class ($flag, $stop, $layer, $speed) implements RunView {
            public function __construct(
                private bool $flag,
                private bool $stop,
                private string $layer,
                private float $speed,
            ) {}

            public function liveLayer(): string
            {
                return $this->layer;
            }

            public function isStopOpen(string $stop): bool
            {
                return $this->stop;
            }

            public function isFlagUp(string $flag): bool
            {
                return $this->flag;
            }

            public function isClosed(string $contact): bool
            {
                return false;
            }

            public function variable(string $variable): float
            {
                return $this->speed;
            }
        };
    }

    /** @return \Generator<RunView> every state that the questions above can tell apart */
    private static function runs(): \Generator
    {
        foreach ([true, false] as $flag) {
            foreach ([true, false] as $stop) {
                foreach (['water', 'base'] as $layer) {
                    foreach ([4.999999, 5.0, 5.000001] as $speed) {
                        yield self::seen($flag, $stop, $layer, $speed);
                    }
                }
            }
        }
    }

    /** @return array<string, array{array<string, mixed>}> */
    public static function all(): array
    {
        $all = [
            'flag' => [self::UP], 'stop' => [self::SHUT], 'layer' => [self::LIVE],
            'all' => [['all' => [self::UP, self::SHUT, self::FAST]]],
            'any' => [['any' => [self::UP, self::LIVE, self::SHUT, self::FAST]]],
        ];
        foreach (['=', '≠', '<', '≤', '>', '≥'] as $is) {
            $all[$is] = [['is' => $is] + self::FAST];
        }

        return $all;
    }

    public function test_each_question_asks_what_it_says(): void
    {
        $this->assertTrue(self::read(self::UP)->holds(self::seen(flag: true)));
        $this->assertFalse(self::read(self::UP)->holds(self::seen()));
        $this->assertTrue(self::read(self::SHUT)->holds(self::seen()));
        $this->assertFalse(self::read(self::SHUT)->holds(self::seen(stop: true)));
        $this->assertTrue(self::read(self::LIVE)->holds(self::seen(layer: 'water')));
        $this->assertFalse(self::read(self::LIVE)->holds(self::seen()));
        $this->assertTrue(self::read(['is' => 'not live'] + self::LIVE)->holds(self::seen()));
        $this->assertTrue(self::read(self::FAST)->holds(self::seen(speed: 5.0)));
        $this->assertFalse(self::read(self::FAST)->holds(self::seen(speed: 4.999999)));
        $this->assertTrue(
            self::read(['to' => 5.0000004] + self::FAST)->holds(self::seen(speed: 5.0)),
            'six decimals count',
        );
    }

    public function test_several_are_joined_by_all_or_by_one(): void
    {
        $all = self::read(['all' => [self::UP, self::SHUT]]);
        $any = self::read(['any' => [self::UP, self::SHUT]]);
        $this->assertSame(
            [true, false, false, false],
            [
                $all->holds(self::seen(flag: true)), $all->holds(self::seen(flag: true, stop: true)),
                $all->holds(self::seen()), $all->holds(self::seen(stop: true)),
            ],
        );
        $this->assertSame(
            [true, true, true, false],
            [
                $any->holds(self::seen(flag: true)), $any->holds(self::seen(flag: true, stop: true)),
                $any->holds(self::seen()), $any->holds(self::seen(stop: true)),
            ],
        );
    }

    #[DataProvider('all')]
    public function test_it_is_written_as_it_was_read_and_its_negation_holds_when_it_does_not(array $said): void
    {
        $condition = self::read($said);
        $this->assertEquals($said, $condition->toArray());
        $this->assertEquals($condition, $condition->negated()->negated());
        foreach (self::runs() as $run) {
            $this->assertSame(! $condition->holds($run), self::read($condition->negated()->toArray())->holds($run));
        }
    }

    /**
     * When what is named goes, the rest holds just when the whole did with that settled: a flag is down, a stop is
     * shut, a layer is not live.
     */
    #[DataProvider('all')]
    public function test_what_is_left_of_it_holds_as_the_whole_did_without_what_has_gone(array $said): void
    {
        foreach (
            [
                'flag' => ['flag' => false], 'stop' => ['stop' => false], 'layer' => ['layer' => 'base'],
            ] as $gone => $settled
        ) {
            $condition = self::read($said);
            $left = $condition->left(fn (string $sort, string $id): bool => $sort === $gone);
            foreach ([true, false] as $flag) {
                foreach ([true, false] as $stop) {
                    foreach ([4.0, 6.0] as $speed) {
                        $run = self::seen(
                            ...$settled + ['flag' => $flag, 'stop' => $stop, 'layer' => 'water', 'speed' => $speed],
                        );
                        $this->assertSame($condition->holds($run), is_bool($left) ? $left : $left->holds($run), $gone);
                    }
                }
            }
        }
        $this->assertSame(self::read(self::UP)->left(fn () => false)->toArray(), self::UP);
    }

    public function test_of_two_one_is_left_by_itself(): void
    {
        $left = self::read(['all' => [self::UP, self::SHUT]])->left(fn (string $sort, string $id) => $id === 'cruise');
        $this->assertInstanceOf(Condition::class, $left);
        $this->assertNotInstanceOf(Joined::class, $left);
        $this->assertSame(self::UP, $left->toArray());
    }

    public function test_it_is_read_back(): void
    {
        $this->assertSame(
            'armed is up and cruise is shut and speed ≥ 5',
            self::read(['all' => [self::UP, self::SHUT, self::FAST]])->inWords(new PlainNames),
        );
        $this->assertSame(
            'armed is up or layer water is live',
            self::read(['any' => [self::UP, self::LIVE]])->inWords(new PlainNames),
        );
    }

    public function test_what_cannot_be_is_refused_with_its_place(): void
    {
        foreach ([
            'when: found ' => [],
            'when.all: found ' => ['all' => [self::UP]],
            'when.any' => ['any' => [self::UP, self::UP, self::UP, self::UP, self::UP]],
            'when.all[1].is: found "open", expected one of up, down' => [
                'all' => [self::UP, ['flag' => 'armed', 'is' => 'open']],
            ],
            'when.all[0]' => ['all' => [['any' => [self::UP, self::SHUT]], self::UP]],
            'when.flag' => ['all' => [self::UP, self::SHUT], 'flag' => 'armed'],
        ] as $says => $said) {
            try {
                self::read($said);
                $this->fail($says);
            } catch (FormatError $error) {
                $this->assertStringStartsWith($says, $error->getMessage());
            }
        }
    }
}
