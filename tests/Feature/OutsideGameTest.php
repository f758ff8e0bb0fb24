<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Game\OutsideGame;
use Nailrod\Core\Engine\Simulator\GameBindings;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** The stand-in of a simulator outside of the rig, without a line. */
final class OutsideGameTest extends TestCase
{
    private static function game(): OutsideGame
    {
        $set = DemoSets::skerrywing();
        assert($set->catalogue !== null);

        return new OutsideGame($set->catalogue, GameBindings::of($set, $set->catalogue));
    }

    /** @return list<array<string, mixed>> a press of output 4, the sack, as the rig tells it */
    private static function press(int $at): array
    {
        return [
            ['t' => $at, 'kind' => 'button', 'target' => '4', 'value' => 1, 'name' => 'output 4'],
            ['t' => $at + 60_000, 'kind' => 'button', 'target' => '4', 'value' => 0, 'name' => 'output 4'],
        ];
    }

    /** @param list<array{int, string, float}> $inputs */
    private static function sacks(array $inputs): ?float
    {
        return array_column($inputs, 2, 1)['sim/sack'] ?? null;
    }

    public function test_it_tells_how_it_is_first_and_then_what_became_another(): void
    {
        $game = self::game();
        $this->assertSame(0.0, self::sacks($game->play([], 1000)));
        $this->assertNull(self::sacks($game->play([], 20_000)));
        $sacks = array_map(
            fn (int $now) => self::sacks($game->play($now === 40_000 ? self::press(30_000) : [], $now)),
            range(40_000, 200_000, 20_000),
        );
        $this->assertSame([1.0], array_values(array_filter($sacks, is_float(...))));
        $game->forget();
        $this->assertSame(1.0, self::sacks($game->play([], 220_000)), 'whoever listens anew is told all');
    }

    public function test_a_press_whose_rows_come_late_and_together_is_seen_all_the_same(): void
    {
        $game = self::game();
        $game->play([], 500_000);
        $sacks = array_map(
            fn (int $now) => self::sacks(
                $game->play($now === 520_000 ? [...self::press(300_000), ...self::press(400_000)] : [], $now),
            ),
            range(520_000, 800_000, 20_000),
        );
        $this->assertSame([1.0, 2.0], array_values(array_filter($sacks, is_float(...))));
    }
}
