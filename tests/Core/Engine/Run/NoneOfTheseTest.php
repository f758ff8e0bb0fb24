<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Engine\Live\Live;
use Nailrod\Core\Engine\Live\LivePicture;
use Nailrod\Core\Engine\Live\LiveState;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** The middle of a three-way switch: closed while neither up nor down is, but not in a flick through. */
final class NoneOfTheseTest extends TestCase
{
    private static function desk(): Desk
    {
        return Desk::plain()
            ->cell('base', 't.up', 'follow', ['kind' => 'button', 'number' => 1])
            ->cell('base', 't.middle', 'follow', ['kind' => 'button', 'number' => 2])
            ->cell('base', 't.down', 'follow', ['kind' => 'button', 'number' => 3]);
    }

    public function test_it_is_found_closed_without_the_settle_time(): void
    {
        $this->assertSame(['0 button 2 1'], self::desk()->play('0 t.up 0', '1 b1 0'));
        $this->assertSame(['0 button 1 1'], self::desk()->play('0 t.up 1', '1 b1 0'));
    }

    public function test_a_flick_through_the_middle_does_not_count(): void
    {
        $this->assertSame(
            ['0 button 1 1', '100 button 1 0', '130 button 3 1', '300 button 3 0', '340 button 2 1'],
            self::desk()->play('0 t.up 1', '100 t.up 0', '130 t.down 1', '300 t.down 0'),
        );
    }

    public function test_it_opens_at_once_and_before_the_other_closes(): void
    {
        $this->assertSame(
            ['0 button 2 1', '50 button 2 0', '50 button 1 1'],
            self::desk()->play('0 t.up 0', '50 t.up 1'),
        );
    }

    public function test_another_one_that_is_still_closed_keeps_it_open(): void
    {
        $this->assertSame(
            ['0 button 1 1', '10 button 3 1', '20 button 1 0', '30 button 3 0', '70 button 2 1'],
            self::desk()->play('0 t.up 1', '10 t.down 1', '20 t.up 0', '30 t.down 0'),
        );
    }

    public function test_a_device_that_goes_opens_the_middle_and_the_opposites_and_finds_them_when_back(): void
    {
        $desk = self::desk()->cell('base', 's.down', 'follow', ['kind' => 'button', 'number' => 4]);
        $live = new Live($desk->program(), $desk->assembled(), new LiveState);
        $live->begin();
        $this->assertSame(['0.001 button 2 0', '0.001 button 4 0'], self::sorted($live->unplug('d')->outputs));
        $picture = new LivePicture($desk->program(), $desk->assembled(), $live->state);
        $this->assertSame([], $picture->closed());
        $this->assertSame(['0.001 button 2 1', '0.001 button 4 1'], self::sorted($live->plugIn('d')->outputs));
        $this->assertSame(
            ['d/s.down', 'd/t.middle'],
            (new LivePicture($desk->program(), $desk->assembled(), $live->state))->closed(),
        );
        $this->assertSame([], $live->plugIn('d')->outputs);
    }

    /**
     * @param list<\Nailrod\Core\Mapping\Output\OutputEvent> $events
     *
     * @return list<string>
     */
    private static function sorted(array $events): array
    {
        $rows = Desk::rows($events);
        sort($rows);

        return $rows;
    }
}
